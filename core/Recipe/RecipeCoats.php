<?php

declare(strict_types=1);

namespace HonestGrain\Recipe;

use HonestGrain\Coating\CoatingTable;
use HonestGrain\Geometry\Face;
use HonestGrain\Piece\Coat;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Piece\Id;
use HonestGrain\Reading\Document;

/** The coats of some faces, as in a piece's document but for ids: those are given where it is used. */
final readonly class RecipeCoats
{
    private const BESIDES = ['buff', 'buff_with', 'sheen', 'when'];

    /**
     * @param  list<Face>  $zones
     * @param  list<array{product: string, denib: string|null}>  $layers  first on the wood first
     * @param  array<string, mixed>  $besides  how the last is rubbed and when they go on
     */
    private function __construct(public array $zones, public array $layers, public array $besides)
    {
    }

    public static function read(Document $coats): self
    {
        return new self(
            Face::once(Face::read($coats, 'zones')),
            array_map(fn (Document $layer): array => [
                'product' => $layer->text('product'), 'denib' => $layer->textOr('denib', null, 40),
            ], $coats->children('layers', CoatPlan::MAX_COATS)),
            array_intersect_key($coats->fields(), array_flip(self::BESIDES)),
        );
    }

    public static function of(CoatPlan $plan): self
    {
        return new self(
            $plan->zones,
            array_map(fn (Coat $coat): array => [
                'product' => $coat->coating->class, 'denib' => $coat->denib?->value,
            ], $plan->coats),
            array_intersect_key($plan->toArray(), array_flip(self::BESIDES)),
        );
    }

    /** @param  list<Face>  $zones  at least one */
    public function onFaces(array $zones): Document
    {
        return Document::of([
            'id' => Id::fresh('c'), 'zones' => Face::names($zones),
            'layers' => array_map(fn (array $layer): array => ['id' => Id::fresh('l')] + $layer, $this->layers),
        ] + $this->besides);
    }

    /**
     * Whether each of its products is known, and its sheen can be rubbed.
     *
     * @param  int  $at  which they are of their part, from 0
     *
     * @throws \HonestGrain\Reading\BadInput naming the field, such as `coats.0.layers.2.product`
     */
    public function check(int $at, CoatingTable $table): void
    {
        CoatPlan::read(Document::of($this->onFaces($this->zones)->fields(), "coats.$at"), $table);
    }

    /** @return array<string, mixed> what stays whatever coats go on: when they do */
    public function lasting(): array
    {
        return array_intersect_key($this->besides, ['when' => true]);
    }

    /** @return array<string, mixed> as in the document */
    public function toArray(): array
    {
        return ['zones' => Face::names($this->zones), 'layers' => $this->layers] + $this->besides;
    }
}
