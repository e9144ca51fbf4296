<?php

declare(strict_types=1);

namespace App\Models\Kept;

/** What a step took off the shelf. */
final readonly class Taken implements Kept
{
    /**
     * @param  array<string, int>  $discs  by grit
     * @param  array<string, float>  $ml  by product
     * @param  array<string, float>  $goods  cloths, gloves, cups and pads
     * @param  array<int, float>  $cups  mL out of cups that were mixed, by number
     */
    public function __construct(
        public array $discs = [],
        public array $ml = [],
        public array $goods = [],
        public array $cups = [],
    ) {
    }

    public function isNothing(): bool
    {
        return $this->toArray() === [];
    }

    public static function read(array $kept): self
    {
        return new self(
            array_map(intval(...), (array) ($kept['discs'] ?? [])),
            array_map(floatval(...), (array) ($kept['ml'] ?? [])),
            array_map(floatval(...), (array) ($kept['goods'] ?? [])),
            array_map(floatval(...), (array) ($kept['cups'] ?? [])),
        );
    }

    public function toArray(): array
    {
        return array_filter([
            'discs' => $this->discs, 'ml' => $this->ml, 'goods' => $this->goods, 'cups' => $this->cups,
        ]);
    }
}
