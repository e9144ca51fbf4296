<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\Keeping;

/**
 * One grit that the workshop owns, always with its scale.
 *
 * @property int $id
 * @property int $workshop_id
 * @property string $grit
 * @property int $discs
 * @property float|null $price  of one disc
 */
class Abrasive extends Keeping
{
    protected $fillable = ['grit', 'discs', 'price'];

    protected function casts(): array
    {
        return ['price' => 'float'];
    }
}
