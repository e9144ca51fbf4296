<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

/**
 * Which faces of a plan of coats are coated in one go: all that are left, those before the part is turned round, or
 * what comes free last. Its value ends the ids of what is done in it.
 *
 * @internal
 */
enum Go: string
{
    case Whole = '';
    case Early = '/outside';
    case Foot = '/foot';
}
