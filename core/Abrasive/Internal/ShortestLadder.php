<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive\Internal;

use HonestGrain\Abrasive\AbrasiveTable;
use HonestGrain\Abrasive\Exception\Unreachable;
use HonestGrain\Abrasive\Grit;
use HonestGrain\Abrasive\SandingJob;

/**
 * The least minutes to each of a list of grits, by sound steps only: a shortest path along the list.
 *
 * @internal
 */
final readonly class ShortestLadder
{
    /**
     * @param  list<Grit>  $grits  in the order in which they may follow each other
     * @param  array<int, array{float, int}>  $best  minutes and steps to each grit that can be reached
     * @param  array<int, int|null>  $from
     */
    private function __construct(
        private SandingJob $job,
        private array $grits,
        private array $best,
        private array $from,
    ) {
    }

    /** @param  list<Grit>  $available  in any order */
    public static function over(SandingJob $job, array $available): self
    {
        usort($available, fn (Grit $a, Grit $b): int => [$b->micron, $a->name] <=> [$a->micron, $b->name]);

        return self::along($job, $available, $available[0]->micron ?? 0.0);
    }

    /**
     * @param  list<Grit>  $grits  in the order in which they are used
     * @param  float  $coarsestMicron  size of the coarsest grit at hand
     */
    public static function along(SandingJob $job, array $grits, float $coarsestMicron): self
    {
        $best = $from = [];
        foreach ($grits as $i => $grit) {
            if ($job->mayStartOn($grit, $coarsestMicron)) {
                [$best[$i], $from[$i]] = [[$job->step($grit, null)->minutes, 1], null];
            }
            for ($j = 0; $j < $i; $j++) {
                if (! isset($best[$j]) || ! $job->mayFollow($grits[$j], $grit)) {
                    continue;
                }
                $cost = [$best[$j][0] + $job->step($grit, $grits[$j])->minutes, $best[$j][1] + 1];
                if (! isset($best[$i]) || $cost < $best[$i]) {
                    [$best[$i], $from[$i]] = [$cost, $j];
                }
            }
        }

        return new self($job, $grits, $best, $from);
    }

    /**
     * @return list<Grit> the cheapest way to a grit that may be the last
     *
     * @throws Unreachable
     */
    public function grits(AbrasiveTable $table): array
    {
        return $this->cheapest() ?? throw $this->unreachable($table);
    }

    /** @return list<Grit>|null */
    public function cheapest(): ?array
    {
        $end = null;
        foreach ($this->best as $i => $cost) {
            if ($this->job->mayEndOn($this->grits[$i]) && ($end === null || $cost < $this->best[$end])) {
                $end = $i;
            }
        }

        return $end === null ? null : $this->to($end);
    }

    /** @return list<Grit> the cheapest way to the reachable size that is nearest to what is asked */
    public function nearest(): array
    {
        $end = null;
        foreach ($this->best as $i => [$minutes]) {
            $key = [$this->missesBy($this->grits[$i]), $minutes];
            if ($end === null || $key < $end[0]) {
                $end = [$key, $i];
            }
        }

        return $end === null ? [] : $this->to($end[1]);
    }

    /** How far a grit is from what is asked, as a ratio of sizes on a log scale. */
    private function missesBy(Grit $grit): float
    {
        $valley = $this->job->model->valleyUm($grit);
        $tooCoarse = log($valley / $this->job->limitUm);
        $tooFine = $this->job->floorUm === null || $this->job->floorUm <= 0 ? 0.0 : log($this->job->floorUm / $valley);

        return max(0.0, $tooCoarse, $tooFine);
    }

    /** @return list<Grit> */
    private function to(int $end): array
    {
        $path = [];
        for ($i = $end; $i !== null; $i = $this->from[$i]) {
            array_unshift($path, $this->grits[$i]);
        }

        return $path;
    }

    private function unreachable(AbrasiveTable $table): Unreachable
    {
        $model = $this->job->model;
        $coarsest = $model->micronFor($this->job->limitUm);
        $finest = $this->job->floorUm === null ? 0.0 : $model->micronFor($this->job->floorUm);
        foreach ($this->grits as $grit) {
            if ($this->job->mayEndOn($grit)) {
                return $this->gap($table);
            }
        }

        return Unreachable::missing(
            'available', $finest, $coarsest, $table->coarsestUpTo($coarsest + 1e-9), $table->finestFrom($coarsest),
        );
    }

    /** There is a grit to end on, but a hole in the sizes before it. */
    private function gap(AbrasiveTable $table): Unreachable
    {
        $reached = $this->grits[max([0, ...array_keys($this->best)])];
        $next = null;
        foreach ($this->grits as $grit) {
            if ($grit->micron < $reached->micron) {
                $next ??= $grit;
            }
        }
        $coarsest = $next === null ? $reached->micron : $next->micron * $this->job->rates->maxRatio;
        $finest = $reached->micron / $this->job->rates->maxRatio;

        return Unreachable::gap(
            field: 'available', reached: $reached, next: $next, finestMicron: $finest, coarsestMicron: $coarsest,
            suggested: $table->finestFrom($finest - 1e-9),
        );
    }
}
