<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Piece\Purpose;
use HonestGrain\Piece\StartsAs;
use Illuminate\Validation\Rule;

/** Name, purpose, due date and note of a piece, and what it is begun with. */
class UpdatePiece extends PieceChange
{
    protected function fields(Show $show): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'purpose' => ['required', Rule::enum(Purpose::class)],
            'starts_as' => ['nullable', Rule::enum(StartsAs::class)],
            'due' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
            'note' => ['nullable', 'string', 'max:2000'],
        ];
    }
}
