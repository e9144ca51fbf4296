<?php

declare(strict_types=1);

namespace HonestGrain\Wood;

use HonestGrain\Reading\InvalidField;
use HonestGrain\Reading\Row;

/** The woods that the catalogue knows, and those that a workshop typed, by name. */
final readonly class WoodTable
{
    /** @param  array<string, Wood>  $woods */
    private function __construct(private array $woods)
    {
    }

    /**
     * @param  list<Row>  $rows  woods with published figures
     * @param  list<Row>  $named  woods that makers ask for, whose figures are borrowed
     */
    public static function of(array $rows, array $named = []): self
    {
        $table = new self([]);
        foreach ($rows as $row) {
            $table = $table->with(Wood::fromRow($row));
        }
        foreach ($named as $row) {
            $table = $table->with(Wood::named($row, $table->named($row->text('like'), 'like')));
        }

        return $table;
    }

    /** The same with one more, or with another under that name. */
    public function with(Wood $wood): self
    {
        return new self([$wood->name => $wood] + $this->woods);
    }

    /** @throws InvalidField for a wood that the table does not hold */
    public function named(string $name, string $field = 'wood'): Wood
    {
        return $this->woods[$name] ?? throw InvalidField::choice($field, $name, $this->names());
    }

    /** @return list<string> in the order of the alphabet */
    public function names(): array
    {
        $names = array_map(strval(...), array_keys($this->woods));
        sort($names, SORT_FLAG_CASE | SORT_STRING);

        return $names;
    }
}
