<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A change that names only what goes. */
class TakeAway extends PieceChange
{
    protected function fields(): array
    {
        return [];
    }
}
