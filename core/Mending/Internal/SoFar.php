<?php

declare(strict_types=1);

namespace HonestGrain\Mending\Internal;

use HonestGrain\Route\Step;

/**
 * How far a route has come where a fault is.
 *
 * @internal
 */
final readonly class SoFar
{
    /**
     * @param  list<Step>  $done  on the face, in order
     * @param  list<Step>  $left  on the face
     * @param  list<string>  $ids  of what is done on the whole piece
     */
    public function __construct(public array $done, public array $left, public array $ids)
    {
    }
}
