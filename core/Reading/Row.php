<?php

declare(strict_types=1);

namespace HonestGrain\Reading;

/** One row of a shipped table. A missing or misspelt column is a fault of the release, not of the user. */
final readonly class Row
{
    /** @param  array<string, string>  $cells */
    public function __construct(private array $cells)
    {
    }

    /**
     * The same with other cells.
     *
     * @param  array<string, string>  $cells
     */
    public function with(array $cells): self
    {
        return new self($cells + $this->cells);
    }

    /**
     * @param  list<self>  $rows
     * @return array<string, self> by what stands in a column
     */
    public static function by(string $column, array $rows): array
    {
        $by = [];
        foreach ($rows as $row) {
            $by[$row->text($column)] = $row;
        }

        return $by;
    }

    public function has(string $column): bool
    {
        return ($this->cells[$column] ?? '') !== '';
    }

    public function text(string $column): string
    {
        return $this->cells[$column] ?? throw new \LogicException("The catalogue has no column $column.");
    }

    public function number(string $column): float
    {
        $text = $this->text($column);

        return is_numeric($text) ? (float) $text : throw new \LogicException("$column is not a number: $text");
    }

    public function numberOrNull(string $column): ?float
    {
        return $this->text($column) === '' ? null : $this->number($column);
    }

    public function flag(string $column): bool
    {
        return $this->text($column) === 'yes';
    }
}
