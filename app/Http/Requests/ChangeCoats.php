<?php

declare(strict_types=1);

namespace App\Http\Requests;

use HonestGrain\Coating\Denib;
use HonestGrain\Geometry\Face;
use HonestGrain\Piece\BuffWith;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Piece\Part;
use Illuminate\Validation\Rule;

/** One change to the coats of a part. */
class ChangeCoats extends PieceChange
{
    protected function fields(): array
    {
        return [
            'do' => ['required', Rule::in(['stack', 'add', 'remove', 'up', 'down', 'denib', 'buff', 'unplan'])],
            'plan' => ['nullable', 'integer', 'between:0,'.Part::MAX_PLANS],
            'zones' => ['array'],
            'zones.*' => [Rule::in(Face::names())],
            'stack' => ['nullable', 'string', 'max:60'],
            'product' => ['nullable', 'string', 'max:200'],
            'coat' => ['nullable', 'integer', 'between:0,'.CoatPlan::MAX_COATS],
            'denib' => ['nullable', Rule::enum(Denib::class)],
            'buff' => ['nullable', Rule::enum(BuffWith::class)],
        ];
    }
}
