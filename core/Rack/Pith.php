<?php

declare(strict_types=1);

namespace HonestGrain\Rack;

use HonestGrain\Words\Said;

/** Where the heart of the tree is: it cracks, and so it is cut away, bored out, or kept off centre in thin work. */
enum Pith: string
{
    case Out = 'out';
    case In = 'in';
    case Bored = 'bored';

    public function label(): Said
    {
        return new Said("rack.pith.$this->value");
    }
}
