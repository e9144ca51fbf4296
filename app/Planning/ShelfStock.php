<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Kept\Facts;
use App\Models\Kept\Taken;
use App\Models\LogEntry;
use App\Models\PlannedStep;
use App\Models\Workshop;
use HonestGrain\Coating\Amount;

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
    public function take(Workshop $workshop, PlannedStep $step, Facts $facts): Taken
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
        $tin = $step->product === null || $used < self::LEAST_ML ? null
            : $workshop->tins()->where('product', $step->product)->whereNotNull('stock_ml')->first();
        $off = round(min($used, (float) $tin?->stock_ml), 2);
        if ($tin !== null && $off > 0.0) {
            $tin->update(['stock_ml' => round((float) $tin->stock_ml - $off, 2)]);
            $ml[$tin->product] = $off;
        }

        return new Taken($taken, $ml, $this->takeGoods($workshop, $step));
    }

    /** @return array<string, float> */
    private function takeGoods(Workshop $workshop, PlannedStep $step): array
    {
        $taken = [];
        foreach ($step->goods() as $good => $count) {
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
        $taken = $entry->facts->taken ?? new Taken($entry->facts->abraded->used ?? []);
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
