<?php

declare(strict_types=1);

namespace HonestGrain\Glossary;

use HonestGrain\Words\Said;

/** Where in the craft a word belongs, in the order of the work. */
enum TermGroup: string
{
    case Wood = 'wood';
    case Lathe = 'lathe';
    case Shape = 'shape';
    case Grits = 'grits';
    case Marks = 'marks';
    case Colour = 'colour';
    case Coats = 'coats';
    case Time = 'time';

    public function label(): Said
    {
        return new Said("glossary.groups.$this->value");
    }
}
