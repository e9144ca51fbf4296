<?php

declare(strict_types=1);

namespace HonestGrain\Shelf;

/** How an opened tin is to be taken, by how long it has been open. */
enum TinState: string
{
    case Good = 'good';
    case Old = 'old';
    case Past = 'past';
}
