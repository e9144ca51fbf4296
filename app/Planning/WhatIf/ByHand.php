<?php

declare(strict_types=1);

namespace App\Planning\WhatIf;

use HonestGrain\Piece\BuffWith;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Words\Said;

/** Rubbed up by hand with paste, where a wheel would have to wait until the film is hard. */
final readonly class ByHand implements Change
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
        return new Said('planning.what-if.by-hand');
    }

    public function to(Shop $shop): void
    {
        $shop->change($this->piece, fn (CorePiece $core): CorePiece => $core->withEachCoatPlan(
            fn (CoatPlan $plan): CoatPlan => $plan->buff === BuffWith::Wheel ? $plan->buffed(BuffWith::Paste) : $plan,
        ));
    }
}
