<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

/** Numbers at random that are the same for the same seed: a linear congruence modulo 2⁴⁸ (that of the C library). */
final class Dice
{
    private const FACTOR = 0x5DEECE66D;

    private const MODULUS_BITS = 48;

    private int $at;

    public function __construct(int $seed)
    {
        $this->at = ($seed ^ self::FACTOR) & ((1 << self::MODULUS_BITS) - 1);
    }

    public function between(float $least, float $most): float
    {
        // Twice 24 bits, so that no product is larger than an integer.
        [$low, $high] = [$this->at & 0xFFFFFF, $this->at >> 24];
        $product = $low * self::FACTOR + 0xB;
        $carried = ($high * (self::FACTOR & 0xFFFFFF) + ($product >> 24)) & 0xFFFFFF;
        $this->at = ($carried << 24) | ($product & 0xFFFFFF);

        return $least + ($most - $least) * ($this->at / (1 << self::MODULUS_BITS));
    }
}
