<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Drawing\StockStrip;
use HonestGrain\Lathework\StockPlace;
use HonestGrain\Piece\NeededStock;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Words\Quantity;

/** The least blanks that a piece comes out of, in words and drawn; none where it begins with something else. */
final readonly class StockPanel
{
    public function __construct(private Piece $core, private Calibration $calibration, private Show $show)
    {
    }

    /** @return list<array{string, string, string}> a blank, where each part lies on it, and its drawing */
    public function blanks(): array
    {
        return $this->core->startsAs !== StartsAs::Blank ? [] : array_map(fn (NeededStock $need): array => [
            say($need->isDisc() ? 'view.stock-panel.disc' : 'view.stock-panel.square', [
                'wood' => $this->show->said($need->wood->said()), 'wide' => Quantity::mm($need->stock->widthMm),
                'long' => Quantity::mm($need->isDisc() ? $need->stock->heightMm : $need->stock->lengthMm),
            ]),
            count($need->layout->places) < 2 ? '' : implode('; ', array_map(
                fn (StockPlace $place): string => say('view.stock-panel.place', [
                    'part' => $place->part->id, 'from' => Quantity::mm($place->fromMm),
                    'to' => Quantity::mm($place->toMm),
                ]), $need->layout->places,
            )).'.',
            $need->isDisc() ? '' : StockStrip::svg($need->stock, $need->layout),
        ], NeededStock::of($this->core, $this->calibration));
    }
}
