<?php

declare(strict_types=1);

namespace App\Planning\WhatIf;

use HonestGrain\Words\Said;

/** One thing that may be otherwise in a shop: tried without saving, or taken. */
interface Change
{
    /** What an address says of it behind its kind; the same reads it. */
    public function written(): string;

    /** Null for what says nothing of the kind. */
    public static function read(string $written): ?self;

    public function to(Shop $shop): void;

    /** The piece that it is about; null where it is about the shop. */
    public function piece(): ?int;

    /**
     * "Sat 5 Dec open"; of a piece without its name.
     *
     * @param  array<int, string>  $names  of the pieces in work, by number
     */
    public function said(array $names): Said;
}
