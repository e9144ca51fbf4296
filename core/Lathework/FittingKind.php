<?php

declare(strict_types=1);

namespace HonestGrain\Lathework;

use HonestGrain\Words\Said;

/** What is bought and fitted to turned work. */
enum FittingKind: string
{
    /** A tube over a spigot, flush with the wood beside it. */
    case Ferrule = 'ferrule';

    /** A threaded bush that is glued into a hole. */
    case Insert = 'insert';

    /** Works, a lamp holder, a burner: what goes into holes of its own sizes and comes out again. */
    case Kit = 'kit';

    public function label(): Said
    {
        return new Said("piece.fitting.$this->value");
    }

    /** Whether it goes into a hole, and not over the wood. */
    public function isBored(): bool
    {
        return $this !== self::Ferrule;
    }
}
