<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

use HonestGrain\Calibration\SpeedFigures;
use HonestGrain\Wood\RimSpeed;
use HonestGrain\Words\Said;

/**
 * How fast to start wood on the lathe, and how fast to turn it once it runs true.
 *
 * Physics (rim speed, v = πDn/60 000) with workshop caps: by how it is held, by what may fly, by weight, by the lathe.
 */
final readonly class StartingSpeed
{
    /** @param  list<Said>  $because  what holds it down, the closest first */
    private function __construct(public int $startRpm, public int $workRpm, public array $because)
    {
    }

    /**
     * @param  bool  $isTrue  whether it runs true already
     * @param  bool  $mayFly  cracked, bark-edged or glued
     */
    public static function of(
        SpeedFigures $figures,
        Equipment $equipment,
        Mount $mount,
        float $diameterMm,
        ?float $massG,
        bool $isTrue,
        bool $mayFly,
    ): self {
        $caps = array_filter([
            'sound-wood-rim' => RimSpeed::rpmFor($diameterMm, $figures->rimMPerS, INF),
            'flaws-may-fly' => $mayFly ? RimSpeed::rpmFor($diameterMm, $figures->flawedRimMPerS, INF) : null,
            'hold-pressure-alone' => $mount->isSoft()
                ? RimSpeed::rpmFor($diameterMm, $figures->softHoldRimMPerS, INF) : null,
            'what-hold-or-lathe' => $equipment->mostRpm($mount),
        ], fn (?int $rpm): bool => $rpm !== null);
        asort($caps);
        $work = min($caps);
        $isHeavy = $massG !== null && $massG > 1000 * $figures->heavyKg;
        $share = ($isTrue ? 1.0 : $figures->startShare) * ($isHeavy && ! $isTrue ? $figures->heavyShare : 1.0);
        $step = RimSpeed::LATHE_STEP_RPM;
        $because = [new Said('holding.starting-speed.'.array_key_first($caps))];
        if (! $isTrue) {
            $because[] = new Said('holding.starting-speed.does-not-run-true');
        }
        if ($isHeavy) {
            $because[] = new Said('holding.starting-speed.its-weight');
        }

        return new self(
            max((int) ($equipment->lathe->leastRpm ?? $step), (int) (floor($work * $share / $step) * $step)), $work,
            $because,
        );
    }
}
