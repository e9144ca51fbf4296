<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\Keeping;
use App\Models\Kept\KeptCast;
use App\Models\Kept\LabelFigures;
use Illuminate\Support\Carbon;

/**
 * One finish or dye on the shelf: what its own label says instead of the catalogue, and what is left.
 *
 * @property int $id
 * @property int $workshop_id
 * @property string $product
 * @property LabelFigures $label
 * @property float|null $stock_ml
 * @property Carbon|null $opened_on
 * @property string|null $note
 */
class Tin extends Keeping
{
    protected $fillable = ['product', 'label', 'stock_ml', 'opened_on', 'note'];

    protected function casts(): array
    {
        return ['label' => KeptCast::of(LabelFigures::class), 'stock_ml' => 'float', 'opened_on' => 'date'];
    }
}
