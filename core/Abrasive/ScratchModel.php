<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Exception\InvalidField;

/**
 * How deep a grit scratches a wood and how fast it cuts.
 *
 * Workshop model: valley h(d) = 0.25·d·(6000/H)^0.3 µm; removal under the pad
 * r(d) = 2000·(d/125)·(6000/H)·(v/3) µm/min, for grain size d µm, hardness H N, speed v m/s.
 */
final readonly class ScratchModel
{
    public const VALLEY_PER_MICRON = 0.25;

    public const REFERENCE_HARDNESS_N = 6000.0;

    private const HARDNESS_EXPONENT = 0.3;

    private const REFERENCE_CUT_UM_MIN = 2000.0;

    private const REFERENCE_GRAIN_UM = 125.0;

    private const REFERENCE_SPEED_M_S = 3.0;

    private function __construct(private float $hardnessN, private float $speedMPerS)
    {
    }

    /** @throws InvalidField for a hardness or speed that is not above zero */
    public static function on(float $hardnessN, float $speedMPerS): self
    {
        if (! is_finite($hardnessN) || $hardnessN <= 0) {
            throw InvalidField::range('hardness_n', $hardnessN, 100, 40_000);
        }
        if (! is_finite($speedMPerS) || $speedMPerS <= 0) {
            throw InvalidField::range('speed_m_s', $speedMPerS, 0.05, 30);
        }

        return new self($hardnessN, $speedMPerS);
    }

    /** Depth of the scratches that a grit leaves, µm. */
    public function valleyUm(Grit $grit): float
    {
        return self::VALLEY_PER_MICRON * $grit->micron * (self::REFERENCE_HARDNESS_N / $this->hardnessN) ** self::HARDNESS_EXPONENT;
    }

    /** The size of grain whose scratches are this deep, µm. */
    public function micronFor(float $valleyUm): float
    {
        return $valleyUm / (self::VALLEY_PER_MICRON * (self::REFERENCE_HARDNESS_N / $this->hardnessN) ** self::HARDNESS_EXPONENT);
    }

    /** Removal under the pad, µm per minute. */
    public function cutUmPerMinute(Grit $grit): float
    {
        return self::REFERENCE_CUT_UM_MIN * ($grit->micron / self::REFERENCE_GRAIN_UM)
            * (self::REFERENCE_HARDNESS_N / $this->hardnessN) * ($this->speedMPerS / self::REFERENCE_SPEED_M_S);
    }
}
