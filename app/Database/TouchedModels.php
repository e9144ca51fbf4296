<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Eloquent\Model;

/**
 * What the models of a transaction held before it wrote them. Where it is rolled back and begun again they must hold
 * that again: a model that believes itself saved would write nothing the second time.
 */
final class TouchedModels
{
    /** @var array<int, array{Model, Model}> each, and a copy of it from before */
    private array $touched = [];

    /** Called before it is written; only the first time counts. */
    public function note(Model $model): void
    {
        $this->touched[spl_object_id($model)] ??= [$model, clone $model];
    }

    /** A row that stood is as it was read; one that was still to be made is to be made again. */
    public function asTheyWere(): void
    {
        foreach ($this->touched as [$model, $before]) {
            $model->setRawAttributes($before->exists ? $before->getRawOriginal() : [], sync: true);
            if (! $before->exists) {
                $model->setRawAttributes($before->getAttributes());
            }
            $model->exists = $before->exists;
            $model->wasRecentlyCreated = $before->wasRecentlyCreated;
            $model->setRelations($before->getRelations());
        }
        $this->touched = [];
    }
}
