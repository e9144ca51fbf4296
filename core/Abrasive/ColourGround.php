<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

/** What colours a surface, as far as the ground under it goes. */
enum ColourGround
{
    /** It soaks in: the wood must not be burnished. */
    case Dye;

    /** It covers, and wants some tooth. */
    case Paint;

    /** It shows every scratch below it. */
    case Leaf;
}
