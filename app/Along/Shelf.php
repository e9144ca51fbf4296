<?php

declare(strict_types=1);

namespace App\Along;

use Illuminate\Database\Eloquent\Model;

/** One table of a workshop as it is taken along: which columns, of what kind, and what they point at. */
final readonly class Shelf
{
    /** What a column holds, by the letter that stands for it. */
    private const KINDS = [
        's' => ['string'], 'i' => ['integer'], 'n' => ['number', 'integer'], 'b' => ['boolean'], 't' => ['string'],
        'j' => ['object', 'array'],
    ];

    /** @var array<string, string> letter of its kind by column; small where it may hold nothing */
    public array $columns;

    /**
     * @param  class-string<Model>|null  $model  that reads its rows
     * @param  string  $columns  "grit:s,price:n?"
     * @param  array<string, string>  $points  columns that hold the number of a row, and of which table
     * @param  string|null  $by  column that holds who did it
     * @param  string  $of  the column that says whose a row is
     */
    public function __construct(
        public string $name,
        public ?string $model,
        string $columns,
        public array $points = [],
        public ?string $by = null,
        public string $of = 'workshop_id',
    ) {
        $kinds = [];
        foreach (explode(',', $columns) as $column) {
            [$of, $kind] = explode(':', $column);
            $kinds[$of] = $kind;
        }
        $this->columns = $kinds;
    }

    public function isJson(string $column): bool
    {
        return $this->columns[$column][0] === 'j';
    }

    /** Whether a value is of the kind of its column. */
    public function takes(string $column, mixed $value): bool
    {
        $kind = $this->columns[$column];
        if ($value === null) {
            return str_ends_with($kind, '?');
        }
        $is = match (true) {
            is_string($value) => 'string', is_int($value) => 'integer', is_float($value) => 'number',
            is_bool($value) => 'boolean', is_array($value) => 'array', default => 'object',
        };

        return in_array($is, self::KINDS[$kind[0]], true) && ($kind[0] !== 't' || self::isTime((string) $value));
    }

    /** @return array<string, mixed> of a row, as JSON schema */
    public function schema(): array
    {
        $properties = ['id' => ['type' => 'integer', 'minimum' => 1]];
        foreach ($this->columns as $column => $kind) {
            $types = $kind[0] === 'n' ? ['number'] : self::KINDS[$kind[0]];
            $properties[$column] = ['type' => [...$types, ...(str_ends_with($kind, '?') ? ['null'] : [])]]
                + ($kind[0] === 't' ? ['pattern' => '^\d{4}-\d\d-\d\d( \d\d:\d\d:\d\d)?$'] : []);
        }
        foreach (array_keys($this->points) as $column) {
            $properties[$column] = ['type' => ['integer', 'null'], 'minimum' => 1];
        }
        if ($this->by !== null) {
            $properties[$this->by] = ['type' => ['string', 'null']];
        }

        return [
            'type' => 'object', 'properties' => $properties, 'required' => array_keys($properties),
            'additionalProperties' => false,
        ];
    }

    private static function isTime(string $value): bool
    {
        $at = date_create_immutable_from_format(strlen($value) > 10 ? 'Y-m-d H:i:s' : '!Y-m-d', $value);

        return $at !== false && in_array($value, [$at->format('Y-m-d H:i:s'), $at->format('Y-m-d')], true);
    }
}
