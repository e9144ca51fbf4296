<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

use HonestGrain\Reading\Row;
use HonestGrain\Words\Quantity;

/** One figure that a rule works with, its unit, what kind of figure it is and where it comes from. */
final readonly class Constant
{
    private function __construct(
        public string $name,
        public float $value,
        public FigureUnit $unit,
        public string $kind,
        public string $source,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            $row->text('name'), $row->number('value'), FigureUnit::from($row->text('unit')), $row->text('kind'),
            $row->text('source'),
        );
    }

    public function quantity(): Quantity
    {
        return $this->unit->quantity($this->value);
    }
}
