<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One finish or dye on the shelf: what its own label says instead of the catalogue, and what is left.
 *
 * @property int $id
 * @property int $workshop_id
 * @property string $product
 * @property array<string, float> $label
 * @property float|null $stock_ml
 * @property Carbon|null $opened_on
 * @property string|null $note
 */
class Tin extends Model
{
    protected $fillable = ['product', 'label', 'stock_ml', 'opened_on', 'note'];

    protected function casts(): array
    {
        return ['label' => 'array', 'stock_ml' => 'float', 'opened_on' => 'date'];
    }
}
