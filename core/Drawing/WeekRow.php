<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

/** One line over the days: a piece, a person or an air, with what is drawn on it. Times are seconds (UTC). */
final readonly class WeekRow
{
    /**
     * @param  array{name: string, says: string, href: string}  $label
     * @param  list<array{int, int}>  $waits  hatched
     * @param  list<array{int, int, string}>  $hands  solid, each with what it is
     * @param  list<array{int, int, float}>  $levels  from, until and how full, 0 to 1
     * @param  int|null  $ready  a ring
     * @param  int|null  $due  a line with a flag
     * @param  array{id: int, says: string}|null  $handle  of a due date that can be moved
     * @param  array{late: bool, chosen: bool}  $marked
     */
    public function __construct(
        public array $label,
        public array $waits = [],
        public array $hands = [],
        public array $levels = [],
        public ?int $ready = null,
        public ?int $due = null,
        public ?array $handle = null,
        public array $marked = ['late' => false, 'chosen' => false],
    ) {
    }
}
