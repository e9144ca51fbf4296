<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Coating\Exception\UnknownProduct;
use HonestGrain\Reading\Copy;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Reading\Row;
use HonestGrain\Words\Said;

/** The finishes and colours of the catalogue, by class, with a workshop's own labels laid over them. */
final readonly class CoatingTable
{
    /**
     * @param  array<string, Row>  $rows
     * @param  array<string, Coating>  $coatings
     * @param  array<string, Stain>  $stains
     * @param  array<string, array<string, float>>  $labels
     * @param  list<Row>  $binderRows
     */
    private function __construct(
        private array $rows,
        private array $coatings,
        private array $stains,
        private array $labels = [],
        private array $binderRows = [],
    ) {
    }

    /**
     * @param  list<Row>  $finishes
     * @param  list<Row>  $stains
     * @param  list<Row>  $binders
     */
    public static function of(array $finishes, array $stains, array $binders = []): self
    {
        $rows = $coatings = $colours = [];
        foreach ($finishes as $row) {
            $rows[$row->text('class')] = $row;
            $coatings[$row->text('class')] = Coating::fromRow($row);
        }
        foreach ($stains as $row) {
            $colours[$row->text('class')] = Stain::fromRow($row);
        }

        return new self($rows, $coatings, $colours, [], $binders);
    }

    /**
     * The same table where "my tin says" otherwise.
     *
     * @param  array<string, array<string, float>>  $labels  class => field => value
     */
    public function withLabels(array $labels): self
    {
        $coatings = $this->coatings;
        foreach ($labels as $class => $label) {
            if (isset($this->rows[$class])) {
                $coatings[$class] = Coating::fromRow($this->rows[$class], $label);
            }
        }

        return Copy::with($this, ['coatings' => $coatings, 'labels' => $labels]);
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
        if (isset($this->stains[$made->name])) {
            throw InvalidField::because(
                $mix->at('name'), $made->name, new Said('coating.coating-table.mix-takes-name-no'),
            );
        }
        $row = $made->row();

        return Copy::with($this, ['rows' => array_replace(
            $this->rows, [$made->name => $row],
        ), 'coatings' => array_replace($this->coatings, [
            $made->name => Coating::fromRow($row, $this->labels[$made->name] ?? []),
        ])]);
    }

    /**
     * The same finishes drying in another air than the one that is worked in; colours dry on the bench.
     *
     * @param  string  $air  as a `CureClock` names it; empty is its own
     */
    public function dryingIn(string $air): self
    {
        return $air === '' ? $this : Copy::with($this, ['coatings' => array_map(
            fn (Row $row): Coating => Coating::fromRow($row, $this->labels[$row->text('class')] ?? [], $air),
            $this->rows,
        )]);
    }

    /** @throws UnknownProduct */
    public function coating(string $class, string $field = 'product'): Coating
    {
        return $this->coatings[$class] ?? throw UnknownProduct::named($field, $class, array_keys($this->coatings));
    }

    /** The class that a rule means by its key; a missing one is a fault of the release. */
    public function byKey(string $key): Coating
    {
        foreach ($this->coatings as $coating) {
            if ($coating->key === $key && $coating->mix === []) {
                return $coating;
            }
        }

        throw new \LogicException("The catalogue has no finish with the key $key.");
    }

    /** @throws UnknownProduct */
    public function stain(string $class, string $field = 'product'): Stain
    {
        return $this->stains[$class] ?? throw UnknownProduct::named($field, $class, array_keys($this->stains));
    }

    /** What fills, inlays and leaf are bound with, by its key; a missing one is a fault of the release. */
    public function binder(string $key): Binder
    {
        foreach ($this->binderRows as $row) {
            if ($row->text('key') === $key) {
                return Binder::fromRow($row, $this->coatings);
            }
        }

        throw new \LogicException("The catalogue has no binder with the key $key.");
    }

    /** The colour of a family that is meant where none is chosen: the first of it in the table. */
    public function usualStain(ColourFamily $family): ?Stain
    {
        foreach ($this->stains as $stain) {
            if ($stain->family === $family) {
                return $stain;
            }
        }

        return null;
    }

    /** @return array<string, Coating> paints, by class; the first is the usual one */
    public function paints(): array
    {
        return array_filter($this->coatings, fn (Coating $coating): bool => $coating->family === Family::Paint);
    }

    /** @throws UnknownProduct */
    public function product(string $class, string $field = 'product'): Product
    {
        return $this->coatings[$class] ?? $this->stains[$class]
            ?? throw UnknownProduct::named(
                $field, $class, [...array_keys($this->coatings), ...array_keys($this->stains)],
            );
    }

    /** @return array<string, Coating> */
    public function coatings(): array
    {
        return $this->coatings;
    }

    /** @return array<string, Stain> */
    public function stains(): array
    {
        return $this->stains;
    }
}
