<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

/** What is to become of a flaw. */
enum Wish: string
{
    case Keep = 'keep';
    case Fill = 'fill';
    case Stabilise = 'stabilise';
    case CutAway = 'cut-away';

    public function label(): string
    {
        return match ($this) {
            self::Keep => 'Keep as it is',
            self::Fill => 'Fill',
            self::Stabilise => 'Stabilise',
            self::CutAway => 'Cut away',
        };
    }
}
