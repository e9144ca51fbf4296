<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

use HonestGrain\Calibration\HoldFigures;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * How a blank is held until the hold for all that follows is cut: by what the shop owns, what is quickest first. Screws
 * go into wood that is hollowed away, and stop short of what stays.
 *
 * Workshop model: constants `hold_*`.
 */
final readonly class FirstHold
{
    /** @param  list<Said>  $how  what it takes, in sizes */
    private function __construct(public Mount $mount, public array $how)
    {
    }

    public static function of(FirstGrip $grip, Equipment $equipment, HoldFigures $figures): self
    {
        return match (true) {
            $equipment->owns(Mount::Screw) && $grip->takesScrewChuck($figures) => new self(Mount::Screw, [
                new Said('holding.first-hold.screw-chuck', [
                    'deep' => Quantity::mm($figures->screwMm), 'wood' => Quantity::mm($grip->hollowMidMm),
                ]),
            ]),
            $equipment->owns(Mount::Faceplate) && $grip->takesFaceplate($figures) => new self(Mount::Faceplate, [
                new Said('holding.first-hold.faceplate', [
                    'deep' => Quantity::mm($grip->plateScrewsMm($figures)),
                    'wood' => Quantity::mm($grip->hollowPlateMm), 'plate' => Quantity::mm(2 * $figures->plateRadiusMm),
                ]),
            ]),
            // Every lathe has its two centres.
            default => new self(Mount::BetweenCentres, []),
        };
    }
}
