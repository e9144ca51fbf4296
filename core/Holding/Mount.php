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

    /** Whether it is held by pressure alone, so that a catch throws it. */
    public function isSoft(): bool
    {
        return in_array($this, [self::Jam, self::WideJaws, self::Vacuum], true);
    }

    /** What it asks of the piece; empty where it takes any. */
    public function needs(): string
    {
        return match ($this) {
            self::Vacuum => 'a round, closed and unwarped wall: no cracks, holes or bark edge',
            self::Screw => 'sound wood for its whole thread, across the grain',
            self::Faceplate => 'screws into waste wood, none into end grain alone',
            self::WideJaws => 'a whole rim, and the tail centre up until the last cut',
            self::Jam => 'a rim that fits its block, and the tail centre up',
            self::Steady => 'a true and round place for its wheels',
            self::Tenon => 'a tenon with a flat shoulder, of sound wood',
            self::Recess => 'walls about the recess as thick as it is deep twice',
            self::BetweenCentres => 'sound ends',
            self::Lap, self::Points => '',
        };
    }

    /** Whether the lathe turns it. */
    public function spins(): bool
    {
        return $this !== self::Lap && $this !== self::Points;
    }
}
