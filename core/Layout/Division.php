<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

use HonestGrain\Reading\InvalidField;

/**
 * A circle divided into equal parts by an index plate: how many, at which holes, and where a paper strip is marked.
 *
 * Physics: the pitch is 2πr/N; only what divides the holes of the plate can be had with it.
 */
final readonly class Division
{
    public const MOST_HOLES = 1000;

    private function __construct(public int $repeats, public int $indexHoles, public float $radiusMm)
    {
    }

    /**
     * The number of parts whose pitch comes nearest to the wanted one; of two that are equally near the larger.
     *
     * @param  float  $radiusMm  of the circle that is divided
     *
     * @throws InvalidField
     */
    public static function nearest(float $radiusMm, float $wantedPitchMm, int $indexHoles): self
    {
        if ($indexHoles < 1 || $indexHoles > self::MOST_HOLES) {
            throw InvalidField::range('index_holes', $indexHoles, 1, self::MOST_HOLES);
        }
        $best = null;
        $off = INF;
        for ($parts = $indexHoles; $parts >= 1; $parts--) {
            if ($indexHoles % $parts !== 0) {
                continue;
            }
            $far = abs(2 * M_PI * $radiusMm / $parts - $wantedPitchMm);
            if ($far < $off - 1e-9) {
                [$best, $off] = [$parts, $far];
            }
        }

        return new self($best ?? $indexHoles, $indexHoles, $radiusMm);
    }

    public function pitchMm(?float $radiusMm = null): float
    {
        return 2 * M_PI * ($radiusMm ?? $this->radiusMm) / $this->repeats;
    }

    public function step(): int
    {
        return intdiv($this->indexHoles, $this->repeats);
    }

    /** @return list<int> the holes that the pin goes into, from the first */
    public function holes(): array
    {
        return array_map(fn (int $i): int => 1 + $i * $this->step(), range(0, $this->repeats - 1));
    }

    /** @return list<float> distances from the first mark, so that no error adds up */
    public function marksMm(): array
    {
        return array_map(fn (int $i): float => $i * $this->pitchMm(), range(0, $this->repeats - 1));
    }
}
