<?php

declare(strict_types=1);

namespace HonestGrain\Route;

/** How a piece is held while it is worked, and so how its foot is finished. */
enum Holding: string
{
    case Tenon = 'tenon';
    case Recess = 'recess';
    case BetweenCentres = 'between-centres';

    public function mount(): string
    {
        return match ($this) {
            self::Tenon => 'Mount by the tenon',
            self::Recess => 'Mount by the recess',
            self::BetweenCentres => 'Mount between centres',
        };
    }

    public function release(): string
    {
        return match ($this) {
            self::Tenon => 'Take off the tenon, dish the foot and sand it',
            self::Recess => 'Clean up the recess and sand the foot',
            self::BetweenCentres => 'Part off the ends and sand them',
        };
    }

    public function hold(): string
    {
        return match ($this) {
            self::Tenon => 'reversed against a soft pad, tail centre up',
            self::Recess => 'reversed in padded wide jaws',
            self::BetweenCentres => 'by hand, lathe stopped',
        };
    }
}
