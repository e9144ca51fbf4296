<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

use HonestGrain\Reading\Row;

/** The kinds of holds there are. What is not in it is not held so. */
final readonly class HoldTable
{
    /** @param  array<string, HoldLimits>  $kinds  by key */
    private function __construct(private array $kinds)
    {
    }

    /** @param  list<Row>  $rows */
    public static function of(array $rows): self
    {
        return new self(array_map(HoldLimits::fromRow(...), Row::by('key', $rows)));
    }

    /** Whether the tail centre has to stand at the end that points to it. */
    public function needsTail(Mount $mount): bool
    {
        return ($this->kinds[$mount->value] ?? null)?->tail === TailCentre::Must;
    }

    public function has(Mount $mount): bool
    {
        return isset($this->kinds[$mount->value]);
    }

    /** @return list<HoldLimits> */
    public function all(): array
    {
        return array_values($this->kinds);
    }

    /** Without some of them. */
    public function without(Mount ...$mounts): self
    {
        return new self(array_diff_key($this->kinds, array_flip(array_column($mounts, 'value'))));
    }
}
