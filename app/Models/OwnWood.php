<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A wood as this workshop knows it, over the catalogue's: the figures as typed, read by `HonestGrain\Wood\Wood::typed`.
 *
 * @property int $id
 * @property int $workshop_id
 * @property string $name
 * @property array<string, mixed> $typed
 */
class OwnWood extends Model
{
    protected $table = 'woods';

    protected $fillable = ['name', 'typed'];

    protected function casts(): array
    {
        return ['typed' => 'array'];
    }
}
