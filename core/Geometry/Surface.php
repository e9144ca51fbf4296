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

    /** The face of the piece that this line bounds: every one but a bore has such a line. */
    public function face(): Face
    {
        return match ($this) {
            self::Outer => Face::Outside,
            self::Inner => Face::Inside,
            self::Rim => Face::Rim,
            self::Foot => Face::Foot,
            self::Top => Face::Top,
        };
    }

    /** That face's name within a sentence. */
    public function said(): Said
    {
        return $this->face()->said();
    }

    /** Whether it is the flat end of a part, told from its edge to the middle. */
    public function isFlatEnd(): bool
    {
        return $this === self::Foot || $this === self::Top;
    }

    /** The line that bounds a face; null for a bore. */
    public static function of(Face $face): ?self
    {
        foreach (self::cases() as $surface) {
            if ($surface->face() === $face) {
                return $surface;
            }
        }

        return null;
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
        $ends = Measurement::line($profile, $this->face());
        usort($ends, fn (Point $a, Point $b): int => $b->r <=> $a->r);

        return $ends === [] ? null : Curve::through([
            Node::at($ends[0]->z, $ends[0]->r), Node::at($ends[1]->z, $ends[1]->r),
        ]);
    }
}
