<?php

declare(strict_types=1);

namespace App\Models\Kept;

use Illuminate\Database\Eloquent\Model;

/** A model whose columns are kept as values that never change: nothing of them is to be written back. */
abstract class Keeping extends Model
{
    /** What the framework's own model begins with. */
    public const INITIALIZERS = ['initializeHasAttributes'];

    /** Eloquent would encode each of them anew whenever any attribute is read. */
    protected function mergeAttributeFromClassCasts(string $key): void
    {
    }

    /**
     * No model here has a trait, or a method that says by attribute when it is to be called. The framework would look
     * every method of each class over for such: a fifteenth of a page that has a dozen of them (decision 0031).
     */
    protected static function bootTraits(): void
    {
        static::$traitInitializers[static::class] = self::INITIALIZERS;
    }

    /** Its number comes as one from the database; Eloquent would merge it in for every attribute that is read. */
    public function getCasts(): array
    {
        return $this->casts;
    }
}
