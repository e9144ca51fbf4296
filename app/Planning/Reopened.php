<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\EntryKind;
use App\Models\LogEntry;
use App\Models\Piece;
use Illuminate\Support\Collection;

/**
 * The steps that a change of a piece opened again: closed as they were when the change is taken back, opened once more
 * when it is made again. The log only grows: each of both is written under what was there.
 */
final class Reopened
{
    private const OPENS = [EntryKind::Again, EntryKind::Anew];

    /** Writes again what stood before the change; a step that was done once more meanwhile stays so. */
    public function close(Piece $piece, int $revision): void
    {
        foreach ($this->opened($piece, $revision) as $entry) {
            $was = LogEntry::query()->find($entry->undoes_id);
            if ($was !== null && $this->standing($piece, (string) $entry->step) === null) {
                $piece->workshop->logEntries()->create($was->only([
                    'piece_id', 'user_id', 'kind', 'step', 'title', 'happened_at', 'minutes', 'facts',
                ]) + ['revision' => $revision]);
            }
        }
    }

    public function open(Piece $piece, int $revision): void
    {
        foreach ($this->opened($piece, $revision) as $entry) {
            $stands = $this->standing($piece, (string) $entry->step);
            if ($stands !== null && $stands->revision === $revision) {
                $piece->workshop->logEntries()->create($entry->only([
                    'piece_id', 'user_id', 'kind', 'step', 'title', 'revision',
                ]) + ['happened_at' => now(), 'undoes_id' => $stands->id]);
            }
        }
    }

    /** @return Collection<string, LogEntry> the last of each step, by the step */
    private function opened(Piece $piece, int $revision): Collection
    {
        return $piece->logEntries()->where('revision', $revision)->whereIn('kind', self::OPENS)
            ->orderBy('id')->get()->keyBy(fn (LogEntry $entry): string => (string) $entry->step);
    }

    /** What says now that a step was done or skipped; null where it is open. */
    private function standing(Piece $piece, string $step): ?LogEntry
    {
        return $piece->logEntries()->where('step', $step)->whereIn('kind', [EntryKind::Done, EntryKind::Skipped])
            ->whereNotIn('id', $piece->logEntries()->whereNotNull('undoes_id')->select('undoes_id'))
            ->latest('id')->first();
    }
}
