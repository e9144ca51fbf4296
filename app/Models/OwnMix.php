<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\DocumentCast;
use App\Models\Kept\Keeping;
use HonestGrain\Reading\Document;

/**
 * A mix of finishes of this workshop's own: its parts and figures as typed, read by `HonestGrain\Coating\OwnMix`.
 *
 * @property int $id
 * @property int $workshop_id
 * @property string $name
 * @property Document $typed
 */
class OwnMix extends Keeping
{
    protected $table = 'mixes';

    protected $fillable = ['name', 'typed'];

    protected function casts(): array
    {
        return ['typed' => DocumentCast::class];
    }
}
