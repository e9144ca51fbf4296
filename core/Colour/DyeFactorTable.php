<?php

declare(strict_types=1);

namespace HonestGrain\Colour;

/** What a shop's test boards make of its dyes, by wood and class of dye. */
final readonly class DyeFactorTable
{
    /** @param  array<string, DyeFactors>  $factors  by key */
    public function __construct(private array $factors = [])
    {
    }

    public static function key(string $wood, string $product): string
    {
        return "$wood | $product";
    }

    public function of(string $wood, ?string $product): DyeFactors
    {
        return $product === null ? DyeFactors::usual()
            : $this->factors[self::key($wood, $product)] ?? DyeFactors::usual();
    }
}
