<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Holding\Holding;
use HonestGrain\Lathework\Stock;
use HonestGrain\Lathework\StockForm;
use HonestGrain\Lathework\StockHold;
use HonestGrain\Lathework\StockLayout;
use HonestGrain\Lathework\StockPart;
use HonestGrain\Wood\Wood;

/**
 * The least blank that parts come out of, with what comes clean at its ends and its rim: those along the grain of one
 * wood out of one length, next to each other, so that its grain runs on; those across the grain each out of a disc.
 */
final readonly class NeededStock
{
    /** @param  list<string>  $parts  ids, in the order they lie on it */
    private function __construct(
        public Wood $wood, public Stock $stock, public StockLayout $layout, public array $parts,
    ) {
    }

    /** @return list<self> of the parts that no blank was entered for */
    public static function of(Piece $piece, Calibration $calibration): array
    {
        $groups = [];
        foreach ($piece->partsInOrder() as $part) {
            if ($piece->stockOf($part) !== null) {
                continue;
            }
            $groups[$part->grain === GrainDirection::End ? $part->wood->name : "$part->id"][] = $part;
        }

        return array_map(
            fn (array $parts): self => self::together($parts, $calibration), array_values($groups),
        );
    }

    public static function part(Part $part): StockPart
    {
        return new StockPart(
            $part->name, $part->profile->heightMm(), $part->profile->diameterMm(), match ($part->holding) {
                Holding::Tenon => StockHold::Tenon,
                Holding::Recess => StockHold::Recess,
                Holding::Faceplate => StockHold::None,
                // What the centres mark comes off with what comes clean.
                Holding::BetweenCentres, Holding::Jam, Holding::WideJaws, Holding::GlueBlock, Holding::Mandrel => null,
                // What the jaws grip of it.
                Holding::JamPartner => StockHold::None,
            },
        );
    }

    public function isDisc(): bool
    {
        return $this->stock->form === StockForm::Slab;
    }

    /** @param  non-empty-list<Part>  $parts  of one wood and one direction of the grain */
    public static function together(array $parts, Calibration $calibration): self
    {
        $figures = $calibration->stock;
        $clean = $calibration->turning->allowanceMm;
        $laid = array_map(self::part(...), $parts);
        $across = max(array_map(fn (StockPart $part): float => $part->diameterMm, $laid)) + $clean;
        $takes = array_sum(array_map(fn (StockPart $part): float => $part->takesMm($figures), $laid));
        $stock = $parts[0]->grain === GrainDirection::End
            ? new Stock(StockForm::Square, $takes + $figures->cutMm * (count($laid) - 1) + $clean, $across, $across)
            : new Stock(StockForm::Slab, $across, $across, $takes + $clean);

        return new self(
            $parts[0]->wood, $stock, $stock->laidOut($figures, $laid),
            array_map(fn (Part $part): string => $part->id, $parts),
        );
    }
}
