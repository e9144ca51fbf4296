<?php

declare(strict_types=1);

namespace App\Figures;

use App\Models\EntryKind;
use App\Models\Kept\Taken;
use App\Models\Piece;
use App\Models\Workshop;

/** What a piece has cost so far: its wood, and what was taken off the shelf for it, at what the shelf says it costs. */
final readonly class PieceCost
{
    /** @param  bool  $isWhole  whether all that was used has a price */
    private function __construct(
        public ?float $wood,
        public float $discs,
        public int $discCount,
        public float $ml,
        public float $finish,
        public float $goods,
        public bool $isWhole,
    ) {
    }

    public static function of(Piece $piece): self
    {
        $prices = self::prices($piece->workshop);
        $undone = $piece->logEntries()->whereNotNull('undoes_id')->pluck('undoes_id')->all();
        $done = $piece->logEntries()->where('kind', EntryKind::Done)->whereNotIn('id', $undone)->get(['id', 'facts']);
        $cost = ['discs' => 0.0, 'ml' => 0.0, 'goods' => 0.0];
        $amount = ['discs' => 0.0, 'ml' => 0.0, 'goods' => 0.0];
        $isWhole = true;
        foreach ($done as $entry) {
            $taken = $entry->facts->taken ?? new Taken;
            $used = ['discs' => $entry->facts->abraded->used ?? [], 'ml' => $taken->ml, 'goods' => $taken->goods];
            $product = $entry->facts->planned->product;
            if ($taken->cups !== [] && $product !== null) {
                // Out of a cup that was mixed: counted as the finish itself.
                $used['ml'][$product] = ($used['ml'][$product] ?? 0.0) + array_sum($taken->cups);
            }
            foreach ($used as $sort => $each) {
                foreach ($each as $what => $count) {
                    $amount[$sort] += $count;
                    $cost[$sort] += ($prices[$sort][$what] ?? 0.0) * $count;
                    $isWhole = $isWhole && ($count == 0 || isset($prices[$sort][$what]));
                }
            }
        }

        return new self(
            wood: $piece->blank?->core()->price, discs: $cost['discs'], discCount: (int) $amount['discs'],
            ml: $amount['ml'], finish: $cost['ml'], goods: $cost['goods'], isWhole: $isWhole,
        );
    }

    /** @return array<string, array<string, float>> of a disc, a mL and a piece, by what it is */
    public static function prices(Workshop $workshop): array
    {
        return [
            'discs' => $workshop->abrasives()->whereNotNull('price')->pluck('price', 'grit')->all(),
            'ml' => $workshop->tins()->whereNotNull('price_per_l')->get(['product', 'price_per_l'])
                ->mapWithKeys(fn ($tin): array => [$tin->product => $tin->price_per_l / 1000])->all(),
            'goods' => $workshop->goods()->whereNotNull('price')->get(['good', 'price'])
                ->mapWithKeys(fn ($row): array => [$row->good->value => (float) $row->price])->all(),
        ];
    }
}
