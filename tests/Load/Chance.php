<?php

declare(strict_types=1);

namespace Tests\Load;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Drawn by a seed, so that a run can be had again. */
final readonly class Chance
{
    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function between(float $from, float $to): float
    {
        return $from + ($to - $from) * $this->random->getInt(0, 1_000_000) / 1_000_000;
    }

    public function happens(float $share): bool
    {
        return $this->random->getInt(0, 999_999) < $share * 1_000_000;
    }

    /**
     * @template T
     *
     * @param  list<T>  $of
     * @return T
     */
    public function one(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }

    /**
     * @template T
     *
     * @param  list<T>  $of
     * @return list<T>
     */
    public function shuffled(array $of): array
    {
        return $this->random->shuffleArray($of);
    }
}
