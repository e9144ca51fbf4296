<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

/** Where the second part of a joint sits on the first. */
enum JointPlace: string
{
    case Top = 'top';
    case Foot = 'foot';
    case Side = 'side';
}
