<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

use HonestGrain\Words\Said;

/** The faces of a part. */
enum Face: string
{
    case Outside = 'outside';
    case Inside = 'inside';
    case Rim = 'rim';
    case Top = 'top';
    case Foot = 'foot';
    case Bore = 'bore';

    /** Its name within a sentence. */
    public static function said(string $face): Said
    {
        return new Said("geometry.face.$face");
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_column(self::cases(), 'value');
    }
}
