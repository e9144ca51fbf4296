<?php

declare(strict_types=1);

namespace HonestGrain\Piece\School;

use HonestGrain\Words\Said;

/** What a rough-out that dried oval is pressed by until its hold is true: by its inside, or by its rim made flat. */
enum WarpedRim: string implements Choice
{
    case OverBlock = 'over-a-block';
    case Flattened = 'rim-flattened';

    public static function usual(): self
    {
        return self::OverBlock;
    }

    public static function about(): Said
    {
        return new Said('route.school.a-warped-rim');
    }

    public function said(): Said
    {
        return new Said("route.school.$this->value");
    }
}
