<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

use HonestGrain\Reading\InvalidField;

/**
 * A straight band of a turned piece laid flat: a rectangle from a cylinder, a sector of a ring from a cone.
 *
 * Physics: φ = 2π(r₁ − r₂)/L, radii r₁L/(r₁ − r₂) and r₂L/(r₁ − r₂).
 */
final readonly class UnrolledBand
{
    /** Radii that differ by less make a cylinder. */
    private const SAME_MM = 1e-9;

    private function __construct(public float $largerMm, public float $smallerMm, public float $slantMm)
    {
    }

    /** @throws InvalidField for a slant that is shorter than the radii are apart */
    public static function of(float $radiusTopMm, float $radiusBottomMm, float $slantMm): self
    {
        if ($slantMm < abs($radiusTopMm - $radiusBottomMm) - self::SAME_MM) {
            throw InvalidField::because(
                'slant_mm', $slantMm, 'it must not be shorter than the radii differ, '.abs(
                    $radiusTopMm - $radiusBottomMm,
                ),
            );
        }

        return new self(max($radiusTopMm, $radiusBottomMm), min($radiusTopMm, $radiusBottomMm), $slantMm);
    }

    public function isCylinder(): bool
    {
        return $this->largerMm - $this->smallerMm < self::SAME_MM;
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
