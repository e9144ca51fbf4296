<?php

declare(strict_types=1);

namespace App\Models\Kept;

use Illuminate\Database\Eloquent\Model;

/** A model whose columns are kept as values that never change: nothing of them is to be written back. */
abstract class Keeping extends Model
{
    /** Eloquent would encode each of them anew whenever any attribute is read. */
    protected function mergeAttributeFromClassCasts(string $key): void
    {
    }

    /** Its number comes as one from the database; Eloquent would merge it in for every attribute that is read. */
    public function getCasts(): array
    {
        return $this->casts;
    }
}
