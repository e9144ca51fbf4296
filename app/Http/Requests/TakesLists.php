<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A form with fields that hold several values; every other field of it, and of other forms, holds one. */
interface TakesLists
{
    /** @return list<string> those fields */
    public static function lists(): array;
}
