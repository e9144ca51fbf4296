<?php

declare(strict_types=1);

namespace HonestGrain\Colour;

use HonestGrain\Calibration\ColourFigures;

/** How much dye one layer takes, and what goes into it (workshop model; the label of the dye says more exactly). */
final readonly class DyeDose
{
    /**
     * @param  float  $ml  of dye as it is laid on
     * @param  float  $grams  of powder
     * @param  float  $drops  of concentrate in place of the powder
     */
    private function __construct(public float $ml, public float $grams, public float $drops)
    {
    }

    /** @param  float  $strength  1 as the label has it */
    public static function of(ColourFigures $figures, float $areaMm2, float $strength, bool $isSprayed = false): self
    {
        $ml = $figures->dyeMlPer100Cm2 * $areaMm2 / 10_000 * ($isSprayed ? $figures->dyeSprayTimes : 1.0);

        return new self(
            $ml, $ml / 1000 * $figures->dyeGramsPerLitre * $strength, $ml * $figures->dyeDropsPerMl * $strength,
        );
    }

    /** So much of it, of one of several dyes. */
    public function share(float $share): self
    {
        return new self($this->ml * $share, $this->grams * $share, $this->drops * $share);
    }
}
