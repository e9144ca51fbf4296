<?php

declare(strict_types=1);

namespace App\View;

/** What has come, and so how long a page goes on saying it. */
enum RingKind: string
{
    /** It closes: told ten minutes before, and again, until somebody has seen it. */
    case Closes = 'closes';

    /** It is time: told until somebody has seen it. */
    case Time = 'time';

    /** A wait is over: told once. */
    case Opens = 'opens';
}
