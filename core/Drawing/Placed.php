<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Geometry\Point;
use HonestGrain\Piece\Joint;
use HonestGrain\Piece\JointPlace;
use HonestGrain\Piece\Part;

/** A part at its place on a drawing of several, mm: how far to the right and up, and whether it lies on its side. */
final readonly class Placed
{
    public function __construct(public Part $part, private float $right, private float $up, private bool $lies)
    {
    }

    /** Where the other part of a joint goes that sits on this one. */
    public function with(Part $other, Joint $joint, float $gapMm): self
    {
        $depth = $gapMm > 0 ? -$gapMm : $joint->depthMm;
        [$foot, $top] = self::heights($this->part);
        [$low, $high] = self::heights($other);

        return match ($joint->place) {
            JointPlace::Top => new self($other, $this->right, $this->up + $top - $depth - $low, false),
            JointPlace::Foot => new self(
                $other, $this->right, $this->up + $foot - $low - ($gapMm > 0 ? $gapMm + $high - $low : 0.0), false,
            ),
            JointPlace::Side => new self(
                $other, $this->right + $this->part->profile->diameterMm() / 2 - $depth - $low,
                $this->up + $foot + ($top - $foot) * 0.6, true,
            ),
        };
    }

    /** Where the part with the socket goes, when this one is what goes into it. */
    public function under(Part $socket, Joint $joint, float $gapMm): self
    {
        $there = (new self($socket, 0.0, 0.0, false))->with($this->part, $joint, $gapMm);

        return new self($socket, $this->right - $there->right, $this->up - $there->up, false);
    }

    /** @return array{float, float, float, float} x, y, width, height on the drawing */
    public function box(): array
    {
        $r = $this->part->profile->diameterMm() / 2;
        [$low, $high] = self::heights($this->part);

        return $this->lies
            ? [$this->right + $low, -$this->up - $r, $high - $low, 2 * $r]
            : [$this->right - $r, -$this->up - $high, 2 * $r, $high - $low];
    }

    public function transform(): string
    {
        return sprintf('translate(%s %s)', Svg::n($this->right), Svg::n(-$this->up)).($this->lies ? ' rotate(90)' : '');
    }

    /** @return array{float, float} lowest and highest, mm */
    private static function heights(Part $part): array
    {
        $z = array_map(fn (Point $point): float => $point->z, $part->profile->outer->points);

        return [min($z), max($z)];
    }
}
