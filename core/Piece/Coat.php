<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Coating\Coating;
use HonestGrain\Coating\CoatingTable;
use HonestGrain\Coating\Denib;
use HonestGrain\Reading\Document;

/** One coat, and how the one below it is rubbed before it goes on. */
final readonly class Coat
{
    public function __construct(public string $id, public Coating $coating, public ?Denib $denib)
    {
    }

    public static function read(Document $layer, CoatingTable $table): self
    {
        return new self(
            Id::read($layer),
            $table->coating($layer->text('product'), $layer->at('product')),
            $layer->has('denib') ? Denib::from($layer->choice('denib', array_column(Denib::cases(), 'value'))) : null,
        );
    }

    /** The same, the coat below it rubbed otherwise. */
    public function rubbedBelow(?Denib $denib): self
    {
        return new self($this->id, $this->coating, $denib);
    }

    /** @return array{id: string, product: string, denib: string|null} as in the document */
    public function toArray(): array
    {
        return ['id' => $this->id, 'product' => $this->coating->class, 'denib' => $this->denib?->value];
    }
}
