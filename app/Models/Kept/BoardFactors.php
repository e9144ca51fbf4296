<?php

declare(strict_types=1);

namespace App\Models\Kept;

use HonestGrain\Colour\DyeFactors;
use HonestGrain\Colour\DyeFactorTable;

/** What a shop's test boards make of its dyes. */
final readonly class BoardFactors implements Kept
{
    /** @param  array<string, DyeFactors>  $factors  by wood and dye */
    public function __construct(private array $factors = [])
    {
    }

    public function table(): DyeFactorTable
    {
        return new DyeFactorTable($this->factors);
    }

    public static function read(array $kept): self
    {
        $factors = [];
        foreach ($kept as $key => $of) {
            $figures = fn (string $name): array => array_map(floatval(...), array_values((array) ($of[$name] ?? [])));
            $factors[(string) $key] = DyeFactors::of([
                'uptake' => $figures('uptake'), 'depth' => $figures('depth'), 'boards' => (int) ($of['boards'] ?? 0),
            ]);
        }

        return new self($factors);
    }

    public function toArray(): array
    {
        return array_map(fn (DyeFactors $one): array => $one->toArray(), $this->factors);
    }
}
