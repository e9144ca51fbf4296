<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Piece\PartKind;
use Illuminate\Validation\Rule;

/** A part that goes with another. */
class AddPart extends PieceChange
{
    protected function fields(Show $show): array
    {
        return [
            'kind' => ['required', Rule::enum(PartKind::class)],
        ];
    }
}
