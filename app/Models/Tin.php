<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\Keeping;
use App\Models\Kept\KeptCast;
use App\Models\Kept\LabelFigures;
use App\Models\Kept\TinRatio;
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
 * @property TinRatio|null $ratio  how it was mixed last
 * @property float|null $price_per_l
 * @property float|null $empty_g  the tin without what is in it
 * @property float|null $g_per_ml  as the maker knows it
 * @property float|null $good_months  after it was opened, as its label says
 */
class Tin extends Keeping
{
    protected $fillable = [
        'product', 'label', 'stock_ml', 'opened_on', 'note', 'price_per_l', 'empty_g', 'g_per_ml', 'good_months',
        'ratio',
    ];

    protected function casts(): array
    {
        return [
            'label' => KeptCast::of(LabelFigures::class), 'stock_ml' => 'float', 'opened_on' => 'date',
            'ratio' => KeptCast::of(TinRatio::class), 'price_per_l' => 'float', 'empty_g' => 'float',
            'g_per_ml' => 'float', 'good_months' => 'float',
        ];
    }

    /** Whole days since it was opened; none where that is not known. */
    public function daysOpen(): ?int
    {
        return $this->opened_on === null ? null : max(0, (int) $this->opened_on->diffInDays(now()));
    }
}
