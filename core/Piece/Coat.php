<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Coating\Coating;
use HonestGrain\Coating\Denib;

/** One coat, and how the one below it is rubbed before it goes on. */
final readonly class Coat
{
    public function __construct(public string $id, public Coating $coating, public ?Denib $denib)
    {
    }

    /** @return array{id: string, product: string, denib: string|null} as in the document */
    public function toArray(): array
    {
        return ['id' => $this->id, 'product' => $this->coating->class, 'denib' => $this->denib?->value];
    }
}
