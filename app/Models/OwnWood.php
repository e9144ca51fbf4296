<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\DocumentCast;
use App\Models\Kept\Keeping;
use HonestGrain\Reading\Document;

/**
 * A wood as this workshop knows it, over the catalogue's: the figures as typed, read by `HonestGrain\Wood\Wood::typed`.
 *
 * @property int $id
 * @property int $workshop_id
 * @property string $name
 * @property Document $typed
 */
class OwnWood extends Keeping
{
    protected $table = 'woods';

    protected $fillable = ['name', 'typed'];

    protected function casts(): array
    {
        return ['typed' => DocumentCast::class];
    }
}
