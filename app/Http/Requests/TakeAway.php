<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;

/** A change that names only what goes. */
class TakeAway extends PieceChange
{
    protected function fields(Show $show): array
    {
        return [];
    }
}
