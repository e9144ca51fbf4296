<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Words\Said;

/** What the maker wants a flaw filled with, where they say so. */
enum FillWith: string
{
    case ThinCa = 'thin-ca';
    case PowderCa = 'powder-ca';
    case Epoxy = 'epoxy';
    case Patch = 'patch';

    /** Its name within a sentence. */
    public function label(): Said
    {
        return new Said("piece.fill-with.$this->value");
    }
}
