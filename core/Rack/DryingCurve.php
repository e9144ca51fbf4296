<?php

declare(strict_types=1);

namespace HonestGrain\Rack;

/**
 * Loss of weight towards a plateau: m(t) = m∞ + A·e^(−kt), t in days from the first weighing.
 *
 * Workshop model: one exponential, as drying by diffusion goes once the free water is out.
 */
final readonly class DryingCurve
{
    private const DAY = 86_400;

    /** @param  int  $from  second (UTC) of the first weighing */
    public function __construct(
        public int $from,
        public float $plateauG,
        public float $excessG,
        public float $ratePerDay,
    ) {
    }

    public function massG(int $at): float
    {
        return $this->plateauG + $this->excessG * exp(-$this->ratePerDay * $this->days($at));
    }

    /** Percent of its weight that it loses in a week from then. */
    public function lossPercentAWeek(int $at): float
    {
        $mass = $this->massG($at);

        return 700 * $this->ratePerDay * ($mass - $this->plateauG) / $mass;
    }

    /**
     * Days from the first weighing until its moisture is within $points of the air's equilibrium and its loss below
     * $lossPercentAWeek.
     */
    public function readyAfterDays(float $emcPercent, float $points, float $lossPercentAWeek): float
    {
        $near = $this->plateauG * $points / (100 + $emcPercent);
        $share = $lossPercentAWeek / 700;
        $still = $this->ratePerDay > $share ? $share * $this->plateauG / ($this->ratePerDay - $share) : INF;

        return max(0.0, log($this->excessG / min($near, $still)) / $this->ratePerDay);
    }

    public function second(float $days): int
    {
        return $this->from + (int) round($days * self::DAY);
    }

    public function days(int $at): float
    {
        return ($at - $this->from) / self::DAY;
    }
}
