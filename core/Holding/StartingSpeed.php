<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

use HonestGrain\Calibration\SpeedFigures;
use HonestGrain\Lathework\Speed;
use HonestGrain\Words\Said;

/**
 * How fast to start wood on the lathe, and how fast to turn it once it runs true.
 *
 * Physics (rim speed, v = πDn/60 000) with workshop caps: by how it is held, by what may fly, by weight, by the lathe.
 */
final readonly class StartingSpeed
{
    /** @param  list<Said>  $because  what holds the start down, the closest first */
    private function __construct(public Speed $start, public Speed $work, public array $because)
    {
    }

    /**
     * @param  bool  $isTrue  whether it runs true already
     */
    public static function of(
        SpeedFigures $figures,
        Equipment $equipment,
        Mount $mount,
        float $diameterMm,
        ?float $massG,
        bool $isTrue,
        RimState $rim,
    ): self {
        $work = $rim->speed($figures, $diameterMm)->under(
            ...$equipment->speeds($figures, $mount, $diameterMm, $isTrue),
        );
        $isHeavy = $massG !== null && $massG > 1000 * $figures->heavyKg;
        $because = [$work->binds];
        if (! $isTrue) {
            $because[] = new Said('holding.starting-speed.does-not-run-true');
        }
        if ($isHeavy) {
            $because[] = new Said('holding.starting-speed.its-weight');
        }

        return new self($isTrue ? $work : $work->untilTrue(
            $figures->startShare * ($isHeavy ? $figures->heavyShare : 1.0),
        ), $work, $because);
    }
}
