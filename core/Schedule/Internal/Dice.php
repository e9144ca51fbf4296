<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * Numbers by chance that are the same for the same seed (Lehmer's generator, modulus 2³¹ − 1, multiplier 48,271).
 *
 * @internal
 */
final class Dice
{
    private const MODULUS = 2_147_483_647;

    private int $state;

    public function __construct(int $seed)
    {
        $this->state = ($seed % (self::MODULUS - 1)) + 1;
        for ($i = 0; $i < 5; $i++) {
            $this->below(2);
        }
    }

    /** A whole number from 0 on. */
    public function below(int $limit): int
    {
        $this->state = $this->state * 48_271 % self::MODULUS;

        return $this->state % $limit;
    }

    /** Between 0 and 1, neither of them. */
    public function share(): float
    {
        $this->state = $this->state * 48_271 % self::MODULUS;

        return $this->state / self::MODULUS;
    }
}
