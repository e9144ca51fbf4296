<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

use Closure;
use HonestGrain\Geometry\Exception\InvalidProfile;
use HonestGrain\Geometry\Exception\NoRoom;
use HonestGrain\Geometry\Internal\EvenWall;

/** A line of a profile drawn anew by one rule, the other left as it is. */
enum Redraw: string
{
    /** The inside follows the outside at one distance, down to the floor that is there. */
    case EvenWall = 'even-wall';

    /** The inside goes straight down from its mouth; towards the foot only as far in as the wall asks for. */
    case StraightInside = 'straight-inside';

    /** The outside above its middle becomes the picture of what is below it. */
    case UpperLikeLower = 'upper-like-lower';

    case LowerLikeUpper = 'lower-like-upper';

    /** Closer to the middle than this a node is the middle's own, mm. */
    private const MIDDLE_MM = 0.01;

    private const HALVINGS = 16;

    /** Whether it draws the inside, and asks how thick the wall is to be. */
    public function isInside(): bool
    {
        return $this === self::EvenWall || $this === self::StraightInside;
    }

    /**
     * @param  float  $wallMm  the least wall that an inside leaves
     *
     * @throws InvalidProfile|NoRoom where the lines would cross, or nothing of it is hollow
     */
    public function of(Profile $profile, float $wallMm): Profile
    {
        $inner = $profile->inner;
        if ($this->isInside() && $inner === null) {
            throw InvalidProfile::notHollow('way');
        }
        [$outer, $inside] = match ($this) {
            self::EvenWall => [$profile->outer, $inner === null ? null : EvenWall::inside(
                $profile->outer, $wallMm, $inner->last()->z,
            )],
            self::StraightInside => [$profile->outer, $inner === null ? null : self::straight(
                $profile->outer, $inner, $wallMm,
            )],
            self::UpperLikeLower => [self::mirrored($profile->outer, true), $inner],
            self::LowerLikeUpper => [self::mirrored($profile->outer, false), $inner],
        };

        return Profile::of($outer, $inside, 'shape', $profile->bore)->edged($profile->edge);
    }

    /** @throws NoRoom */
    private static function straight(Curve $outer, Curve $inner, float $wallMm): Curve
    {
        [$mouth, $floor] = [$inner->first(), $inner->last()];
        // At its mouth the inside stays where it is.
        $wallMm = min($wallMm, $outer->tree()->nearest($mouth, $wallMm)[0]);
        $to = fn (float $r): Curve => Curve::through([
            Node::at($mouth->z, $mouth->r, true), Node::at($floor->z, round($r, 3), true), Node::at($floor->z, 0.0),
        ]);
        [$fits, $tooWide] = [0.0, $mouth->r];
        if (self::leaves($outer, $to, $tooWide, $wallMm)) {
            return $to($tooWide);
        }
        for ($i = 0; $i < self::HALVINGS; $i++) {
            $r = ($fits + $tooWide) / 2;
            self::leaves($outer, $to, $r, $wallMm) ? $fits = $r : $tooWide = $r;
        }
        if ($fits <= 0.0) {
            throw NoRoom::at($wallMm, $mouth->z, $mouth->r);
        }

        return $to($fits);
    }

    /** @param  Closure(float): Curve  $to  the inside by its radius at the floor */
    private static function leaves(Curve $outer, Closure $to, float $radiusMm, float $wallMm): bool
    {
        try {
            $inside = $to($radiusMm);
            Profile::of($outer, $inside);
        } catch (InvalidProfile) {
            return false;
        }

        return Wall::thinnest($outer, $inside)->minMm >= $wallMm - self::MIDDLE_MM;
    }

    private static function mirrored(Curve $outer, bool $fromBelow): Curve
    {
        $middle = ($outer->first()->z + $outer->last()->z) / 2;
        $kept = array_values(array_filter($outer->nodes, fn (Node $node): bool => $fromBelow
            ? $node->z < $middle - self::MIDDLE_MM : $node->z > $middle + self::MIDDLE_MM));
        $picture = array_reverse(array_map(
            fn (Node $node): Node => Node::at(round(2 * $middle - $node->z, 3), $node->r, $node->corner), $kept,
        ));
        $there = array_filter(
            $outer->nodes, fn (Node $node): bool => abs($node->z - $middle) <= self::MIDDLE_MM,
        );
        $own = $there === [] ? [Node::at(round($middle, 3), round($outer->radiusAtMm($middle) ?? 0.0, 3))]
            : [array_values($there)[0]];

        return Curve::through($fromBelow ? [...$kept, ...$own, ...$picture] : [...$picture, ...$own, ...$kept]);
    }
}
