<?php

declare(strict_types=1);

namespace App\View;

use App\Figures\PieceCost;

/** What a piece has cost so far, in a sentence; money as it was typed, whatever the coin. */
final class CostWords
{
    private const LEAST_ML = 0.05;

    public static function of(PieceCost $cost, Show $show): string
    {
        $end = $cost->isWhole ? '.' : say('view.cost-words.some-have-no-price');
        $money = fn (float $sum): string => $sum > 0 ? say('view.cost-words.costing', [
            'sum' => number_format($sum, 2),
        ]) : '';
        $used = array_filter([
            $cost->discCount === 0 ? '' : say('view.cost-words.discs', [
                'count' => $cost->discCount, 'cost' => $money($cost->discs),
            ]),
            $cost->ml < self::LEAST_ML ? '' : say('view.cost-words.finish', [
                'amount' => $show->volume($cost->ml), 'cost' => $money($cost->finish),
            ]),
            $cost->goods > 0 ? say('view.cost-words.goods', ['cost' => $money($cost->goods)]) : '',
        ]);

        return implode(' ', array_filter([
            $cost->wood === null ? '' : say('view.cost-words.wood-cost', ['wood' => number_format($cost->wood, 2)]),
            $used === [] ? '' : say('view.cost-words.so-far', ['used' => array_values($used), 'end' => $end]),
        ]));
    }
}
