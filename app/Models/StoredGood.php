<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\Keeping;
use HonestGrain\Shelf\Good;

/**
 * How many cloths, pairs of gloves, cups or pads the shop has.
 *
 * @property int $id
 * @property int $workshop_id
 * @property Good $good
 * @property float|null $stock  not counted yet, where it is none
 * @property float|null $price  of one
 */
class StoredGood extends Keeping
{
    protected $table = 'goods';

    protected $fillable = ['good', 'stock', 'price'];

    protected function casts(): array
    {
        return ['good' => Good::class, 'stock' => 'float', 'price' => 'float'];
    }
}
