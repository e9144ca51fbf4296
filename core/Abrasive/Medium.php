<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Reading\Row;

/**
 * What cuts or polishes and is no graded sheet: a pad, wool, paste, compound or shavings, with the size of grain whose
 * scratch it leaves, µm. Workshop figures: nobody grades them.
 */
final readonly class Medium
{
    private function __construct(
        public MediumKind $kind,
        public string $label,
        public float $micron,
        public string $source,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            MediumKind::from($row->text('kind')), $row->text('label'), $row->number('micron'), $row->text('source'),
        );
    }
}
