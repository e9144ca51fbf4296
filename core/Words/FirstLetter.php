<?php

declare(strict_types=1);

namespace HonestGrain\Words;

/** The first letter of a text made large or small, of any alphabet; the rest stays. */
final class FirstLetter
{
    public static function large(string $text): string
    {
        return mb_strtoupper(mb_substr($text, 0, 1)).mb_substr($text, 1);
    }

    public static function small(string $text): string
    {
        return mb_strtolower(mb_substr($text, 0, 1)).mb_substr($text, 1);
    }
}
