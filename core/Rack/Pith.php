<?php

declare(strict_types=1);

namespace HonestGrain\Rack;

/** Where the heart of the tree is: it cracks, and so it is cut away, bored out, or kept off centre in thin work. */
enum Pith: string
{
    case Out = 'out';
    case In = 'in';
    case Bored = 'bored';

    public function label(): string
    {
        return match ($this) {
            self::Out => 'cut away',
            self::In => 'in the wood',
            self::Bored => 'bored out',
        };
    }
}
