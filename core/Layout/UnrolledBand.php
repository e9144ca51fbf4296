<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * A straight band of a turned piece laid flat: a rectangle from a cylinder, a sector of a ring from a cone.
 *
 * Physics: φ = 2π(r₁ − r₂)/L, radii r₁L/(r₁ − r₂) and r₂L/(r₁ − r₂).
 */
final readonly class UnrolledBand
{
    /** Radii that differ by less make a cylinder. */
    private const SAME_MM = 1e-9;

    private function __construct(
        public float $largerMm,
        public float $smallerMm,
        public float $slantMm,
        public bool $flaresUp,
    ) {
    }

    /** @throws InvalidField for a slant that is shorter than the radii are apart */
    public static function of(float $radiusTopMm, float $radiusBottomMm, float $slantMm): self
    {
        if ($slantMm < abs($radiusTopMm - $radiusBottomMm) - self::SAME_MM) {
            throw InvalidField::because(
                'slant_mm', $slantMm, new Said('layout.unrolled-band.must-not-shorter-than', [
                    'least' => Quantity::number(abs($radiusTopMm - $radiusBottomMm)),
                ]),
            );
        }

        return new self(
            max($radiusTopMm, $radiusBottomMm), min($radiusTopMm, $radiusBottomMm), $slantMm,
            $radiusTopMm >= $radiusBottomMm,
        );
    }

    public function isCylinder(): bool
    {
        return $this->largerMm - $this->smallerMm < self::SAME_MM;
    }

    /** Of the sector, radians; nought for a rectangle. */
    public function angle(): float
    {
        return $this->isCylinder() ? 0.0 : 2 * M_PI * ($this->largerMm - $this->smallerMm) / $this->slantMm;
    }

    /** Of the sector's inner edge, mm; from there a slant to the outer. */
    public function innerMm(): float
    {
        return $this->smallerMm * $this->slantMm / ($this->largerMm - $this->smallerMm);
    }

    /**
     * A place of the band on the flat, mm: x to the right, y downwards, from the middle of the edge that is smaller (of
     * a rectangle's bottom). It is taken apart so that a band that is all but a cylinder comes out as true.
     *
     * @param  float  $turn  round the piece, 0 to 1
     * @param  float  $height  on the band, 0 at its bottom to 1 at its top
     * @return array{float, float}
     */
    public function flat(float $turn, float $height): array
    {
        if ($this->isCylinder()) {
            return [2 * M_PI * $this->largerMm * ($turn - 0.5), -$height * $this->slantMm];
        }
        $out = ($this->flaresUp ? $height : 1 - $height) * $this->slantMm;
        $angle = $this->angle() * ($turn - 0.5);
        $radius = $this->innerMm() + $out;
        $up = $out - 2 * $radius * sin($angle / 2) ** 2;

        return [$radius * sin($angle), $this->flaresUp ? -$up : $up];
    }

    /** @return array<string, float> as the answer of `bin/grain layout` has it */
    public function toArray(): array
    {
        if ($this->isCylinder()) {
            return [
                'width_mm' => round(2 * M_PI * $this->largerMm, 4), 'height_mm' => round($this->slantMm, 4),
            ];
        }
        $fall = $this->largerMm - $this->smallerMm;

        return [
            'angle_deg' => round(360 * $fall / $this->slantMm, 4),
            'outer_mm' => round($this->largerMm * $this->slantMm / $fall, 4),
            'inner_mm' => round($this->smallerMm * $this->slantMm / $fall, 4),
        ];
    }
}
