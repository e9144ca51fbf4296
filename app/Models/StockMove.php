<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\Keeping;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One thing of the shelf that was bought or counted.
 *
 * @property int $id
 * @property int $workshop_id
 * @property string $batch  what was typed together
 * @property StockMoveKind $kind
 * @property string $what  as `Planning\Stores` names it
 * @property float|null $before  discs, mL or pieces; none where it was not counted
 * @property float $after
 * @property float|null $price_before
 * @property float|null $price_after
 * @property Carbon|null $taken_back_at
 * @property Carbon $created_at
 * @property User|null $user
 */
class StockMove extends Keeping
{
    protected $fillable = [
        'user_id', 'batch', 'kind', 'what', 'before', 'after', 'price_before', 'price_after', 'taken_back_at',
    ];

    protected function casts(): array
    {
        return [
            'kind' => StockMoveKind::class, 'before' => 'float', 'after' => 'float', 'price_before' => 'float',
            'price_after' => 'float', 'taken_back_at' => 'datetime',
        ];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
