<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

use HonestGrain\Reading\Row;

/** One figure that a rule works with, its unit, what kind of figure it is and where it comes from. */
final readonly class Constant
{
    private function __construct(
        public string $name,
        public float $value,
        public string $unit,
        public string $kind,
        public string $source,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            $row->text('name'), $row->number('value'), $row->text('unit'), $row->text('kind'), $row->text('source'),
        );
    }

    /** "2 mm", as it stands under "Why?". */
    public function inWords(): string
    {
        return $this->bare().' '.$this->unit;
    }

    /** "2" */
    public function bare(): string
    {
        return rtrim(rtrim(sprintf('%.4f', $this->value), '0'), '.');
    }
}
