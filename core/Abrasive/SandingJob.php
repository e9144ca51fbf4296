<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Reading\Copy;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** One surface to be sanded: what is on it now, what is asked of it, and how it will be sanded. */
final readonly class SandingJob
{
    private function __construct(
        public float $toolMarkUm,
        public float $limitUm,
        public ?float $floorUm,
        public float $areaMm2,
        public ScratchModel $model,
        public SandingRates $rates,
        private float $tornUm = 0.0,
        private float $tornShare = 0.0,
    ) {
    }

    /**
     * @param  float  $toolMarkUm  depth of the marks the tool left
     * @param  float  $limitUm  the deepest valley that may remain
     * @param  float|null  $floorUm  the last valley may not be finer than this (a dyed ground)
     * @param  string  $path  where its fields stand in the document it comes from
     *
     * @throws InvalidField
     */
    public static function of(
        float $toolMarkUm,
        float $limitUm,
        ?float $floorUm,
        float $areaMm2,
        ScratchModel $model,
        ?SandingRates $rates = null,
        string $path = '',
    ): self {
        $at = $path === '' ? '' : "$path.";
        foreach (['tool_mark_um' => $toolMarkUm, 'limit_um' => $limitUm, 'area_mm2' => $areaMm2] as $field => $value) {
            if (! is_finite($value) || $value <= 0) {
                throw InvalidField::because($at.$field, $value, new Said('abrasive.sanding-job.must-above-zero'));
            }
        }
        if ($floorUm !== null && ! ($floorUm >= 0 && $floorUm <= $limitUm)) {
            throw InvalidField::because("{$at}floor_um", $floorUm,
                new Said('abrasive.sanding-job.must-not-above-limit', [
                    'limit' => Quantity::number($limitUm),
                ]));
        }

        return new self(
            toolMarkUm: $toolMarkUm, limitUm: $limitUm, floorUm: $floorUm, areaMm2: $areaMm2, model: $model,
            rates: $rates ?? SandingRates::of($model->figures),
        );
    }

    public function withToolMark(float $toolMarkUm): self
    {
        return Copy::with($this, ['toolMarkUm' => $toolMarkUm, 'tornUm' => 0.0, 'tornShare' => 0.0]);
    }

    /** The same with another end asked, and no floor. */
    public function endingAt(float $limitUm): self
    {
        return Copy::with($this, ['limitUm' => $limitUm, 'floorUm' => null]);
    }

    /**
     * The same surface where a share of it is torn deeper, and all of it is sanded alike.
     *
     * @param  float  $share  of its area
     */
    public function torn(float $tornUm, float $share): self
    {
        return Copy::with($this, ['tornUm' => $tornUm, 'tornShare' => $share]);
    }

    /** So much of it, by itself. */
    public function part(float $share, ?float $toolMarkUm = null): self
    {
        return Copy::with($this, [
            'toolMarkUm' => $toolMarkUm ?? $this->toolMarkUm, 'areaMm2' => $this->areaMm2 * $share, 'tornUm' => 0.0,
            'tornShare' => 0.0,
        ]);
    }

    /** How deep its deepest tool marks are, µm. */
    public function deepestUm(): float
    {
        return $this->tornShare > 0 ? max($this->tornUm, $this->toolMarkUm) : $this->toolMarkUm;
    }

    public function isWithinLimit(Grit $grit): bool
    {
        return $this->model->valleyUm($grit) <= $this->limitUm + 1e-9;
    }

    public function isAboveFloor(Grit $grit): bool
    {
        return $this->floorUm === null || $this->model->valleyUm($grit) >= $this->floorUm - 1e-9;
    }

    /** Whether this grit may be the last one used. */
    public function mayEndOn(Grit $grit): bool
    {
        return $this->isWithinLimit($grit) && $this->isAboveFloor($grit);
    }

    public function mayFollow(Grit $before, Grit $after): bool
    {
        return $before->micron > $after->micron
            && $before->micron / $after->startsAtMicron <= $this->rates->maxRatio + 1e-9;
    }

    /**
     * Whether this grit may be the first: its grain is at least as large as the tool marks are deep, or none
     * at hand is coarser. A finer one polishes the crests and leaves the bottoms (workshop).
     *
     * @param  float  $coarsestMicron  size of the coarsest grit at hand
     */
    public function mayStartOn(Grit $grit, float $coarsestMicron): bool
    {
        return ! $this->rates->coarseStart || $this->reachesTheMarks($grit) || $grit->micron >= $coarsestMicron;
    }

    /** Whether its grain is as large as the tool marks are deep. */
    public function reachesTheMarks(Grit $grit): bool
    {
        return $grit->startsAtMicron >= $this->deepestUm() - 1e-9;
    }

    /**
     * Through-pad removal from the valleys left before, µm.
     *
     * Workshop model: U = 1.25·max(0, h_before − h(d))·A/A_pad.
     */
    public function removalUm(Grit $grit, ?Grit $before): float
    {
        $valley = $this->model->valleyUm($grit);
        $deep = $before !== null ? max(0.0, $this->model->valleyUm($before) - $valley)
            : (1 - $this->tornShare) * max(0.0, $this->toolMarkUm - $valley)
                + $this->tornShare * max(0.0, $this->tornUm - $valley);

        return $this->model->figures->overlap * $deep * $this->areaMm2 / $this->rates->padMm2;
    }

    /** Minutes to abrade so much, and never less than one pass everywhere takes. */
    public function abradingMinutes(Grit $grit, float $removalUm): float
    {
        return $grit->minutesPer100Cm2 !== null ? $grit->minutesPer100Cm2 * $this->areaMm2 / 10_000
            : max($removalUm / $this->model->cutUmPerMinute($grit), $this->rates->coverMinutes($this->areaMm2));
    }

    /**
     * One grit over the whole surface, from the marks left before it.
     *
     * Workshop model: minutes max(U/r(d), A·cover) + change·discs + look; a disc wears out after 20·d µm.
     */
    public function step(Grit $grit, ?Grit $before): SandingStep
    {
        $from = $before === null ? $this->deepestUm() : $this->model->valleyUm($before);
        $removalUm = $this->removalUm($grit, $before);
        $discs = $grit->minutesPer100Cm2 !== null ? 1 : $this->rates->discs($removalUm, $grit);
        $minutes = $this->abradingMinutes($grit, $removalUm)
            + $this->rates->changeMinutes * $discs + $this->rates->inspectMinutes;

        return new SandingStep(
            grit: $grit, fromUm: $from, scratchUm: $this->model->valleyUm($grit), removalUm: $removalUm,
            minutes: $minutes, discs: $discs,
        );
    }

    /** What the last grit costs more, taken once again along the grain with the lathe stopped. */
    public function alongGrainMinutes(): float
    {
        return $this->rates->alongGrainMinutes($this->areaMm2);
    }
}
