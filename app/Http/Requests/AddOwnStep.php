<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Planning\FreshId;
use App\View\Show;
use HonestGrain\Holding\Mount;
use Illuminate\Validation\Rule;

/** A step of the maker's own. */
class AddOwnStep extends PieceChange
{
    protected function fields(Show $show): array
    {
        return [
            'step_title' => ['required', 'string', 'max:160'],
            'step_minutes' => ['required', 'numeric', 'between:0,2400'],
            'step_wait' => ['nullable', 'numeric', 'between:0,2000'],
            'step_mount' => ['nullable', Rule::enum(Mount::class)],
            'step_after' => ['nullable', 'string', 'max:120'],
            'step_before' => ['nullable', 'string', 'max:120'],
        ];
    }

    /** @return array<string, mixed> as in the document */
    public function step(): array
    {
        $list = fn (string $field): array => $this->validated($field) === null ? [] : [$this->validated($field)];

        return [
            'id' => FreshId::of('o'), 'title' => $this->validated('step_title'), 'part' => $this->part(), 'on' => null,
            'minutes' => (float) $this->validated('step_minutes'), 'wait_hours' => $this->number('step_wait') ?? 0.0,
            'mount' => $this->validated('step_mount'), 'before' => $list('step_before'), 'after' => $list('step_after'),
        ];
    }
}
