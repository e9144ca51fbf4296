<?php

declare(strict_types=1);

namespace App\Models\Kept;

/** What the label of a tin says instead of the catalogue, in the catalogue's units. */
final readonly class LabelFigures implements Kept
{
    /** @param  array<string, float>  $figures  by field, as `HonestGrain\Coating\Coating::LABEL_FIELDS` */
    public function __construct(public array $figures = [])
    {
    }

    public function of(string $field): ?float
    {
        return $this->figures[$field] ?? null;
    }

    public static function read(array $kept): self
    {
        return new self(array_map(floatval(...), $kept));
    }

    public function toArray(): array
    {
        return $this->figures;
    }
}
