<?php

declare(strict_types=1);

namespace App\Figures;

use HonestGrain\Route\StepKind;
use Illuminate\Support\Carbon;

/** One day of a piece: what hands do on it, and for how long. */
final readonly class ForeseenDay
{
    /** @param  list<StepKind>  $kinds  each once, in order */
    public function __construct(public Carbon $day, public array $kinds, public float $minutes)
    {
    }
}
