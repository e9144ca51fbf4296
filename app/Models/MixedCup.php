<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\Keeping;
use App\Models\Kept\KeptCast;
use App\Models\Kept\Taken;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A cup of finish that was mixed, and what is left in it.
 *
 * @property int $id
 * @property int $workshop_id
 * @property string $product
 * @property float $mixed_ml
 * @property float $left_ml
 * @property Carbon $mixed_at
 * @property Carbon|null $good_until  when its pot life is over
 * @property Carbon|null $emptied_at
 * @property Taken $taken  off the shelf, for it
 * @property Timer|null $timer
 *
 * @method static Builder<static> open()
 */
class MixedCup extends Keeping
{
    /** One without a pot life is nobody's any more on the next day. */
    private const KEPT_HOURS = 24;

    protected $table = 'cups';

    protected $fillable = [
        'user_id', 'product', 'mixed_ml', 'left_ml', 'mixed_at', 'good_until', 'emptied_at', 'taken', 'timer_id',
        'once_key',
    ];

    protected function casts(): array
    {
        return [
            'mixed_ml' => 'float', 'left_ml' => 'float', 'mixed_at' => 'datetime', 'good_until' => 'datetime',
            'emptied_at' => 'datetime', 'taken' => KeptCast::of(Taken::class),
        ];
    }

    /** @return BelongsTo<Timer, $this> */
    public function timer(): BelongsTo
    {
        return $this->belongsTo(Timer::class);
    }

    /** @param  Builder<static>  $query */
    public function scopeOpen(Builder $query): void
    {
        $query->whereNull('emptied_at')->where('mixed_at', '>', now()->subHours(self::KEPT_HOURS));
    }

    public function isGoodAt(CarbonInterface $at): bool
    {
        return $this->good_until === null || $this->good_until->gte($at);
    }

    public function isUntouched(): bool
    {
        return abs($this->mixed_ml - $this->left_ml) < 0.01;
    }
}
