<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Drawing\StockStrip;
use HonestGrain\Lathework\StockForm;
use HonestGrain\Lathework\StockLayout;
use HonestGrain\Lathework\StockPlace;
use HonestGrain\Piece\NeededStock;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\PieceStock;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Words\Quantity;

/** The blanks that a piece comes out of, in words and drawn: those that were entered, and the least for all else. */
final readonly class StockPanel
{
    public function __construct(private Piece $core, private Calibration $calibration, private Show $show)
    {
    }

    /** Whether it is turned from a blank at all. */
    public function isTurned(): bool
    {
        return $this->core->startsAs === StartsAs::Blank;
    }

    /**
     * The least that parts come out of, where no blank was entered for them.
     *
     * @return list<array{string, string, string, string}> a blank, where each part lies on it, its drawing, and its
     *     parts by their ids
     */
    public function blanks(): array
    {
        return array_map(fn (NeededStock $need): array => [
            say($need->isDisc() ? 'view.stock-panel.disc' : 'view.stock-panel.square', [
                'wood' => $this->show->said($need->wood->said()), 'wide' => Quantity::mm($need->stock->widthMm),
                'long' => Quantity::mm($need->isDisc() ? $need->stock->heightMm : $need->stock->lengthMm),
            ]),
            $this->places($need->layout),
            $need->isDisc() ? '' : StockStrip::svg($need->stock, $need->layout), implode(' ', $need->parts),
        ], NeededStock::of($this->core, $this->calibration));
    }

    /**
     * @return list<array{string, string, string, string, list<string>}> its id, in words, where each part lies, its
     *     drawing, and what does not fit
     */
    public function entered(): array
    {
        return array_map(function (PieceStock $stock): array {
            $layout = $stock->laidOut($this->core, $this->calibration->stock);

            return [
                $stock->id, say($stock->blank === null ? 'view.stock-panel.entered' : 'view.stock-panel.from-rack', [
                    'form' => say("view.stock-panel.forms.{$stock->stock->form->value}"),
                    'long' => Quantity::mm($stock->stock->lengthMm), 'wide' => Quantity::mm($stock->stock->widthMm),
                    'high' => Quantity::mm($stock->stock->heightMm), 'number' => (string) $stock->blank,
                    // What does not fit says so by itself.
                    'use' => $layout->fits() ? say('view.stock-panel.use', [
                        'needed' => Quantity::mm($layout->neededMm), 'left' => Quantity::mm($layout->leftMm),
                    ]) : '',
                ]), $this->places($layout), StockStrip::svg($stock->stock, $layout),
                array_map($this->show->said(...), $layout->problems),
            ];
        }, $this->core->stock);
    }

    /** @return array<string, string> */
    public function forms(): array
    {
        return array_column(array_map(fn (StockForm $form): array => [
            $form->value, say("view.stock-panel.forms.$form->value"),
        ], StockForm::cases()), 1, 0);
    }

    private function places(StockLayout $layout): string
    {
        return count($layout->places) < 2 ? '' : implode('; ', array_map(
            fn (StockPlace $place): string => say('view.stock-panel.place', [
                'part' => $place->part->id, 'from' => Quantity::mm($place->fromMm), 'to' => Quantity::mm($place->toMm),
            ]), $layout->places,
        )).'.';
    }
}
