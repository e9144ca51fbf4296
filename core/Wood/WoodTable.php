<?php

declare(strict_types=1);

namespace HonestGrain\Wood;

use HonestGrain\Reading\InvalidField;
use HonestGrain\Reading\Row;

/** The woods that the catalogue knows, by name. */
final readonly class WoodTable
{
    /** @param  array<string, Wood>  $woods */
    private function __construct(private array $woods)
    {
    }

    /** @param  list<Row>  $rows */
    public static function of(array $rows): self
    {
        $woods = [];
        foreach ($rows as $row) {
            $wood = Wood::fromRow($row);
            $woods[$wood->name] = $wood;
        }

        return new self($woods);
    }

    /** @throws InvalidField for a wood that the table does not hold */
    public function named(string $name, string $field = 'wood'): Wood
    {
        return $this->woods[$name] ?? throw InvalidField::choice($field, $name, array_keys($this->woods));
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_keys($this->woods);
    }
}
