<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Words\Said;

/** The standard that a grade number belongs to: the same number is a different size in each. */
enum Scale: string
{
    case Fepa = 'FEPA';
    case Cami = 'CAMI';

    /** Pads, wool, paste and compound: nobody grades them. */
    case None = 'none';

    /** @return list<self> those with numbers */
    public static function graded(): array
    {
        return [self::Fepa, self::Cami];
    }

    public function label(): Said
    {
        return new Said("abrasive.scales.{$this->value}.label");
    }

    public function describe(): Said
    {
        return new Said("abrasive.scales.{$this->value}.describe");
    }
}
