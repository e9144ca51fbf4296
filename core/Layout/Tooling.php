<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

/** What a shop divides a turn and cuts with. */
final readonly class Tooling
{
    /**
     * @param  list<int>  $plates  holes of each index plate
     * @param  list<Cutter>  $cutters
     */
    public function __construct(public array $plates = [], public array $cutters = [])
    {
    }

    /** The first plate that gives so many parts; null where none does. */
    public function plateFor(int $parts): ?int
    {
        foreach ($this->plates as $holes) {
            if ($holes % $parts === 0) {
                return $holes;
            }
        }

        return null;
    }

    /** @return list<int> the nearest numbers of parts below and above that some plate gives */
    public function nearestParts(int $parts): array
    {
        $below = $above = null;
        foreach ($this->plates as $holes) {
            for ($n = 2; $n <= $holes; $n++) {
                if ($holes % $n === 0) {
                    $below = $n < $parts ? max($below ?? 0, $n) : $below;
                    $above = $n > $parts ? min($above ?? PHP_INT_MAX, $n) : $above;
                }
            }
        }

        return array_values(array_filter([$below, $above], fn (?int $n): bool => $n !== null));
    }

    /** The cutter of the shop that cuts as this one does; null where it has none. */
    public function cutterLike(FluteCutter $wanted): ?Cutter
    {
        foreach ($this->cutters as $cutter) {
            if ($cutter->cuts->isLike($wanted)) {
                return $cutter;
            }
        }

        return null;
    }
}
