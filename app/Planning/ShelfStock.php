<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Kept\Facts;
use App\Models\Kept\Taken;
use App\Models\LogEntry;
use App\Models\PlannedStep;
use App\Models\Workshop;
use Carbon\CarbonInterface;
use HonestGrain\Coating\Amount;
use HonestGrain\Shelf\Good;

/**
 * Discs, mL and goods on the shelf as they are used up. What was really taken stands in the entry, so that taking it
 * back gives back just that.
 */
final readonly class ShelfStock
{
    private const LEAST_ML = 0.05;

    /**
     * Takes what a step that is done uses, as far as it is there. Called with the workshop's lock held.
     */
    public function take(Workshop $workshop, PlannedStep $step, Facts $facts, CarbonInterface $at): Taken
    {
        $taken = $ml = [];
        foreach ($facts->abraded->used ?? [] as $grit => $discs) {
            $row = $workshop->abrasives()->where('grit', $grit)->first();
            $there = min($discs, (int) $row?->discs);
            if ($row !== null && $there > 0) {
                $row->update(['discs' => $row->discs - $there]);
                $taken[(string) $grit] = $there;
            }
        }
        $used = $this->usedMl($step, $facts);
        $cups = $step->product === null ? [] : $this->fromCups($workshop, $step->product, $used, $at);
        $used -= array_sum($cups);
        $tin = $step->product === null || $used < self::LEAST_ML ? null
            : $workshop->tins()->where('product', $step->product)->whereNotNull('stock_ml')->first();
        $off = round(min($used, (float) $tin?->stock_ml), 2);
        if ($tin !== null && $off > 0.0) {
            $tin->update(['stock_ml' => round((float) $tin->stock_ml - $off, 2)]);
            $ml[$tin->product] = $off;
        }

        return new Taken($taken, $ml, $this->takeGoods($workshop, $step, $cups !== []), $cups);
    }

    /** @return array<int, float> mL by the number of the cup, as far as there is a good one */
    private function fromCups(Workshop $workshop, string $product, float $used, CarbonInterface $at): array
    {
        $taken = [];
        foreach ($workshop->cups()->open()->where('product', $product)->where('left_ml', '>', 0)->get() as $cup) {
            $there = $cup->isGoodAt($at) ? round(min($used - array_sum($taken), $cup->left_ml), 2) : 0.0;
            if ($there > 0.0) {
                $cup->update(['left_ml' => round($cup->left_ml - $there, 2)]);
                $taken[$cup->id] = $there;
            }
        }

        return $taken;
    }

    /** @return array<string, float> */
    private function takeGoods(Workshop $workshop, PlannedStep $step, bool $hasCup): array
    {
        $taken = [];
        foreach (array_diff_key($step->goods(), $hasCup ? [Good::Cup->value => 1] : []) as $good => $count) {
            $row = $workshop->goods()->where('good', $good)->whereNotNull('stock')->first();
            $there = min($count, (float) $row?->stock);
            if ($row !== null && $there > 0.0) {
                $row->update(['stock' => $row->stock - $there]);
                $taken[$good] = $there;
            }
        }

        return $taken;
    }

    public function putBack(Workshop $workshop, LogEntry $entry): void
    {
        // An entry of before stock was kept with it says only what was used.
        $this->giveBack($workshop, $entry->facts->taken ?? new Taken($entry->facts->abraded->used ?? []));
    }

    /** Just what was taken. */
    public function giveBack(Workshop $workshop, Taken $taken): void
    {
        foreach ($taken->cups as $cup => $ml) {
            $workshop->cups()->whereKey($cup)->first()?->increment('left_ml', $ml);
        }
        foreach ($taken->discs as $grit => $discs) {
            $workshop->abrasives()->where('grit', $grit)->first()?->increment('discs', $discs);
        }
        foreach ($taken->ml as $product => $ml) {
            $tin = $workshop->tins()->where('product', $product)->whereNotNull('stock_ml')->first();
            $tin?->update(['stock_ml' => round((float) $tin->stock_ml + $ml, 2)]);
        }
        foreach ($taken->goods as $good => $count) {
            $workshop->goods()->where('good', $good)->whereNotNull('stock')->first()?->increment('stock', $count);
        }
    }

    /** As the maker said, or as it was planned. */
    private function usedMl(PlannedStep $step, Facts $facts): float
    {
        $planned = $step->details->amount;
        $said = $facts->measured->amountUsed;
        $used = $said !== null && $planned !== null ? Amount::of($said, $planned->unit) : $planned;

        return $used?->ml() ?? 0.0;
    }
}
