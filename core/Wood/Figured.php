<?php

declare(strict_types=1);

namespace HonestGrain\Wood;

use HonestGrain\Words\Said;

/** What makes the grain of a piece run other than straight, so that it tears where straight grain is cut. */
enum Figured: string
{
    case Curl = 'curl';
    case Interlocked = 'interlocked';
    case Burl = 'burl';

    public function label(): Said
    {
        return new Said("wood.figured.$this->value");
    }

    /** How it is cut, so that it tears as little as it may. */
    public function advice(): Said
    {
        return new Said("wood.figured-cut.$this->value");
    }
}
