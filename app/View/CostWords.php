<?php

declare(strict_types=1);

namespace App\View;

use App\Figures\PieceCost;

/** What a piece has cost so far, in a sentence; money as it was typed, whatever the coin. */
final class CostWords
{
    public static function of(PieceCost $cost): string
    {
        return implode(' ', array_filter([
            $cost->wood === null ? '' : 'Its wood cost '.number_format($cost->wood, 2).'.',
            $cost->discCount === 0 ? '' : 'Discs so far: '.$cost->discCount
                .($cost->discs > 0 ? ', costing '.number_format($cost->discs, 2) : '')
                .($cost->isWhole ? '.' : ' (some have no price on the Shelf).'),
        ]));
    }
}
