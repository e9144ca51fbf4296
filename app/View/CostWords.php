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
            $cost->wood === null ? '' : say('view.cost-words.wood-cost', [
                'wood' => number_format($cost->wood, 2),
            ]),
            $cost->discCount === 0 ? '' : say('view.cost-words.discs-so-far', [
                'discCount' => $cost->discCount,
                'cost' => $cost->discs > 0 ? say('view.cost-words.costing', [
                    'discs' => number_format($cost->discs, 2),
                ]) : '',
                'end' => $cost->isWhole ? '.' : say('view.cost-words.some-have-no-price'),
            ]),
        ]));
    }
}
