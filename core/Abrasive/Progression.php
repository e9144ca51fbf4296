<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Abrasive\Exception\Unreachable;
use HonestGrain\Abrasive\Internal\ShortestLadder;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** A grit progression for one surface: the exact least-minutes one, or the maker's own, priced alike. */
final readonly class Progression
{
    /**
     * @param  list<SandingStep>  $steps
     * @param  list<ProgressionFault>  $faults
     * @param  list<Said>  $warnings
     */
    private function __construct(
        public array $steps,
        public float $totalMinutes,
        public float $alongGrainMinutes,
        public array $faults,
        public array $warnings,
    ) {
    }

    /**
     * The subset of the available grits with the least total minutes, coarse to fine: the first may start
     * on the tool marks, no size ratio is above the job's and the last is within its limits. Exact: a
     * shortest path over sizes.
     *
     * @param  list<Grit>  $available
     *
     * @throws Unreachable when no available grit may be the last one, or none leads to it
     */
    public static function shortest(SandingJob $job, array $available, AbrasiveTable $table): self
    {
        return self::priced($job, ShortestLadder::over($job, $available)->grits($table), [], $available);
    }

    /**
     * As far as these grits go by sound steps, where none may be the last: on to the size nearest to what is
     * asked. Null where there is no grit at all.
     *
     * @param  list<Grit>  $available
     */
    public static function asFarAsItGoes(SandingJob $job, array $available): ?self
    {
        $grits = ShortestLadder::over($job, $available)->nearest();

        return $grits === [] ? null : self::priced($job, $grits, [], $available);
    }

    /**
     * The maker's own progression with the same model, and each faulty step named in words.
     *
     * @param  list<Grit>  $grits  in the order they are used
     * @param  list<Grit>  $available  what else is at hand
     */
    public static function own(SandingJob $job, array $grits, array $available = []): self
    {
        $owned = [...$available, ...$grits];

        return self::priced($job, $grits, ProgressionFault::in($job, $grits, $owned), $owned);
    }

    /**
     * When the first grit takes over half of the time: what re-cutting cleanly would save, in minutes, net of the cut
     * itself; null where it is not worth it.
     *
     * @param  list<Grit>  $available
     */
    public function recutSavesMinutes(SandingJob $job, array $available, AbrasiveTable $table): ?float
    {
        return $this->cutSaves($job, $available, $table, $job->model->figures->recutMinutesPer100Cm2);
    }

    /**
     * The same where the fibres are stiffened with thin sealer or CA before they are shear-scraped: on soft wood, which
     * tears again under the tool.
     *
     * @param  list<Grit>  $available
     */
    public function stiffenSavesMinutes(SandingJob $job, array $available, AbrasiveTable $table): ?float
    {
        $figures = $job->model->figures;

        return $this->cutSaves(
            $job, $available, $table, $figures->recutMinutesPer100Cm2 + $figures->stiffenMinutesPer100Cm2,
        );
    }

    /** @param  list<Grit>  $available */
    private function cutSaves(SandingJob $job, array $available, AbrasiveTable $table, float $minutesPer100Cm2): ?float
    {
        $first = $this->steps[0] ?? null;
        $cleanUm = $job->model->figures->cleanCutUm;
        if ($first === null || $first->minutes <= $this->totalMinutes / 2 || $job->deepestUm() <= $cleanUm) {
            return null;
        }
        $clean = self::shortest($job->withToolMark($cleanUm), $available, $table)->totalMinutes;
        $saved = $this->totalMinutes - $clean - $minutesPer100Cm2 * $job->areaMm2 / 10_000;

        return $saved > $job->model->figures->recutWorthMinutes ? $saved : null;
    }

    /** @param  list<Grit>  $grits */
    public static function minutes(SandingJob $job, array $grits): float
    {
        return self::priced($job, $grits, [], $grits)->totalMinutes;
    }

    /**
     * @param  list<Grit>  $grits
     * @param  list<ProgressionFault>  $faults
     * @param  list<Grit>  $owned
     */
    private static function priced(SandingJob $job, array $grits, array $faults, array $owned): self
    {
        $steps = $warnings = [];
        $before = null;
        foreach ($grits as $grit) {
            $steps[] = $job->step($grit, $before);
            $before = $grit;
        }
        $along = $steps === [] ? 0.0 : $job->alongGrainMinutes();
        $coarsest = max([0.0, ...array_map(fn (Grit $grit): float => $grit->micron, $owned)]);
        if ($steps !== [] && $job->rates->coarseStart && ! $job->reachesTheMarks($grits[0])
            && $job->mayStartOn($grits[0], $coarsest)) {
            $warnings[] = new Said('abrasive.progression.tool-marks-deep-coarsest', [
                'deepest' => Quantity::um($job->deepestUm()),
                'name' => $grits[0]->name,
                'micron' => Quantity::um($grits[0]->micron),
            ]);
        }
        $minutes = array_sum(array_map(fn (SandingStep $step): float => $step->minutes, $steps));

        return new self($steps, $minutes + $along, $along, $faults, $warnings);
    }

    public function discs(): int
    {
        return array_sum(array_map(fn (SandingStep $step): int => $step->discs, $this->steps));
    }

    public function last(): ?Grit
    {
        return $this->steps === [] ? null : $this->steps[count($this->steps) - 1]->grit;
    }

    /** @return list<string> */
    public function gritNames(): array
    {
        return array_map(fn (SandingStep $step): string => $step->grit->name, $this->steps);
    }

    /** @return array{steps: list<array<string, mixed>>, total_minutes: float, along_grain_minutes: float} */
    public function toArray(): array
    {
        return [
            'steps' => array_map(fn (SandingStep $step): array => $step->toArray(), $this->steps),
            'total_minutes' => round($this->totalMinutes, 4),
            'along_grain_minutes' => round($this->alongGrainMinutes, 4),
        ];
    }
}
