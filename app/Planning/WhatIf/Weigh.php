<?php

declare(strict_types=1);

namespace App\Planning\WhatIf;

use App\Models\Piece;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** An hour of a piece's lateness counted otherwise against one of the others. */
final readonly class Weigh implements Change
{
    public function __construct(public int $piece, public float $weight)
    {
    }

    public function written(): string
    {
        return "$this->piece:$this->weight";
    }

    public static function read(string $written): ?self
    {
        [$piece, $weight] = explode(':', $written) + ['', ''];

        return ctype_digit($piece) && is_numeric($weight) && in_array((float) $weight, Piece::WEIGHTS, true)
            ? new self((int) $piece, (float) $weight) : null;
    }

    public function piece(): int
    {
        return $this->piece;
    }

    public function said(array $names): Said
    {
        return new Said('planning.what-if.weigh', ['times' => Quantity::number($this->weight)]);
    }

    public function to(Shop $shop): void
    {
        $shop->weigh($this->piece, $this->weight);
    }
}
