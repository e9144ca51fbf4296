<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Coating\Coating;

/** How a finish is mixed at the bench. */
enum MixKind: string
{
    case AsItIs = 'as-it-is';
    case Thinned = 'thinned';
    case TwoPart = 'two-part';
    case Hastened = 'ca-accelerator';

    /** @return list<self> those that go for a finish */
    public static function of(Coating $coating): array
    {
        return $coating->family->isHastened() ? [self::AsItIs, self::Hastened]
            : [self::AsItIs, self::Thinned, self::TwoPart];
    }

    /** Whether it goes into a cup that is used up later; thin CA goes on from its bottle. */
    public function isCupped(): bool
    {
        return $this === self::Thinned || $this === self::TwoPart;
    }

    public function word(): string
    {
        return say("view.mix-page.kinds.$this->value");
    }
}
