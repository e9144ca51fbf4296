<?php

declare(strict_types=1);

namespace HonestGrain\Rack;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Profile;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Reading\Shown;
use HonestGrain\Wood\Wood;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * The largest that can be turned out of a blank once it is dry: across, high, and in the wall of a rough one, mm.
 *
 * Physics on published shrinkage (`Truing`); a workshop allowance is left to come clean. Where a wood's shrinkage is
 * not known the blank is taken as it is, and `isSure` is false.
 */
final readonly class Largest
{
    /** A little less than the most, so that a first drawing is sure to come out of it (workshop). */
    public const EASY = 0.98;

    private function __construct(
        public float $diameterMm,
        public float $heightMm,
        public ?float $wallMm,
        public bool $isSure,
        private Blank $blank,
    ) {
    }

    /** @param  float  $emcPercent  where the wood settles */
    public static function outOf(Blank $blank, Wood $wood, Calibration $calibration, float $emcPercent): self
    {
        $truing = $blank->truing(
            $wood, Wood::FIBRE_SATURATION_PERCENT, min($emcPercent, Wood::FIBRE_SATURATION_PERCENT),
            $calibration->drying->toComeCleanMm,
        );
        // What was measured and is less than what was reckoned holds.
        $measured = $blank->measuredTruing($calibration->drying->toComeCleanMm);
        $isLess = $measured !== null && $measured->trueDiameterMm < ($truing->trueDiameterMm ?? INF);
        $truing = $isLess ? $measured : $truing;
        $spare = $blank->form->isRough() ? $calibration->drying->toComeCleanMm : $calibration->turning->allowanceMm;

        return new self(
            $truing->trueDiameterMm ?? $blank->diameterMm - $spare, $blank->lengthMm - $spare,
            $truing->mostWallMm ?? $blank->wallMm, ! $blank->form->isRough() || $truing !== null,
            $blank,
        );
    }

    /**
     * @param  float|null  $wallMm  of the piece, where it is hollow
     *
     * @throws InvalidField for the first size that the blank does not yield, with what it does
     */
    public function check(float $diameterMm, float $heightMm, ?float $wallMm): void
    {
        foreach ([
            'diameter' => [$diameterMm, $this->diameterMm], 'height' => [$heightMm, $this->heightMm],
            'wall' => [$wallMm, $this->wallMm],
        ] as $field => [$wanted, $most]) {
            if ($wanted !== null && $most !== null && ! Shown::isWithin($wanted, $most)) {
                throw InvalidField::because($field, round($wanted, 1), $most > 0
                    ? new Said('rack.largest.out-blank-comes-most', ['most' => Quantity::mm($most)])
                    : new Said('rack.largest.nothing-left-blank'));
            }
        }
    }

    public function fits(float $diameterMm, float $heightMm, ?float $wallMm): bool
    {
        try {
            $this->check($diameterMm, $heightMm, $wallMm);
        } catch (InvalidField) {
            return false;
        }

        return true;
    }

    /** Whether a rough one is wide enough at every height for what is to be turned of it, down to the foot. */
    public function coversOutside(Profile $piece): bool
    {
        $drawn = $this->blank->form->isRough() ? $this->blank->profile()->outer : null;
        $share = $this->diameterMm / $this->blank->diameterMm;
        foreach ($drawn === null ? [] : $piece->outer->points as $point) {
            $there = $drawn?->radiusAtMm($point->z);
            if ($there !== null && ! Shown::isWithin($point->r, $there * $share)) {
                return false;
            }
        }

        return true;
    }

    /** How much of the blank becomes shavings when this is turned out of it, as a share. */
    public function wasted(Profile $piece): float
    {
        return max(0.0, 1 - Measurement::volumeOf($piece) / Measurement::volumeOf($this->blank->profile()));
    }
}
