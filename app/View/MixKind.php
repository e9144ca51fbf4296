<?php

declare(strict_types=1);

namespace App\View;

/** How a finish is mixed at the bench. */
enum MixKind: string
{
    case AsItIs = 'as-it-is';
    case Thinned = 'thinned';
    case TwoPart = 'two-part';

    public function word(): string
    {
        return say("view.mix-page.kinds.$this->value");
    }
}
