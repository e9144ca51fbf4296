<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\EntryKind;
use App\Models\Kept\SaidCast;
use App\Models\Kept\Texts;
use App\Models\LogEntry;
use App\Models\Piece;
use App\Models\Workshop;
use HonestGrain\Geometry\Face;
use HonestGrain\Mending\Logged;
use HonestGrain\Route\Behind;
use HonestGrain\Route\DoneWork;
use HonestGrain\Route\Past;

/** What was done and skipped on one piece and has not been taken back. */
final readonly class History
{
    /**
     * @param  array<string, int>  $done  step => second (UTC)
     * @param  array<string, true>  $skipped
     * @param  array<string, DoneWork>  $work  what a step was
     * @param  array<string, int>  $again  step that is to be done again => when it was done, second (UTC)
     * @param  array<string, float>  $minutes  step => as long as it took, where that was logged
     * @param  array<string, int>  $later  step => seconds by which the waits behind it are longer
     */
    private function __construct(
        public array $done,
        public array $skipped,
        public array $again = [],
        public array $work = [],
        private array $minutes = [],
        private array $later = [],
    ) {
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
        $pieces = $workshop->pieces()->working()->pluck('id')->map(intval(...));

        return self::read($workshop, array_values($pieces->all()));
    }

    /** @return list<string> what was done, the earliest first, with what is to be done again */
    public function inOrder(): array
    {
        $done = $this->done + $this->again;
        uksort($done, fn (string $a, string $b): int => [$done[$a], $a] <=> [$done[$b], $b]);

        return array_keys($done);
    }

    /** As causes of a fault are looked for in it. */
    public function logged(): Logged
    {
        return new Logged(array_keys($this->skipped), $this->done + $this->again, $this->minutes);
    }

    /** As a route is derived from it. */
    public function past(): Past
    {
        return Past::of($this->inOrder(), array_keys($this->again), $this->work);
    }

    /**
     * The same, these steps open again.
     *
     * @param  list<string>  $steps
     */
    public function again(array $steps): self
    {
        $open = array_flip($steps);

        return new self(
            array_diff_key($this->done, $open), $this->skipped, $this->again + array_intersect_key($this->done, $open),
            $this->work, $this->minutes, $this->later,
        );
    }

    /**
     * The same, these steps never done: what they were done to is replaced.
     *
     * @param  list<string>  $steps
     */
    public function without(array $steps): self
    {
        $gone = array_flip($steps);

        return new self(
            array_diff_key($this->done, $gone), array_diff_key($this->skipped, $gone),
            array_diff_key($this->again, $gone), array_diff_key($this->work, $gone),
            array_diff_key($this->minutes, $gone), array_diff_key($this->later, $gone),
        );
    }

    /** Hours by which the waits behind these steps are longer; null where they are not. */
    public function laterHours(string ...$steps): ?float
    {
        $later = array_intersect_key($this->later, array_flip($steps));

        return $later === [] ? null : max($later) / 3600;
    }

    /** As what is left of a route is worked out. */
    public function behind(?int $dryAt): Behind
    {
        return new Behind($this->done, $this->skipped, $dryAt, $this->later);
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
        $entries = LogEntry::query()->toBase()->from('log_entries')
            ->leftJoin('log_entries as later', 'later.undoes_id', '=', 'log_entries.id')
            ->where('log_entries.workshop_id', $workshop->id)->whereIn('log_entries.piece_id', $pieces)
            ->whereIn('log_entries.kind', [EntryKind::Done, EntryKind::Skipped])
            ->where(fn ($query) => $query->whereNull('later.id')->orWhere('later.kind', EntryKind::Again))
            ->orderBy('log_entries.id')
            ->get([
                'log_entries.piece_id', 'log_entries.step', 'log_entries.kind', 'log_entries.happened_at',
                'later.kind as later', 'log_entries.title', 'log_entries.facts->technique as technique',
                'log_entries.facts->part as part', 'log_entries.facts->zone as zone',
                'log_entries.facts->on as on_faces', 'log_entries.minutes',
                'log_entries.facts->later_hours as later_hours',
            ]);
        $done = $skipped = $again = $work = $minutes = $longer = [];
        foreach ($entries as $entry) {
            [$piece, $step] = [(int) $entry->piece_id, (string) $entry->step];
            $at = (int) strtotime($entry->happened_at.' UTC');
            $kind = EntryKind::from($entry->kind);
            if ($kind === EntryKind::Skipped) {
                $skipped[$piece][$step] = true;
            } elseif ($entry->later === EntryKind::Again->value) {
                $again[$piece][$step] = $at;
            } else {
                $done[$piece][$step] = $at;
            }
            if ($entry->later_hours !== null) {
                $longer[$piece][$step] = (int) round(3600 * (float) $entry->later_hours);
            }
            if ($kind === EntryKind::Done && $entry->minutes !== null) {
                $minutes[$piece][$step] = (float) $entry->minutes;
            }
            if ($kind === EntryKind::Done && $entry->technique !== null) {
                $work[$piece][$step] = new DoneWork(
                    SaidCast::read((string) $entry->title), (string) $entry->technique, (string) $entry->part,
                    Face::in(Texts::of(json_decode((string) $entry->on_faces, true) ?? $entry->zone)),
                );
            }
        }
        $histories = [];
        foreach ($pieces as $piece) {
            $histories[$piece] = new self(
                $done[$piece] ?? [], $skipped[$piece] ?? [],
                array_diff_key($again[$piece] ?? [], $done[$piece] ?? [], $skipped[$piece] ?? []),
                $work[$piece] ?? [], $minutes[$piece] ?? [], $longer[$piece] ?? [],
            );
        }

        return $histories;
    }
}
