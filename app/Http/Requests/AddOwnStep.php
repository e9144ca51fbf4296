<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Holding\Mount;
use HonestGrain\Piece\Id;
use HonestGrain\Piece\OwnStep;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\Document;
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

    public function step(Piece $core, Tables $tables): OwnStep
    {
        $list = fn (string $field): array => $this->validated($field) === null ? [] : [$this->validated($field)];

        return OwnStep::read(Document::of([
            'id' => Id::fresh('o'), 'title' => $this->validated('step_title'),
            'part' => $core->partOrBody($this->part())->id,
            'minutes' => (float) $this->validated('step_minutes'), 'wait_hours' => $this->number('step_wait') ?? 0.0,
            'mount' => $this->validated('step_mount'), 'before' => $list('step_before'), 'after' => $list('step_after'),
        ], 'steps.'.count($core->steps)), $tables);
    }
}
