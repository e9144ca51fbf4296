<?php

declare(strict_types=1);

namespace HonestGrain\Lathework;

use HonestGrain\Calibration\StockFigures;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** A blank: `{"form":"round|square|log|slab|half-log","length_mm","width_mm","height_mm","trim_mm"}`. */
final readonly class Stock
{
    /**
     * @param  float  $heightMm  its thickness; as wide as it is of what is round
     * @param  float  $trimMm  what is checked and comes off each end of its length
     */
    public function __construct(
        public StockForm $form,
        public float $lengthMm,
        public float $widthMm,
        public float $heightMm,
        public float $trimMm = 0.0,
    ) {
    }

    /** @throws InvalidField */
    public static function read(Document $blank): self
    {
        $form = StockForm::from($blank->choice('form', array_column(StockForm::cases(), 'value')));
        $most = StockPart::MOST_MM;
        $width = $blank->number('width_mm', 1, $most);

        return new self(
            $form, $blank->number('length_mm', 1, $most), $width,
            $form->isTurnedAcross() ? $blank->number('height_mm', 1, $most)
                : $blank->numberOr('height_mm', null, 1, $most) ?? $width,
            $blank->numberOr('trim_mm', 0.0, 0, $most),
        );
    }

    /** What is left of its length once its checked ends are off, mm. */
    public function soundMm(): float
    {
        return $this->lengthMm - 2 * $this->trimMm;
    }

    /**
     * Where each part lies along it, in the order they are turned, with a cut between each and the next.
     *
     * @param  list<StockPart>  $parts
     */
    public function laidOut(StockFigures $figures, array $parts): StockLayout
    {
        $isAcross = $this->form->isTurnedAcross();
        $places = $problems = [];
        $at = 0.0;
        foreach ($parts as $i => $part) {
            $at += $i === 0 ? 0.0 : $figures->cutMm;
            $takes = $isAcross ? $part->diameterMm : $part->takesMm($figures);
            $places[] = new StockPlace($part, $at, $at + $takes);
            $at += $takes;
            $problems = [...$problems, ...$this->tooThin($figures, $part)];
        }
        if ($at > $this->soundMm()) {
            array_unshift($problems, new Said('lathework.stock.too-short', [
                'needed' => Quantity::mm($at), 'length' => Quantity::mm($this->soundMm()),
                'short' => Quantity::mm($at - $this->soundMm()),
            ]));
        }

        return new StockLayout($places, $at, $this->soundMm() - $at, $problems);
    }

    /** @return list<Said> */
    private function tooThin(StockFigures $figures, StockPart $part): array
    {
        $isAcross = $this->form->isTurnedAcross();
        $wide = $isAcross ? $this->widthMm : min($this->widthMm, $this->heightMm);
        $deep = $part->takesMm($figures);

        return [
            ...$part->diameterMm > $wide ? [new Said('lathework.stock.too-narrow', [
                'part' => $part->id, 'diameter' => Quantity::mm($part->diameterMm), 'wide' => Quantity::mm($wide),
            ])] : [],
            ...$isAcross && $deep > $this->heightMm ? [new Said('lathework.stock.too-thin', [
                'part' => $part->id, 'needed' => Quantity::mm($deep), 'height' => Quantity::mm($this->heightMm),
            ])] : [],
        ];
    }
}
