<?php

declare(strict_types=1);

namespace HonestGrain\Lathework;

use HonestGrain\Calibration\StockFigures;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;

/** A part as it is to be cut from a blank: `{"id","length_mm","diameter_mm","hold":"tenon|recess|none"}`. */
final readonly class StockPart
{
    public const MOST_MM = 5000.0;

    /** @param  StockHold|null  $hold  null where nothing of the blank is there for holding alone */
    public function __construct(
        public string $id,
        public float $lengthMm,
        public float $diameterMm,
        public ?StockHold $hold = StockHold::Tenon,
    ) {
    }

    /** @throws InvalidField */
    public static function read(Document $part): self
    {
        return new self(
            $part->text('id'), $part->number('length_mm', 1, self::MOST_MM),
            $part->number('diameter_mm', 1, self::MOST_MM),
            StockHold::from($part->choice('hold', array_column(StockHold::cases(), 'value'), StockHold::None->value)),
        );
    }

    /** With what it is held by, mm. */
    public function takesMm(StockFigures $figures): float
    {
        return $this->lengthMm + ($this->hold?->lengthMm($figures) ?? 0.0);
    }
}
