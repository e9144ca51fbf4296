<?php

declare(strict_types=1);

namespace HonestGrain\Wood;

use HonestGrain\Reading\Row;

/** What a wood is like under the hand and the finish: workshop notes. */
final readonly class WoodNature
{
    public function __construct(
        public bool $tannin,
        public bool $oily,
        public Pore $pore,
        public Dust $dust,
        public string $rgb,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            $row->flag('tannin'), $row->flag('oily'), Pore::from($row->text('pore')), Dust::from($row->text('dust')),
            $row->text('rgb'),
        );
    }
}
