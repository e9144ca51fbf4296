<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Which remedy is chosen. */
class ChooseRemedy extends PieceChange
{
    protected function fields(): array
    {
        return ['remedy' => ['required', 'string', 'max:40']];
    }
}
