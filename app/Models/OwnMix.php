<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A mix of finishes of this workshop's own: its parts and figures as typed, read by `HonestGrain\Coating\OwnMix`.
 *
 * @property int $id
 * @property int $workshop_id
 * @property string $name
 * @property array<string, mixed> $typed
 */
class OwnMix extends Model
{
    protected $table = 'mixes';

    protected $fillable = ['name', 'typed'];

    protected function casts(): array
    {
        return ['typed' => 'array'];
    }
}
