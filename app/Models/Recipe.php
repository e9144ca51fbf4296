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
 * @property int $version  counts its changes
 * @property Document|null $was  before the last change
 * @property string|null $once_key
 * @property Carbon|null $gone_at  when it was thrown away
 * @property Carbon $created_at
 */
class Recipe extends Keeping
{
    public const MOST = 200;

    protected $fillable = ['name', 'document', 'version', 'was', 'once_key', 'gone_at'];

    protected $attributes = ['version' => 1];

    protected function casts(): array
    {
        return ['document' => DocumentCast::class, 'was' => DocumentCast::class, 'gone_at' => 'datetime'];
    }

    public function recipe(): CoreRecipe
    {
        return CoreRecipe::read($this->document);
    }

    /** Changed, so that the change can be taken back. */
    public function change(CoreRecipe $recipe): void
    {
        $this->update([
            'name' => $recipe->name, 'document' => $recipe->toDocument(), 'was' => $this->document,
            'version' => $this->version + 1,
        ]);
    }

    /** @param  Builder<Recipe>  $query */
    public function scopeKept(Builder $query): void
    {
        $query->whereNull('gone_at');
    }
}
