<?php

declare(strict_types=1);

namespace App\Models\Kept;

/** Where a photograph was picked, as shares of its width and height. */
final readonly class Spots implements Kept
{
    /** @param  array<string, array{float, float}>  $at  by what was picked: the grey card, a tissue */
    public function __construct(public array $at)
    {
    }

    public static function read(array $kept): self
    {
        return new self(array_map(
            fn (mixed $one): array => [(float) ($one[0] ?? 0), (float) ($one[1] ?? 0)], $kept,
        ));
    }

    public function toArray(): array
    {
        return $this->at;
    }
}
