<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Words\Said;
use HonestGrain\Words\Sentences;

/** What the core says, in English and in metric units. */
final class Told
{
    public static function of(Said|string|null $said): string
    {
        return $said === null ? '' : (is_string($said) ? $said : Sentences::english()->say($said));
    }

    /**
     * @param  list<Said|string>  $said
     * @return list<string>
     */
    public static function each(array $said): array
    {
        return array_map(self::of(...), $said);
    }

    /** @param  list<Said|string>  $said */
    public static function all(array $said): string
    {
        return implode(' ', self::each($said));
    }
}
