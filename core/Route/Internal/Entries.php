<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Holding\Stance;

/**
 * How often at the least a part is put on the lathe while a chain of operations is worked through: it comes off for a
 * long wait, for what is done off the lathe alone, and when another part has to get on.
 *
 * @internal
 */
final class Entries
{
    /** @var array<string, array<int, int>> how it sits, operation => entries from there on */
    private array $least = [];

    /**
     * @param  list<Operation>  $operations
     * @param  array<int, array<string, true>>  $stances  operation => positions it can be done in
     * @param  array<int, bool>  $isLong  whether the part comes off the lathe after it
     * @param  array<int, list<int>>  $after  operation => those that come after it, without a circle
     */
    public function __construct(
        private readonly string $part,
        private readonly array $operations,
        private readonly array $stances,
        private readonly array $isLong,
        private readonly array $after,
    ) {
    }

    /** @param  list<int>  $free  what can be done next */
    public function from(array $free, ?string $sits): int
    {
        $most = 0;
        $sits ??= Stance::Off->value;
        foreach ($free as $i) {
            $most = max($most, $this->least[$sits][$i] ?? $this->at($i, $sits));
        }

        return $most;
    }

    private function at(int $i, string $sits): int
    {
        if ($this->operations[$i]->part !== $this->part) {
            $mayStay = isset($this->stances[$i][Stance::Off->value]);

            return $this->least[$sits][$i] = $this->from($this->after[$i], $mayStay ? $sits : null);
        }
        $least = PHP_INT_MAX;
        foreach ($this->stances[$i] as $stance => $true) {
            $isEntered = $stance !== Stance::Off->value && $stance !== $sits;
            $least = min($least, (int) $isEntered + $this->from($this->after[$i], $this->isLong[$i] ? null : $stance));
        }

        return $this->least[$sits][$i] = $least;
    }
}
