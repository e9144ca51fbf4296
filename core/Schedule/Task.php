<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Said;

/** One hands-on step to be placed in time. */
final readonly class Task
{
    /**
     * @param  list<Lag>  $after
     * @param  string  $field  where it stands in what was asked
     */
    private function __construct(
        public string $id,
        public int $seconds,
        public Claims $takes,
        public array $after,
        public Grouping $grouping,
        public Bounds $bounds,
        public ?Said $title,
        public string $field,
    ) {
    }

    /**
     * @param  list<Lag>  $after
     * @param  string  $field  where it stands in what was asked
     *
     * @throws InvalidField for minutes below nothing or without end
     */
    public static function of(
        string $id,
        float $minutes,
        Claims $takes,
        array $after = [],
        Grouping $grouping = new Grouping,
        Bounds $bounds = new Bounds,
        ?Said $title = null,
        string $field = 'task',
    ): self {
        if (! is_finite($minutes) || $minutes < 0 || $minutes > 100_000) {
            throw InvalidField::range("$field.minutes", $minutes, 0, 100_000);
        }

        return new self(
            id: $id, seconds: (int) round($minutes * 60), takes: $takes, after: $after, grouping: $grouping,
            bounds: $bounds, title: $title, field: $field,
        );
    }

    /** Its name within a sentence, and at the start of one. An id is never re-spelt. */
    public function words(bool $first = false): Said
    {
        return $this->title === null ? Said::name($this->id) : ($first ? Said::upper($this->title) : $this->title);
    }
}
