<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

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

    public function label(): string
    {
        return match ($this) {
            self::Fepa => 'P scale',
            self::Cami => 'US scale',
            self::None => 'no scale',
        };
    }

    public function describe(): string
    {
        return match ($this) {
            self::Fepa => 'P scale (FEPA 43 / ISO 6344)',
            self::Cami => 'US scale (CAMI, ANSI B74)',
            self::None => 'by the look of its scratch (workshop)',
        };
    }
}
