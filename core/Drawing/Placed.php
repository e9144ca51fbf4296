<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Geometry\Point;
use HonestGrain\Piece\Joint;
use HonestGrain\Piece\JointPlace;
use HonestGrain\Piece\Part;

/** A part at its place on a drawing of several, mm: how far to the right and up, and how it is tilted. */
final readonly class Placed
{
    /** Where a part in a side is drawn as long as nobody said how high it sits: so much of the height. */
    private const USUAL_SHARE = 0.6;

    /** @param  float|null  $tiltDeg  of what lies on its side, up from level; null for what stands */
    public function __construct(
        public Part $part, private float $right, private float $up, private ?float $tiltDeg = null,
    ) {
    }

    /** Where the other part of a joint goes that sits on this one. */
    public function with(Part $other, Joint $joint, float $gapMm): self
    {
        $depth = $gapMm > 0 ? -$gapMm : $joint->depthMm;
        [$foot, $top] = self::heights($this->part);
        [$low, $high] = self::heights($other);

        return match ($joint->place) {
            JointPlace::Top => new self($other, $this->right, $this->up + $top - $depth - $low),
            JointPlace::Foot => new self(
                $other, $this->right, $this->up + $foot - $low - ($gapMm > 0 ? $gapMm + $high - $low : 0.0),
            ),
            JointPlace::Side => $this->inTheSide($other, $joint, $depth + $low),
        };
    }

    /** @param  float  $inMm  how far its end lies within the outside */
    private function inTheSide(Part $other, Joint $joint, float $inMm): self
    {
        [$foot, $top] = self::heights($this->part);
        $high = $joint->at->heightMm ?? ($top - $foot) * self::USUAL_SHARE;
        $tilt = $joint->at->angleDeg ?? 0.0;
        $out = ($this->part->profile->diameterAtMm($high) ?? $this->part->profile->diameterMm()) / 2;

        return new self(
            $other, $this->right + $out - $inMm * cos(deg2rad($tilt)),
            $this->up + $foot + $high - $inMm * sin(deg2rad($tilt)), $tilt,
        );
    }

    /** Where the part with the socket goes, when this one is what goes into it. */
    public function under(Part $socket, Joint $joint, float $gapMm): self
    {
        $there = (new self($socket, 0.0, 0.0))->with($this->part, $joint, $gapMm);

        return new self($socket, $this->right - $there->right, $this->up - $there->up);
    }

    /** @return array{float, float, float, float} x, y, width, height on the drawing */
    public function box(): array
    {
        $r = $this->part->profile->diameterMm() / 2;
        [$low, $high] = self::heights($this->part);

        if ($this->tiltDeg === null) {
            return [$this->right - $r, -$this->up - $high, 2 * $r, $high - $low];
        }
        [$along, $up] = [cos(deg2rad($this->tiltDeg)), sin(deg2rad($this->tiltDeg))];
        [$wide, $tall] = [$r * abs($up), $r * $along];

        return [
            $this->right + $low * $along - $wide, -$this->up - max($low * $up, $high * $up) - $tall,
            ($high - $low) * $along + 2 * $wide, ($high - $low) * abs($up) + 2 * $tall,
        ];
    }

    public function transform(): string
    {
        return sprintf('translate(%s %s)', Svg::n($this->right), Svg::n(-$this->up)).($this->tiltDeg === null
            ? '' : sprintf(' rotate(%s)', Svg::n(90 - $this->tiltDeg)));
    }

    /** @return array{float, float} lowest and highest, mm */
    private static function heights(Part $part): array
    {
        $z = array_map(fn (Point $point): float => $point->z, $part->profile->outer->points);

        return [min($z), max($z)];
    }
}
