<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

/** The faces of a part. */
enum Face: string
{
    case Outside = 'outside';
    case Inside = 'inside';
    case Rim = 'rim';
    case Top = 'top';
    case Foot = 'foot';
    case Bore = 'bore';

    /** @return list<string> */
    public static function names(): array
    {
        return array_column(self::cases(), 'value');
    }
}
