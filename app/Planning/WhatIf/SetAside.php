<?php

declare(strict_types=1);

namespace App\Planning\WhatIf;

use HonestGrain\Words\Said;

/** A piece put away until its maker takes it up again. */
final readonly class SetAside implements Change
{
    public function __construct(public int $piece)
    {
    }

    public function written(): string
    {
        return (string) $this->piece;
    }

    public static function read(string $written): ?self
    {
        return ctype_digit($written) ? new self((int) $written) : null;
    }

    public function piece(): int
    {
        return $this->piece;
    }

    public function said(array $names): Said
    {
        return new Said('planning.what-if.aside');
    }

    public function to(Shop $shop): void
    {
        $shop->putAway($this->piece);
    }
}
