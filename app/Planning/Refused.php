<?php

declare(strict_types=1);

namespace App\Planning;

use HonestGrain\Words\Said;
use RuntimeException;

/** What cannot be written down as things stand: at which field, and why. */
final class Refused extends RuntimeException
{
    public function __construct(public readonly string $field, public readonly Said $why)
    {
        parent::__construct("$field: $why->code");
    }
}
