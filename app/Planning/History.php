<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\LogEntry;
use App\Models\Piece;
use App\Models\Workshop;

/** What was done and skipped on one piece and has not been taken back. */
final readonly class History
{
    /**
     * @param  array<string, int>  $done  step => second (UTC)
     * @param  array<string, true>  $skipped
     */
    private function __construct(public array $done, public array $skipped)
    {
    }

    public static function none(): self
    {
        return new self([], []);
    }

    public static function of(Piece $piece): self
    {
        return self::read($piece->workshop, [$piece->id])[$piece->id] ?? self::none();
    }

    /** @return array<int, self> by piece in work */
    public static function inWork(Workshop $workshop): array
    {
        return self::read($workshop, $workshop->pieces()->working()->pluck('id')->all());
    }

    /** @return list<string> what was done, the earliest first */
    public function inOrder(): array
    {
        $done = $this->done;
        uksort($done, fn (string $a, string $b): int => [$this->done[$a], $a] <=> [$this->done[$b], $b]);

        return array_keys($done);
    }

    public function settles(string $step): bool
    {
        return isset($this->done[$step]) || isset($this->skipped[$step]);
    }

    /** When the last of these steps was done; null where none was. */
    public function lastOf(string ...$steps): ?int
    {
        $seconds = array_intersect_key($this->done, array_flip($steps));

        return $seconds === [] ? null : max($seconds);
    }

    /**
     * @param  list<int>  $pieces
     * @return array<int, self>
     */
    private static function read(Workshop $workshop, array $pieces): array
    {
        $entries = LogEntry::query()->toBase()
            ->where('workshop_id', $workshop->id)->whereIn('piece_id', $pieces)->whereIn('kind', ['done', 'skip'])
            ->whereNotExists(
                fn ($query) => $query->from('log_entries as undo')->whereColumn('undo.undoes_id', 'log_entries.id'),
            )
            ->get(['piece_id', 'step', 'kind', 'happened_at']);
        $done = $skipped = [];
        foreach ($entries as $entry) {
            if ($entry->kind === 'done') {
                $done[(int) $entry->piece_id][(string) $entry->step] = (int) strtotime($entry->happened_at.' UTC');
            } else {
                $skipped[(int) $entry->piece_id][(string) $entry->step] = true;
            }
        }
        $histories = [];
        foreach ($pieces as $piece) {
            $histories[$piece] = new self($done[$piece] ?? [], $skipped[$piece] ?? []);
        }

        return $histories;
    }
}
