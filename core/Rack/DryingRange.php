<?php

declare(strict_types=1);

namespace HonestGrain\Rack;

/** Between which ends a date of readiness lies, 95 %. */
final readonly class DryingRange
{
    /**
     * @param  array{float, float}  $days  from the last weighing to readiness
     * @param  array{DryingCurve, DryingCurve}|null  $curves  the fastest and the slowest that agree with the weighings;
     *     null where it is dry already
     */
    public function __construct(public array $days, public ?array $curves = null)
    {
    }
}
