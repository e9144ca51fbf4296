<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\Keeping;

/**
 * A dye that the shop owns: what class it is, its colour at strength 1, and what is left.
 *
 * @property int $id
 * @property int $workshop_id
 * @property string $name
 * @property string $product  its class in the catalogue
 * @property string $rgb
 * @property float|null $stock  g of powder, or mL of concentrate
 * @property float|null $price  of one g or mL
 */
class Dye extends Keeping
{
    protected $fillable = ['name', 'product', 'rgb', 'stock', 'price'];

    protected function casts(): array
    {
        return ['stock' => 'float', 'price' => 'float'];
    }
}
