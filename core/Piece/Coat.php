<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Coating\Coating;
use HonestGrain\Coating\Denib;

/** One coat, and how the one below it is rubbed before it goes on. */
final readonly class Coat
{
    public function __construct(public Coating $coating, public ?Denib $denib)
    {
    }
}
