<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Words\Said;

/** What paper is wetted with: it holds the dust down, cuts slower, keeps paper sharp longer, and stays in the wood. */
enum Lubricant: string
{
    case Oil = 'oil';
    case Water = 'water';

    public function label(): Said
    {
        return new Said("abrasive.lubricant.$this->value");
    }
}
