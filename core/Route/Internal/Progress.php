<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Holding\Stance;

/**
 * How far the operations of a piece are, by number, and how its parts sit; cloned at every turn of a search.
 *
 * @internal
 */
final class Progress
{
    /** @var array<string, string> part => stance */
    private array $sits = [];

    /** @var array<string, true> "part stance" it has been in */
    private array $was = [];

    /** @param  array<int, int>  $pending  operation that is left => how many are left before it */
    public function __construct(private array $pending)
    {
    }

    public function isDone(): bool
    {
        return $this->pending === [];
    }

    /** @return list<int> what is left and has nothing before it */
    public function free(): array
    {
        return array_keys($this->pending, 0, true);
    }

    /** @param  list<int>  $operations */
    public function isAnyLeft(array $operations): bool
    {
        for ($i = count($operations) - 1; $i >= 0; $i--) {
            if (isset($this->pending[$operations[$i]])) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<int>  $after  those that come after it
     * @return list<int> what is free now
     */
    public function do(int $operation, array $after): array
    {
        unset($this->pending[$operation]);
        $free = [];
        foreach ($after as $later) {
            if (isset($this->pending[$later]) && --$this->pending[$later] === 0) {
                $free[] = $later;
            }
        }

        return $free;
    }

    /** There is one lathe: who gets on it makes the others come off. */
    public function sit(string $part, Stance $stance): void
    {
        if ($stance !== Stance::Off) {
            foreach ($this->sits as $other => $so) {
                $this->sits[$other] = Stance::Off->value;
            }
            $this->was["$part $stance->value"] = true;
        }
        $this->sits[$part] = $stance->value;
    }

    public function sits(string $part): ?string
    {
        return $this->sits[$part] ?? null;
    }

    public function wasSo(string $part, Stance $stance): bool
    {
        return isset($this->was["$part $stance->value"]);
    }

    /** The same for the same work left, the same way to sit and the same positions to come back to. */
    public function key(): string
    {
        ksort($this->sits);
        ksort($this->was);

        return implode(' ', array_keys($this->pending)).'|'.implode(' ', $this->sits).'|'
            .implode(' ', array_keys($this->was));
    }
}
