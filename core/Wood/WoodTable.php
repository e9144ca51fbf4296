<?php

declare(strict_types=1);

namespace HonestGrain\Wood;

use HonestGrain\Reading\InvalidField;
use HonestGrain\Reading\Row;
use HonestGrain\Words\Said;

/** The woods that the catalogue knows, and those that a workshop typed, by name. */
final class WoodTable
{
    /**
     * @param  array<string, Row>  $rows  woods with published figures, by name
     * @param  array<string, Row>  $named  woods that makers ask for, whose figures are borrowed, by name
     * @param  array<string, Wood>  $woods  those that were typed or asked for, by name
     */
    private function __construct(
        private readonly array $rows,
        private readonly array $named,
        private array $woods = [],
    ) {
    }

    /**
     * @param  list<Row>  $rows  woods with published figures
     * @param  list<Row>  $named  woods that makers ask for, whose figures are borrowed
     */
    public static function of(array $rows, array $named = []): self
    {
        return new self(Row::by('name', $rows), Row::by('name', $named));
    }

    /** The same with one more, or with another under that name. */
    public function with(Wood $wood): self
    {
        return new self($this->rows, $this->named, [$wood->name => $wood] + $this->woods);
    }

    /** @throws InvalidField for a wood that the table does not hold */
    public function named(string $name, string $field = 'wood'): Wood
    {
        return $this->woods[$name] ??= $this->catalogued($name)
            ?? throw InvalidField::choice($field, $name, $this->names());
    }

    private function catalogued(string $name): ?Wood
    {
        $named = $this->named[$name] ?? null;
        $like = $named === null ? null : $this->catalogued($named->text('like'));

        return match (true) {
            $named !== null && $like !== null => Wood::named($named, $like),
            isset($this->rows[$name]) => Wood::fromRow($this->rows[$name]),
            default => null,
        };
    }

    /** What a wood is called; one that the table does not hold, as it stands there. */
    public function nameOf(string $name): Said
    {
        return isset($this->woods[$name]) ? $this->woods[$name]->said()
            : (isset($this->rows[$name]) || isset($this->named[$name]) ? Wood::nameOf($name) : Said::name($name));
    }

    /** @return list<string> in the order of the alphabet */
    public function names(): array
    {
        $names = array_map(strval(...), array_keys($this->rows + $this->named + $this->woods));
        sort($names, SORT_FLAG_CASE | SORT_STRING);

        return $names;
    }
}
