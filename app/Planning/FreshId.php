<?php

declare(strict_types=1);

namespace App\Planning;

use Illuminate\Support\Str;

/** An id that no layer, mark, flaw or part of a piece ever had, so that what was logged stays what it was. */
final class FreshId
{
    private const LENGTH = 7;

    public static function of(string $kind): string
    {
        return $kind.'-'.Str::lower(Str::random(self::LENGTH));
    }
}
