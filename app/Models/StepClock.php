<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonInterface;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/** The clock of one step: since when it runs, and what it ran before it was last stopped. */
final readonly class StepClock
{
    /** A clock that has run longer was left running. */
    private const LONGEST_HOURS = 10;

    private function __construct(public ?Carbon $since, private float $minutesBefore)
    {
    }

    /** The clock of a step as it stands. */
    public static function of(PlannedStep $step): self
    {
        return self::after(
            LogEntry::query()->where(['piece_id' => $step->piece_id, 'step' => $step->step])
                ->whereNotIn('kind', EntryKind::besides())->orderBy('id')->get(['kind', 'happened_at']),
        );
    }

    /** @return array<string, self> those that run in a shop now, by piece and step with a blank between */
    public static function running(Workshop $workshop): array
    {
        $started = $workshop->logEntries()->where('kind', EntryKind::Started)
            ->where('happened_at', '>', now()->subHours(self::LONGEST_HOURS))->get(['piece_id', 'step'])
            ->unique(fn (LogEntry $entry): string => "$entry->piece_id $entry->step");
        if ($started->isEmpty()) {
            return [];
        }
        $clocks = $workshop->logEntries()->whereIn('piece_id', $started->pluck('piece_id')->unique())
            ->whereIn('step', $started->pluck('step')->unique())
            ->whereNotIn('kind', EntryKind::besides())->orderBy('id')
            ->get(['piece_id', 'step', 'kind', 'happened_at'])
            ->groupBy(fn (LogEntry $entry): string => "$entry->piece_id $entry->step")->map(self::after(...));

        return $clocks->filter(fn (self $clock): bool => $clock->since !== null)->all();
    }

    /** @param  Collection<int, LogEntry>  $entries  of one step, in the order in which they were written */
    private static function after(Collection $entries): self
    {
        $since = null;
        $before = 0.0;
        foreach ($entries as $entry) {
            if ($entry->kind === EntryKind::Started) {
                $since ??= $entry->happened_at;
            } elseif ($entry->kind === EntryKind::Stopped) {
                $before += $since === null ? 0.0 : max(0.0, $since->diffInSeconds($entry->happened_at) / 60);
                $since = null;
            } else {
                [$since, $before] = [null, 0.0];
            }
        }
        $isForgotten = $since?->lte(now()->subHours(self::LONGEST_HOURS)) === true;

        return new self($isForgotten ? null : $since, $before);
    }

    /** What it shows at a moment; null where it never ran. */
    public function minutesAt(CarbonInterface $at): ?float
    {
        $running = $this->since?->lte($at) === true ? $this->since->diffInSeconds($at) / 60 : 0.0;
        $minutes = $this->minutesBefore + $running;

        return $minutes > 0 ? round($minutes, 1) : null;
    }

    /** The second since which it would have run without a stop; null while it stands. */
    public function countsFrom(): ?int
    {
        return $this->since === null ? null : $this->since->getTimestamp() - (int) round(60 * $this->minutesBefore);
    }
}
