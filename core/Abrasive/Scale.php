<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

/** The standard that a grade number belongs to: the same number is a different size in each. */
enum Scale: string
{
    case Fepa = 'FEPA';
    case Cami = 'CAMI';

    public function label(): string
    {
        return $this === self::Fepa ? 'P scale' : 'US scale';
    }

    public function describe(): string
    {
        return $this === self::Fepa ? 'P scale (FEPA 43 / ISO 6344)' : 'US scale (CAMI, ANSI B74)';
    }
}
