<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\DocumentCast;
use App\Models\Kept\Keeping;
use HonestGrain\Reading\Document;
use HonestGrain\Recipe\Recipe as CoreRecipe;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;

/**
 * A whole surface that the workshop keeps under a name.
 *
 * @property int $id
 * @property int $workshop_id
 * @property string $name
 * @property Document $document
 * @property string|null $once_key
 * @property Carbon|null $gone_at  when it was thrown away
 * @property Carbon $created_at
 */
class Recipe extends Keeping
{
    public const MOST = 200;

    protected $fillable = ['name', 'document', 'once_key', 'gone_at'];

    protected function casts(): array
    {
        return ['document' => DocumentCast::class, 'gone_at' => 'datetime'];
    }

    public function recipe(): CoreRecipe
    {
        return CoreRecipe::read($this->document);
    }

    /** @param  Builder<Recipe>  $query */
    public function scopeKept(Builder $query): void
    {
        $query->whereNull('gone_at');
    }
}
