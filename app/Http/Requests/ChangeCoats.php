<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Coating\Denib;
use HonestGrain\Geometry\Face;
use HonestGrain\Piece\BuffWith;
use HonestGrain\Piece\CoatedWhen;
use HonestGrain\Piece\Sheen;
use Illuminate\Validation\Rule;

/** One change to the coats of a part; plan and coat are named by their ids, so that it means the same later. */
class ChangeCoats extends PieceChange implements TakesLists
{
    public static function lists(): array
    {
        return ['zones'];
    }

    protected function fields(Show $show): array
    {
        return [
            'do' => ['required', Rule::in([
                'stack', 'add', 'remove', 'up', 'down', 'place', 'copy', 'denib', 'buff', 'sheen', 'when', 'unplan',
            ])],
            'plan' => ['nullable', 'string', 'max:60'],
            'zones' => ['array'],
            'zones.*' => [Rule::in(Face::names())],
            'stack' => ['nullable', 'string', 'max:60'],
            'product' => ['nullable', 'string', 'max:200'],
            'coat' => ['nullable', 'string', 'max:60'],
            'under' => ['nullable', 'string', 'max:60'],
            'to' => ['nullable', Rule::requiredIf($this->input('do') === 'copy'), 'string', 'max:40'],
            'denib' => ['nullable', Rule::enum(Denib::class)],
            'buff' => ['nullable', Rule::enum(BuffWith::class)],
            'sheen' => ['nullable', Rule::enum(Sheen::class)],
            'when' => ['nullable', Rule::enum(CoatedWhen::class)],
        ];
    }
}
