<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Words\Said;

/** What comes on a sanded surface, as far as its last grit goes. */
enum Finish: string
{
    case Oil = 'oil';
    case Film = 'film';
    case Polish = 'polish';
    case Use = 'use';

    public function label(): Said
    {
        return new Said("abrasive.finishes.$this->value");
    }
}
