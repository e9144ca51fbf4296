<?php

declare(strict_types=1);

namespace App\Models\Kept;

/** The colours that were measured on a photograph of a test board. */
final readonly class TissueColours implements Kept
{
    /** @param  array<string, string>  $hex  as #rrggbb, by tissue: early, late, figure */
    public function __construct(public array $hex)
    {
    }

    public function of(string $tissue): ?string
    {
        return $this->hex[$tissue] ?? null;
    }

    public static function read(array $kept): self
    {
        return new self(array_map(strval(...), $kept));
    }

    public function toArray(): array
    {
        return $this->hex;
    }
}
