<?php

declare(strict_types=1);

namespace App\Planning\WhatIf;

use HonestGrain\Piece\CoatPlan;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Words\Said;

/** One coat fewer wherever several alike are still to come. */
final readonly class FewerCoats implements Change
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
        return new Said('planning.what-if.fewer');
    }

    public function to(Shop $shop): void
    {
        $done = $shop->doneOf($this->piece);
        $shop->change($this->piece, fn (CorePiece $core): CorePiece => $core->withEachCoatPlan(
            fn (CoatPlan $plan): CoatPlan => $plan->fewer($done),
        ));
    }
}
