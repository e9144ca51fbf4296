<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Abrasive\Internal\JointLadder;
use HonestGrain\Abrasive\Internal\ShortestLadder;
use HonestGrain\Reading\InvalidField;

/**
 * One ladder for several surfaces sanded in one mount, which share the changes of grit: the least total there is.
 *
 * A surface joins at any grit that it may start on, takes every grit from there on, and leaves after the first
 * that is within its limit. Workshop model, exact over (grit, which surfaces have joined).
 */
final readonly class Ladder
{
    public const MAX_SURFACES = 6;

    /**
     * @param  list<Grit>  $grits  coarse to fine
     * @param  array<string, list<Grit>>  $bySurface
     * @param  array<string, float>  $minutesOf  abrading, looking and along the grain, by surface
     * @param  array<string, int>  $discsAt  by name of the grit
     * @param  array<string, array<string, float>>  $minutesAt  abrading and looking, by surface and name of the grit
     */
    private function __construct(
        public array $grits,
        public array $bySurface,
        public array $minutesOf,
        public array $discsAt,
        private array $minutesAt,
        private SandingRates $rates,
    ) {
    }

    /**
     * @param  array<string, SandingJob>  $jobs  by surface, at least one, all with the same rates
     * @param  list<Grit>  $available
     *
     * @throws Exception\Unreachable when one of the surfaces cannot be brought to its limit
     * @throws InvalidField for more surfaces than a mount has
     */
    public static function shared(array $jobs, array $available, AbrasiveTable $table): self
    {
        if ($jobs === [] || count($jobs) > self::MAX_SURFACES) {
            throw InvalidField::range('surfaces', count($jobs), 1, self::MAX_SURFACES);
        }
        foreach ($jobs as $job) {
            ShortestLadder::over($job, $available)->grits($table);
        }
        $surfaces = array_map(strval(...), array_keys($jobs));

        return self::priced($jobs, JointLadder::over(array_values($jobs), $available)->cheapest($surfaces));
    }

    /**
     * @param  non-empty-array<string, SandingJob>  $jobs
     * @param  array<string, list<Grit>>  $bySurface
     */
    private static function priced(array $jobs, array $bySurface): self
    {
        $minutesOf = $minutesAt = $removal = $grits = [];
        foreach ($jobs as $surface => $job) {
            $minutesOf[$surface] = $job->alongGrainMinutes();
            $before = null;
            foreach ($bySurface[$surface] as $grit) {
                $um = $job->removalUm($grit, $before);
                $removal[$grit->name] = ($removal[$grit->name] ?? 0.0) + $um;
                $minutesAt[$surface][$grit->name] = $job->abradingMinutes($grit, $um) + $job->rates->inspectMinutes;
                $minutesOf[$surface] += $minutesAt[$surface][$grit->name];
                $grits[$grit->name] = $before = $grit;
            }
        }
        usort($grits, fn (Grit $a, Grit $b): int => $b->micron <=> $a->micron);
        $rates = $jobs[array_key_first($jobs)]->rates;
        $discs = [];
        foreach ($grits as $grit) {
            $discs[$grit->name] = $rates->discs($removal[$grit->name], $grit);
        }

        return new self(
            grits: $grits, bySurface: $bySurface, minutesOf: $minutesOf, discsAt: $discs, minutesAt: $minutesAt,
            rates: $rates,
        );
    }

    /**
     * @param  list<Grit>  $grits
     * @return list<string>
     */
    private static function names(array $grits): array
    {
        return array_map(fn (Grit $grit): string => $grit->name, $grits);
    }

    public function discs(): int
    {
        return array_sum($this->discsAt);
    }

    public function totalMinutes(): float
    {
        return array_sum($this->minutesOf) + $this->rates->changeMinutes * $this->discs();
    }

    /** A surface's minutes with its part of the changes: each change is shared alike by those that take the grit. */
    public function minutesWithChanges(string $surface): float
    {
        $minutes = $this->minutesOf[$surface];
        foreach ($this->bySurface[$surface] as $grit) {
            $minutes += $this->changes($grit);
        }

        return $minutes;
    }

    /** What one grit takes on a surface, with its part of the changes; none where the surface does not take it. */
    public function minutesAt(string $surface, Grit $grit): float
    {
        $minutes = $this->minutesAt[$surface][$grit->name] ?? null;

        return $minutes === null ? 0.0 : $minutes + $this->changes($grit);
    }

    /** What of its changes falls to each surface that takes a grit. */
    private function changes(Grit $grit): float
    {
        $takers = count(array_filter($this->bySurface, fn (array $grits): bool => in_array($grit, $grits, true)));

        return $this->rates->changeMinutes * $this->discsAt[$grit->name] / $takers;
    }

    /** @return array<string, mixed> the answer of `bin/grain ladder` */
    public function toArray(): array
    {
        $surfaces = [];
        foreach ($this->bySurface as $id => $grits) {
            $minutes = round($this->minutesOf[$id], 4);
            $surfaces[] = ['id' => strval($id), 'grits' => self::names($grits), 'minutes' => $minutes];
        }

        return [
            'grits' => self::names($this->grits),
            'surfaces' => $surfaces,
            'total_minutes' => round($this->totalMinutes(), 4),
            'discs' => $this->discs(),
        ];
    }
}
