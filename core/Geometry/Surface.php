<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

use HonestGrain\Words\Said;

/** The line of the drawing that a band or a flaw lies along. */
enum Surface: string
{
    case Outer = 'outer';
    case Inner = 'inner';
    case Rim = 'rim';
    case Foot = 'foot';
    case Top = 'top';

    /** The zone of the piece that this line bounds. */
    public function zone(): string
    {
        return match ($this) {
            self::Outer => 'outside',
            self::Inner => 'inside',
            self::Rim => 'rim',
            self::Foot => 'foot',
            self::Top => 'top',
        };
    }

    /** That zone's name within a sentence. */
    public function said(): Said
    {
        return Face::said($this->zone());
    }

    /** Whether it is the flat end of a part, told from its edge to the middle. */
    public function isFlatEnd(): bool
    {
        return $this === self::Foot || $this === self::Top;
    }

    public static function ofZone(string $zone): self
    {
        foreach (self::cases() as $surface) {
            if ($surface->zone() === $zone) {
                return $surface;
            }
        }

        return self::Outer;
    }

    /** The line itself; null where the profile has none. */
    public function curve(Profile $profile): ?Curve
    {
        return match ($this) {
            self::Outer => $profile->outer,
            self::Inner => $profile->inner,
            self::Rim => Measurement::rim($profile),
            self::Foot, self::Top => $this->flatEnd($profile),
        };
    }

    /** How long the line is, mm; 0 where the profile has none. */
    public function lengthMm(Profile $profile): float
    {
        return $this->curve($profile)?->lengthMm() ?? 0.0;
    }

    private function flatEnd(Profile $profile): ?Curve
    {
        $ends = Measurement::line($profile, $this->zone());
        usort($ends, fn (Point $a, Point $b): int => $b->r <=> $a->r);

        return $ends === [] ? null : Curve::through([
            Node::at($ends[0]->z, $ends[0]->r), Node::at($ends[1]->z, $ends[1]->r),
        ]);
    }
}
