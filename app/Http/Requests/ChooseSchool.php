<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Piece\School;
use Illuminate\Validation\Rule;

/** How the maker likes to go about one thing, for this piece or for every piece of the shop. */
class ChooseSchool extends PieceChange
{
    protected function fields(Show $show): array
    {
        return [
            'choice' => ['required', Rule::in(array_keys(School::CHOICES))],
            'way' => ['required', Rule::in(School::ways())],
            'for_shop' => ['sometimes', 'boolean'],
        ];
    }
}
