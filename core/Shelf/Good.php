<?php

declare(strict_types=1);

namespace HonestGrain\Shelf;

use HonestGrain\Words\Said;

/** What is used up by the piece besides paper: the closed set that steps take. */
enum Good: string
{
    case Cloth = 'cloth';
    case Gloves = 'gloves';
    case Cup = 'cup';
    case Pad = 'pad';

    public function label(): Said
    {
        return new Said("shelf.good.$this->value");
    }
}
