<?php

declare(strict_types=1);

namespace HonestGrain\Piece\School;

use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Words\Said;

/** Whether the inside is finished before the outside gets its last line; what is usual follows from what is owned. */
enum Inside: string implements Choice
{
    case First = 'first';
    case Later = 'later';

    public static function usual(): ?self
    {
        return null;
    }

    /** Into end grain it is hollowed while there is wood behind it; a bowl's outside comes first. */
    public static function of(GrainDirection $grain): self
    {
        return $grain === GrainDirection::End ? self::First : self::Later;
    }

    public static function about(): Said
    {
        return new Said('route.school.inside-outside');
    }

    public function said(): Said
    {
        return new Said(match ($this) {
            self::First => 'route.school.inside-finished-first-while',
            self::Later => 'route.school.outside-gets-last-line',
        });
    }
}
