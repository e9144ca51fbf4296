<?php

declare(strict_types=1);

namespace App\Models;

/** What somebody of a workshop may do: the owner runs it, a maker works in it, a reader sees what is ready when. */
enum Role: string
{
    case Owner = 'owner';
    case Maker = 'maker';
    case Reader = 'reader';
}
