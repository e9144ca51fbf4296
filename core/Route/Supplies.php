<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Abrasive\Abrading;
use HonestGrain\Coating\Amount;
use HonestGrain\Coating\FilmKind;
use HonestGrain\Shelf\Goods;

/** What a step uses up, and what film that leaves. */
final readonly class Supplies
{
    /** @param  string|null  $product  its class */
    public function __construct(
        public ?string $product = null,
        public ?Amount $amount = null,
        public ?FilmKind $film = null,
        public ?Abrading $abrading = null,
        public ?Goods $goods = null,
    ) {
    }
}
