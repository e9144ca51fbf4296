<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

use HonestGrain\Calibration\LayoutFigures;
use HonestGrain\Geometry\GrainDirection;

/**
 * A tongue of wood left between two cuts, as the hook of a slot is: how strong it is by the way the grain runs in it.
 *
 * Physics: the angle between its length and the grain on an upright wall. Published: Hankinson's formula (Wood Handbook
 * ch. 5), N = PQ/(P sin²φ + Q cos²φ). Workshop: what must be left of its strength along the grain.
 */
final readonly class Tongue
{
    /**
     * @param  float  $azimuthDeg  from where side grain comes out
     * @param  float  $tiltDeg  of its length against the horizontal
     */
    public function __construct(
        private LayoutFigures $figures,
        public float $azimuthDeg,
        public float $tiltDeg,
        public GrainDirection $grain,
    ) {
    }

    /** Between its length and the grain, 0 to 90. */
    public function grainAngleDeg(): float
    {
        $tilt = deg2rad($this->tiltDeg);
        $along = $this->grain === GrainDirection::Side
            ? abs(cos($tilt) * sin(deg2rad($this->azimuthDeg))) : abs(sin($tilt));

        return rad2deg(acos(min(1.0, $along)));
    }

    /** Of what it would bear with its length along the grain, 0 to 1. */
    public function strengthLeft(): float
    {
        $angle = deg2rad($this->grainAngleDeg());

        $across = $this->figures->tongueAcrossShare;

        return $across / (sin($angle) ** 2 + $across * cos($angle) ** 2);
    }

    public function isAllowed(): bool
    {
        return $this->strengthLeft() >= $this->figures->tongueLeastStrength - 1e-12;
    }

    /** @return list<array{float, float}> where round the wall a tongue that tilts so is strong enough, degrees */
    public function betterAzimuthsDeg(): array
    {
        if ($this->grain === GrainDirection::End) {
            return $this->isAllowed() ? [[0.0, 360.0]] : [];
        }
        // sin² of the greatest angle to the grain at which enough strength is left.
        $across = $this->figures->tongueAcrossShare;
        $sin2 = ($across / $this->figures->tongueLeastStrength - $across) / (1 - $across);
        $level = cos(deg2rad($this->tiltDeg));
        $share = $level <= 0 ? INF : sqrt(1 - $sin2) / $level;
        if ($share > 1) {
            return [];
        }
        $half = rad2deg(acos($share));

        return [[90 - $half, 90 + $half], [270 - $half, 270 + $half]];
    }
}
