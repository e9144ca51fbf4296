<?php

declare(strict_types=1);

namespace App\Models\Kept;

/** What a JSON column holds, with a type: written and read in one place. */
interface Kept
{
    /** @param  array<array-key, mixed>  $kept  as `toArray` or an earlier release wrote it */
    public static function read(array $kept): self;

    /** @return array<array-key, mixed> */
    public function toArray(): array;
}
