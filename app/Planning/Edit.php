<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Change;
use App\Models\User;

/** A change to a piece: the version it was made from, what it is called in the history, and who makes it. */
final readonly class Edit
{
    public function __construct(public int $seen, public Change $what, public ?User $user)
    {
    }
}
