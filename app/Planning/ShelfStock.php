<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\LogEntry;
use App\Models\PlannedStep;
use App\Models\Workshop;
use HonestGrain\Coating\Amount;

/**
 * Discs and mL on the shelf as they are used up. What was really taken stands in the entry, so that taking it back
 * gives back just that.
 */
final readonly class ShelfStock
{
    private const LEAST_ML = 0.05;

    /**
     * Takes what a step that is done uses, as far as it is there. Called with the workshop's lock held.
     *
     * @param  array<string, mixed>  $facts  of the entry: discs used, amount used
     * @return array{discs?: array<string, int>, ml?: array<string, float>} what was taken
     */
    public function take(Workshop $workshop, PlannedStep $step, array $facts): array
    {
        $taken = [];
        foreach ($facts['abrading']['used'] ?? [] as $grit => $discs) {
            $row = $workshop->abrasives()->where('grit', $grit)->first();
            $there = min((int) $discs, (int) $row?->discs);
            if ($row !== null && $there > 0) {
                $row->update(['discs' => $row->discs - $there]);
                $taken['discs'][(string) $grit] = $there;
            }
        }
        $used = $this->usedMl($step, $facts);
        $tin = $step->product === null || $used < self::LEAST_ML ? null
            : $workshop->tins()->where('product', $step->product)->whereNotNull('stock_ml')->first();
        $ml = round(min($used, (float) $tin?->stock_ml), 2);
        if ($tin !== null && $ml > 0.0) {
            $tin->update(['stock_ml' => round((float) $tin->stock_ml - $ml, 2)]);
            $taken['ml'][$tin->product] = $ml;
        }

        return $taken;
    }

    public function putBack(Workshop $workshop, LogEntry $entry): void
    {
        // An entry of before stock was kept with it says only what was used.
        $taken = $entry->facts['taken'] ?? ['discs' => $entry->facts['abrading']['used'] ?? []];
        foreach ($taken['discs'] ?? [] as $grit => $discs) {
            $workshop->abrasives()->where('grit', $grit)->first()?->increment('discs', (int) $discs);
        }
        foreach ($taken['ml'] ?? [] as $product => $ml) {
            $tin = $workshop->tins()->where('product', $product)->whereNotNull('stock_ml')->first();
            $tin?->update(['stock_ml' => round((float) $tin->stock_ml + (float) $ml, 2)]);
        }
    }

    /**
     * As the maker said, or as it was planned.
     *
     * @param  array<string, mixed>  $facts
     */
    private function usedMl(PlannedStep $step, array $facts): float
    {
        $planned = $step->details->amount;
        $used = isset($facts['amount_used']) && $planned !== null
            ? Amount::of((float) $facts['amount_used'], $planned->unit) : $planned;

        return $used?->ml() ?? 0.0;
    }
}
