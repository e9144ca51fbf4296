<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Abrasive\Exception\Unreachable;

/** A grit progression for one surface: the exact least-minutes one, or the maker's own, priced alike. */
final readonly class Progression
{
    /** Depth of the marks a clean shear cut leaves (workshop). */
    public const CLEAN_CUT_UM = 25.0;

    /**
     * @param  list<SandingStep>  $steps
     * @param  list<ProgressionFault>  $faults
     */
    private function __construct(public array $steps, public float $totalMinutes, public array $faults)
    {
    }

    /**
     * The subset of the available grits with the least total minutes, coarse to fine, with no size
     * ratio above the job's and a last grit within its limits. Exact: a shortest path over sizes.
     *
     * @param  list<Grit>  $available
     *
     * @throws Unreachable when no available grit may be the last one
     */
    public static function shortest(SandingJob $job, array $available, AbrasiveTable $table): self
    {
        usort($available, fn (Grit $a, Grit $b): int => [$b->micron, $a->name] <=> [$a->micron, $b->name]);
        $best = [];
        $from = [];
        foreach ($available as $i => $grit) {
            $best[$i] = [$job->step($grit, null)->minutes, 1];
            $from[$i] = null;
            for ($j = 0; $j < $i; $j++) {
                if (! $job->mayFollow($available[$j], $grit)) {
                    continue;
                }
                $cost = [$best[$j][0] + $job->step($grit, $available[$j])->minutes, $best[$j][1] + 1];
                if ($cost < $best[$i]) {
                    $best[$i] = $cost;
                    $from[$i] = $j;
                }
            }
        }
        $end = null;
        foreach ($available as $i => $grit) {
            if ($job->mayEndOn($grit) && ($end === null || $best[$i] < $best[$end])) {
                $end = $i;
            }
        }
        if ($end === null) {
            $coarsest = $job->model->micronFor($job->limitUm);
            throw Unreachable::missing('available', $job->floorUm === null ? 0.0 : $job->model->micronFor($job->floorUm), $coarsest, $table->coarsestUpTo($coarsest + 1e-9));
        }
        $path = [];
        for ($i = $end; $i !== null; $i = $from[$i]) {
            array_unshift($path, $available[$i]);
        }

        return self::priced($job, $path, []);
    }

    /**
     * The maker's own progression with the same model, and each faulty step named in words.
     *
     * @param  list<Grit>  $grits  in the order they are used
     */
    public static function own(SandingJob $job, array $grits): self
    {
        return self::priced($job, $grits, ProgressionFault::in($job, $grits));
    }

    /**
     * When the first grit takes over half of the time: what re-cutting cleanly would save, in minutes.
     *
     * @param  list<Grit>  $available
     */
    public function recutSavesMinutes(SandingJob $job, array $available, AbrasiveTable $table): ?float
    {
        if ($this->steps === [] || $this->steps[0]->minutes <= $this->totalMinutes / 2 || $job->toolMarkUm <= self::CLEAN_CUT_UM) {
            return null;
        }
        $saved = $this->totalMinutes - self::shortest($job->withToolMark(self::CLEAN_CUT_UM), $available, $table)->totalMinutes;

        return $saved > 0.5 ? $saved : null;
    }

    /** @param  list<Grit>  $grits */
    public static function minutes(SandingJob $job, array $grits): float
    {
        return self::priced($job, $grits, [])->totalMinutes;
    }

    /**
     * @param  list<Grit>  $grits
     * @param  list<ProgressionFault>  $faults
     */
    private static function priced(SandingJob $job, array $grits, array $faults): self
    {
        $steps = [];
        $before = null;
        foreach ($grits as $grit) {
            $steps[] = $job->step($grit, $before);
            $before = $grit;
        }

        return new self($steps, array_sum(array_map(fn (SandingStep $step): float => $step->minutes, $steps)), $faults);
    }

    public function discs(): int
    {
        return array_sum(array_map(fn (SandingStep $step): int => $step->discs, $this->steps));
    }

    /** @return list<string> */
    public function gritNames(): array
    {
        return array_map(fn (SandingStep $step): string => $step->grit->name, $this->steps);
    }

    /** @return array{steps: list<array<string, mixed>>, total_minutes: float} */
    public function toArray(): array
    {
        return ['steps' => array_map(fn (SandingStep $step): array => $step->toArray(), $this->steps), 'total_minutes' => round($this->totalMinutes, 4)];
    }
}
