<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Kept\Taken;
use App\Models\Kept\TinRatio;
use App\Models\MixedCup;
use App\Models\TimerKind;
use App\Models\User;
use App\Models\Workshop;
use Carbon\CarbonInterface;
use HonestGrain\Shelf\Good;
use Illuminate\Support\Facades\DB;

/** Cups that are mixed: what goes into one comes off the shelf at once, and the coats are taken from it. */
final readonly class Cups
{
    private const LEAST_ML = 0.01;

    private const LONGEST_NAME = 80;

    /**
     * @param  float  $ml  of the mix
     * @param  float  $productMl  of the finish itself in it
     * @param  string|null  $once  key of the form
     */
    public function mix(
        Workshop $workshop,
        User $user,
        string $product,
        float $ml,
        float $productMl,
        ?float $potLifeMinutes,
        CarbonInterface $at,
        ?string $once,
    ): MixedCup {
        return DB::transaction(function () use (
            $workshop, $user, $product, $ml, $productMl, $potLifeMinutes, $at, $once,
        ): MixedCup {
            $workshop->lock();
            $key = $once === null ? null : "cup:$workshop->id:$once";
            $before = $key === null ? null : MixedCup::query()->where('once_key', $key)->first();
            if ($before !== null) {
                return $before;
            }
            $until = $potLifeMinutes === null ? null
                : $at->copy()->addSeconds((int) round(60 * $potLifeMinutes));
            $timer = $until === null ? null : $workshop->timers()->create([
                'user_id' => $user->id, 'kind' => TimerKind::PotLife, 'started_at' => $at, 'rings_at' => $until,
                'name' => mb_substr($product, 0, self::LONGEST_NAME),
            ]);

            return $workshop->cups()->create([
                'user_id' => $user->id, 'product' => $product, 'mixed_ml' => round($ml, 2),
                'left_ml' => round($ml, 2), 'mixed_at' => $at, 'good_until' => $until,
                'taken' => $this->takeOff($workshop, $product, $productMl), 'timer_id' => $timer?->id,
                'once_key' => $key,
            ]);
        });
    }

    private function takeOff(Workshop $workshop, string $product, float $ml): Taken
    {
        $taken = $goods = [];
        $tin = $workshop->tins()->where('product', $product)->whereNotNull('stock_ml')->first();
        $off = round(min($ml, (float) $tin?->stock_ml), 2);
        if ($tin !== null && $off > self::LEAST_ML) {
            $tin->update(['stock_ml' => round((float) $tin->stock_ml - $off, 2)]);
            $taken[$product] = $off;
        }
        $cup = $workshop->goods()->where('good', Good::Cup)->where('stock', '>=', 1)->first();
        if ($cup !== null) {
            $cup->decrement('stock');
            $goods[Good::Cup->value] = 1.0;
        }

        return new Taken([], $taken, $goods);
    }

    /** How this tin is mixed, for the next time. */
    public function keepRatio(Workshop $workshop, string $product, TinRatio $ratio): void
    {
        $workshop->tins()->where('product', $product)->first()?->update(['ratio' => $ratio]);
    }

    /** Poured away; or, where nothing was used of it, never mixed. */
    public function empty(MixedCup $cup, bool $wasNever, ShelfStock $shelf, Workshop $workshop): void
    {
        DB::transaction(function () use ($cup, $wasNever, $shelf, $workshop): void {
            $workshop->lock();
            $cup->refresh();
            if ($cup->emptied_at !== null) {
                return;
            }
            $cup->timer?->update(['stopped_at' => now()]);
            if ($wasNever && $cup->isUntouched()) {
                $shelf->giveBack($workshop, $cup->taken);
                $cup->update(['left_ml' => 0.0]);
            }
            $cup->update(['emptied_at' => now()]);
        });
    }
}
