<?php

declare(strict_types=1);

namespace App\Models\Kept;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/** A model whose columns are kept as values that never change: nothing of them is to be written back. */
abstract class Keeping extends Model
{
    /** What the framework's own model begins with. */
    public const INITIALIZERS = ['initializeHasAttributes'];

    /** @var array<string, array{mixed, mixed}> a column as it came from the database, and what it reads as */
    private array $read = [];

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

    /**
     * A column is read as what it is once, for as long as the same stands in it: a page asks fifteen hundred times, and
     * Eloquent looks each time for seven ways in which it could be read. A date can be changed by who has it, so
     * everybody gets one of their own.
     */
    public function getAttribute($key)
    {
        $raw = $this->attributes[$key] ?? null;
        if ($raw === null) {
            return parent::getAttribute($key);
        }
        if (! isset($this->read[$key]) || $this->read[$key][0] !== $raw) {
            $this->read[$key] = [$raw, parent::getAttribute($key)];
        }
        $read = $this->read[$key][1];

        return $read instanceof Carbon ? $read->copy() : $read;
    }
}
