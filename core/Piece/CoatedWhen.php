<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Words\Said;

/** When the outside's share of a plan of coats goes on: while that side is out, or with the rest once it is hollow. */
enum CoatedWhen: string
{
    case BeforeReversing = 'before-reversing';
    case WithTheRest = 'with-the-rest';

    public function label(): Said
    {
        return new Said("piece.coated-when.$this->value");
    }
}
