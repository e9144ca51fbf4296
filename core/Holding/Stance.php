<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

/** Which way round a part is. */
enum Stance: string
{
    /** Held by the end that becomes the top, while the hold for all that follows is cut. */
    case First = 'first';

    /** A rough-out that dried oval, pressed on while its hold is trued. */
    case Truing = 'truing';

    /** Held by its foot. */
    case Main = 'main';

    /** Turned round, its foot outwards. */
    case Foot = 'foot';

    /** Held by what was cut at its other end, while it is bored from its foot. */
    case Far = 'far';

    /** Off the lathe. */
    case Off = 'off';

    /** Whether its foot points to the tailstock. */
    public function footOut(): bool
    {
        return in_array($this, [self::First, self::Truing, self::Foot, self::Far], true);
    }
}
