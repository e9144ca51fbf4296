<?php

declare(strict_types=1);

namespace App\Planning\WhatIf;

use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** A piece promised for another time, second (UTC). */
final readonly class MoveDue implements Change
{
    public function __construct(public int $piece, public int $due)
    {
    }

    public function written(): string
    {
        return "$this->piece:$this->due";
    }

    public static function read(string $written): ?self
    {
        [$piece, $due] = explode(':', $written) + ['', ''];

        return ctype_digit($piece) && ctype_digit($due) && strlen($due) < 11
            ? new self((int) $piece, (int) $due) : null;
    }

    public function piece(): int
    {
        return $this->piece;
    }

    public function said(array $names): Said
    {
        return new Said('planning.what-if.due', [
            'day' => Quantity::at(new \DateTimeImmutable("@$this->due")),
        ]);
    }

    public function to(Shop $shop): void
    {
        $shop->change($this->piece, fn (CorePiece $core): CorePiece => $core->meant(
            $core->purpose, new \DateTimeImmutable("@$this->due"), $core->note,
        ));
    }
}
