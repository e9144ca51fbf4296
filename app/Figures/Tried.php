<?php

declare(strict_types=1);

namespace App\Figures;

use HonestGrain\Words\Said;

/** What a shop would come to with something changed in it, beside the plan that stands. */
final readonly class Tried
{
    /**
     * @param  list<TriedDate>  $pieces
     * @param  int  $brokenBefore  windows that the plan gives up
     * @param  Said|null  $trouble  why there would be no plan at all
     */
    public function __construct(
        public array $pieces,
        public int $brokenBefore,
        public int $brokenAfter,
        public ?Said $trouble,
    ) {
    }

    public function of(int $piece): ?TriedDate
    {
        return array_column($this->pieces, null, 'id')[$piece] ?? null;
    }

    /** @return list<TriedDate> those that would move, without one of them */
    public function moved(?int $but = null): array
    {
        return array_values(array_filter(
            $this->pieces, fn (TriedDate $one): bool => $one->id !== $but && $one->isMoved(),
        ));
    }

    public function lateBefore(): int
    {
        return count(array_filter($this->pieces, fn (TriedDate $one): bool => ($one->lateBefore() ?? 0.0) > 0));
    }

    public function lateAfter(): int
    {
        return count(array_filter($this->pieces, fn (TriedDate $one): bool => ($one->lateHours() ?? 0.0) > 0));
    }
}
