<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use Illuminate\Validation\Rule;

/** A step moved before or after another. */
class MoveStep extends PieceChange
{
    protected function fields(Show $show): array
    {
        return [
            'step' => ['required', 'string', 'max:120'],
            'target' => ['required', 'string', 'max:120', 'different:step'],
            'place' => ['required', Rule::in(['before', 'after'])],
        ];
    }

    /** @return array{string, string} what is to come first, and what later */
    public function pair(): array
    {
        $pair = [$this->validated('step'), $this->validated('target')];

        return $this->validated('place') === 'before' ? $pair : array_reverse($pair);
    }
}
