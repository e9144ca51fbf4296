<?php

declare(strict_types=1);

namespace HonestGrain\Shelf;

/** One thing of a receipt: how much of what, and what it cost. */
final readonly class ReceiptItem
{
    /**
     * @param  string  $what  the key of what was bought, as the shelf calls it
     * @param  float  $amount  in pieces, or in mL
     * @param  float|null  $price  of one piece, or of a litre; null where none was typed
     */
    public function __construct(public string $what, public float $amount, public bool $isMl, public ?float $price)
    {
    }
}
