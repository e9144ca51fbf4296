<?php

declare(strict_types=1);

namespace App\Planning\WhatIf;

use App\Models\Air;
use App\Models\Piece;
use Closure;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Piece\Tables;

/** A shop in which something is changed: one that is only tried, or the one that stands. */
interface Shop
{
    /** @return list<array{string, string}> the hours of its longest day, from and until */
    public function longDay(): array;

    /** @param  list<array{string, string}>  $stretches */
    public function openOn(string $date, array $stretches): void;

    /** @param  list<string>  $dates */
    public function closeOn(array $dates): void;

    /** @param  list<array{string, string}>  $stretches */
    public function helpedOn(string $date, array $stretches): void;

    /** The air that a piece's coats dry in. */
    public function airOf(int $piece): ?Air;

    public function warm(Air $air, float $tempC, int $until): void;

    /** @param  Closure(CorePiece, Tables): CorePiece  $change */
    public function change(int $piece, Closure $change): void;

    /** @return list<string> steps of a piece that are done */
    public function doneOf(int $piece): array;

    public function weigh(int $piece, float $weight): void;

    /** @param  int|null  $first  the piece that is taken up first; null for none */
    public function goBehind(int $piece, ?int $first): void;

    public function putAway(int $piece): void;

    /** Null where it is no longer in work here. */
    public function piece(int $piece): ?Piece;
}
