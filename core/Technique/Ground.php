<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

/** The band that a technique is used on, as far as minutes follow from it. */
final readonly class Ground
{
    /** @param  float|null  $hardnessN  Janka; null where no figure is known */
    public function __construct(public float $areaMm2, public ?float $hardnessN)
    {
    }
}
