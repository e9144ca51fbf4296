<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Exception\InvalidField;

/** One surface to be sanded: what is on it now, what is asked of it, and how it will be sanded. */
final readonly class SandingJob
{
    public const DEFAULT_MAX_RATIO = 1.8;

    private function __construct(
        public float $toolMarkUm,
        public float $limitUm,
        public ?float $floorUm,
        public float $areaMm2,
        public float $padMm2,
        public ScratchModel $model,
        public float $maxRatio,
        public float $changeMinutes,
        public float $inspectMinutes,
    ) {
    }

    /**
     * @param  float  $toolMarkUm  depth of the marks the tool left
     * @param  float  $limitUm  the deepest valley that may remain
     * @param  float|null  $floorUm  the last valley may not be finer than this (a dyed ground)
     *
     * @throws InvalidField
     */
    public static function of(
        float $toolMarkUm,
        float $limitUm,
        ?float $floorUm,
        float $areaMm2,
        ScratchModel $model,
        float $padMm2 = 1200.0,
        float $maxRatio = self::DEFAULT_MAX_RATIO,
        float $changeMinutes = 0.5,
        float $inspectMinutes = 0.5,
    ): self {
        foreach (['tool_mark_um' => $toolMarkUm, 'limit_um' => $limitUm, 'area_mm2' => $areaMm2, 'pad_mm2' => $padMm2] as $field => $value) {
            if (! is_finite($value) || $value <= 0) {
                throw InvalidField::because($field, $value, 'it must be above zero');
            }
        }
        if ($floorUm !== null && $floorUm > $limitUm) {
            throw InvalidField::because('floor_um', $floorUm, "it must not be above limit_um, $limitUm");
        }
        if (! is_finite($maxRatio) || $maxRatio <= 1) {
            throw InvalidField::range('max_ratio', $maxRatio, 1.01, 20);
        }

        return new self($toolMarkUm, $limitUm, $floorUm, $areaMm2, $padMm2, $model, $maxRatio, $changeMinutes, $inspectMinutes);
    }

    public function withToolMark(float $toolMarkUm): self
    {
        return new self($toolMarkUm, $this->limitUm, $this->floorUm, $this->areaMm2, $this->padMm2, $this->model, $this->maxRatio, $this->changeMinutes, $this->inspectMinutes);
    }

    /** Whether this grit may be the last one used. */
    public function mayEndOn(Grit $grit): bool
    {
        $valley = $this->model->valleyUm($grit);

        return $valley <= $this->limitUm + 1e-9 && ($this->floorUm === null || $valley >= $this->floorUm - 1e-9);
    }

    public function mayFollow(Grit $before, Grit $after): bool
    {
        return $before->micron > $after->micron && $before->micron / $after->micron <= $this->maxRatio + 1e-9;
    }

    /**
     * One grit over the whole surface, from the marks left before it.
     *
     * Workshop model: through-pad removal U = 1.25·max(0, h_before − h(d))·A/A_pad; minutes U/r(d);
     * a disc wears out after 20·d µm of it; changing and inspecting are added.
     */
    public function step(Grit $grit, ?Grit $before): SandingStep
    {
        $from = $before === null ? $this->toolMarkUm : $this->model->valleyUm($before);
        $to = $this->model->valleyUm($grit);
        $removalUm = SandingStep::OVERLAP * max(0.0, $from - $to) * $this->areaMm2 / $this->padMm2;
        $discs = max(1, (int) ceil($removalUm / (SandingStep::DISC_LIFE_GRAINS * $grit->micron) - 1e-9));
        $minutes = $removalUm / $this->model->cutUmPerMinute($grit) + $this->changeMinutes * $discs + $this->inspectMinutes;

        return new SandingStep($grit, $from, $to, $removalUm, $minutes, $discs);
    }
}
