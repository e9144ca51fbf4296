<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

/** How a part is held while it is worked. */
enum Mount: string
{
    case Faceplate = 'faceplate';
    case Screw = 'screw';
    case Tenon = 'tenon';
    case Recess = 'recess';
    case BetweenCentres = 'between-centres';
    case Jam = 'jam';
    case WideJaws = 'wide-jaws';
    case Vacuum = 'vacuum';
    case Steady = 'steady';
    case Lap = 'lap';
    case Points = 'points';

    public function label(): string
    {
        return match ($this) {
            self::Faceplate => 'on a faceplate',
            self::Screw => 'on a screw chuck',
            self::Tenon => 'by the tenon',
            self::Recess => 'by the recess',
            self::BetweenCentres => 'between centres',
            self::Jam => 'against a jam chuck',
            self::WideJaws => 'in wide padded jaws',
            self::Vacuum => 'on the vacuum chuck',
            self::Steady => 'in a steady',
            self::Lap => 'in the lap or on the bench',
            self::Points => 'on points to dry',
        };
    }

    /** Whether the lathe turns it. */
    public function spins(): bool
    {
        return $this !== self::Lap && $this !== self::Points;
    }
}
