<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Geometry\Face;
use HonestGrain\Words\Said;

/** A complete stack of coats that a maker can take as it is (workshop). */
final readonly class ProvenStack
{
    /** @param  list<array{product: string, denib: string|null}>  $layers */
    private function __construct(
        public string $id,
        public array $layers,
        public bool $buff,
    ) {
    }

    /**
     * A row of the shipped table.
     *
     * @param  array{id: string, buff: bool, layers: list<array{string, string|null}>}  $row
     */
    public static function fromRow(array $row): self
    {
        $layers = array_map(fn (array $layer): array => ['product' => $layer[0], 'denib' => $layer[1]], $row['layers']);

        return new self($row['id'], $layers, $row['buff']);
    }

    public function name(): Said
    {
        return new Said("coating.stacks.$this->id.name");
    }

    /** What it is good for. */
    public function suits(): Said
    {
        return new Said("coating.stacks.$this->id.suits");
    }

    /**
     * As in a piece document.
     *
     * @param  list<Face>  $zones
     * @param  \Closure(string): string  $id  gives the next layer its id
     * @return array{zones: list<string>, layers: list<array{id: string, product: string, denib: string|null}>,
     *     buff: bool}
     */
    public function planFor(array $zones, \Closure $id): array
    {
        return [
            'zones' => Face::names($zones),
            'layers' => array_map(fn (array $layer): array => ['id' => $id('l')] + $layer, $this->layers),
            'buff' => $this->buff,
        ];
    }
}
