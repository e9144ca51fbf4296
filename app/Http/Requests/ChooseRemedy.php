<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;

/** Which remedy is chosen. */
class ChooseRemedy extends PieceChange
{
    protected function fields(Show $show): array
    {
        return ['remedy' => ['required', 'string', 'max:40']];
    }
}
