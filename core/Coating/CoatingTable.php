<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Coating\Exception\UnknownProduct;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Reading\Row;
use HonestGrain\Words\Said;

/** The finishes and colours of the catalogue, by class, with a workshop's own labels laid over them. */
final class CoatingTable
{
    /** @var array<string, Coating> those that were asked for, by class */
    private array $made = [];

    /** @var array<string, Stain> those that were asked for, by class */
    private array $colours = [];

    /**
     * @param  array<string, Row>  $rows  of finishes, by class
     * @param  array<string, Row>  $stainRows  by class
     * @param  list<Row>  $binderRows
     * @param  array<string, array<string, float>>  $labels  class => field => value
     * @param  string  $air  that finishes dry in, as a `CureClock` names it
     */
    private function __construct(
        private readonly array $rows,
        private readonly array $stainRows,
        private readonly array $binderRows,
        private readonly array $labels = [],
        private readonly string $air = '',
    ) {
    }

    /**
     * @param  list<Row>  $finishes
     * @param  list<Row>  $stains
     * @param  list<Row>  $binders
     */
    public static function of(array $finishes, array $stains, array $binders = []): self
    {
        return new self(Row::by('class', $finishes), Row::by('class', $stains), $binders);
    }

    /**
     * The same table where "my tin says" otherwise.
     *
     * @param  array<string, array<string, float>>  $labels  class => field => value
     *
     * @throws InvalidField for a label that no finish has
     */
    public function withLabels(array $labels): self
    {
        $table = new self($this->rows, $this->stainRows, $this->binderRows, $labels, $this->air);
        foreach (array_intersect_key($labels, $this->rows) as $class => $label) {
            $table->coating($class);
        }

        return $table;
    }

    /**
     * The same with a mix of the maker's own among its finishes.
     *
     * @throws InvalidField
     */
    public function withMix(Document $mix): self
    {
        $catalogue = array_filter($this->rows, fn (Row $row): bool => ! $row->has('mix'));
        $made = OwnMix::read($mix, $catalogue);
        if (isset($this->stainRows[$made->name])) {
            throw InvalidField::because(
                $mix->at('name'), $made->name, new Said('coating.coating-table.mix-takes-name-no'),
            );
        }

        $table = new self(
            array_replace($this->rows, [$made->name => $made->row()]), $this->stainRows, $this->binderRows,
            $this->labels, $this->air,
        );
        // Figures that make no finish are refused here, not where it is first laid on.
        $table->coating($made->name);

        return $table;
    }

    /**
     * The same finishes drying in another air than the one that is worked in; colours dry on the bench.
     *
     * @param  string  $air  as a `CureClock` names it; empty is its own
     */
    public function dryingIn(string $air): self
    {
        return $air === $this->air ? $this
            : new self($this->rows, $this->stainRows, $this->binderRows, $this->labels, $air);
    }

    /** @throws UnknownProduct */
    public function coating(string $class, string $field = 'product'): Coating
    {
        $row = $this->rows[$class] ?? throw UnknownProduct::named($field, $class, array_keys($this->rows));

        return $this->made[$class] ??= Coating::fromRow($row, $this->labels[$class] ?? [], $this->air);
    }

    /** The class that a rule means by its key; a missing one is a fault of the release. */
    public function byKey(string $key): Coating
    {
        foreach ($this->rows as $class => $row) {
            if ($row->text('key') === $key && ! $row->has('mix')) {
                return $this->coating($class);
            }
        }

        throw new \LogicException("The catalogue has no finish with the key $key.");
    }

    /** @throws UnknownProduct */
    public function stain(string $class, string $field = 'product'): Stain
    {
        $row = $this->stainRows[$class] ?? throw UnknownProduct::named($field, $class, array_keys($this->stainRows));

        return $this->colours[$class] ??= Stain::fromRow($row);
    }

    /** What fills, inlays and leaf are bound with, by its key; a missing one is a fault of the release. */
    public function binder(string $key): Binder
    {
        foreach ($this->binderRows as $row) {
            if ($row->text('key') === $key) {
                return Binder::fromRow($row, $this->coatings());
            }
        }

        throw new \LogicException("The catalogue has no binder with the key $key.");
    }

    /** The colour of a family that is meant where none is chosen: the first of it in the table. */
    public function usualStain(ColourFamily $family): ?Stain
    {
        foreach ($this->stains() as $stain) {
            if ($stain->family === $family) {
                return $stain;
            }
        }

        return null;
    }

    /** @return array<string, Coating> paints, by class; the first is the usual one */
    public function paints(): array
    {
        return array_filter($this->coatings(), fn (Coating $coating): bool => $coating->family === Family::Paint);
    }

    /** @throws UnknownProduct */
    public function product(string $class, string $field = 'product'): Product
    {
        return match (true) {
            isset($this->rows[$class]) => $this->coating($class),
            isset($this->stainRows[$class]) => $this->stain($class),
            default => throw UnknownProduct::named(
                $field, $class, [...array_keys($this->rows), ...array_keys($this->stainRows)],
            ),
        };
    }

    /** The name of a class for a reader; the maker's own, and one that is known no more, by what it was called. */
    public function nameOf(string $class): Said
    {
        $row = $this->rows[$class] ?? $this->stainRows[$class] ?? null;

        return $row === null || $row->has('mix') ? Said::name($class) : ProductName::of($row->text('key'), $class);
    }

    /** @return array<string, Coating> */
    public function coatings(): array
    {
        $all = [];
        foreach (array_keys($this->rows) as $class) {
            $all[$class] = $this->coating($class);
        }

        return $all;
    }

    /** @return array<string, Stain> */
    public function stains(): array
    {
        $all = [];
        foreach (array_keys($this->stainRows) as $class) {
            $all[$class] = $this->stain($class);
        }

        return $all;
    }
}
