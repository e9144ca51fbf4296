<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Words\Said;
use HonestGrain\Words\Sentences;

/** What the core says, in English and in metric units. */
final class Told
{
    private static ?Sentences $words = null;

    public static function of(Said|string|null $said): string
    {
        return $said === null ? '' : self::words()->told($said);
    }

    /**
     * @param  list<Said|string>  $said
     * @return list<string>
     */
    public static function each(array $said): array
    {
        return self::words()->all($said);
    }

    /** @param  list<Said|string>  $said */
    public static function all(array $said): string
    {
        return implode(' ', self::each($said));
    }

    private static function words(): Sentences
    {
        return self::$words ??= new Sentences;
    }
}
