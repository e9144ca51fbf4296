<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use App\View\Unit;
use HonestGrain\Geometry\Surface;
use HonestGrain\Piece\Mark;
use HonestGrain\Technique\Drawn;
use HonestGrain\Technique\Nature;
use HonestGrain\Technique\Techniques;
use Illuminate\Validation\Rule;

/** A mark on a band of a part. */
class SaveMark extends PieceChange
{
    private const FARTHEST_MM = 6000.0;

    protected function fields(): array
    {
        $along = app(Show::class)->between(Unit::Length, 0, self::FARTHEST_MM);

        return [
            'technique' => ['required', Rule::in(Techniques::table()->decorationKeys())],
            'on' => ['required', Rule::enum(Surface::class)],
            'from' => ['required', 'numeric', $along],
            'to' => ['required', 'numeric', 'gt:from', $along],
            'minutes' => ['nullable', 'numeric', 'between:0,'.Mark::MAX_MINUTES],
            'wait_hours' => ['nullable', 'numeric', 'between:0,'.Mark::MAX_WAIT_HOURS],
            'product' => ['nullable', 'string', 'max:200'],
            'colour' => ['nullable', 'regex:/^#[0-9a-fA-F]{6}$/'],
            'note' => ['nullable', 'string', 'max:500'],
        ];
    }

    /** @return array<string, mixed> as in the document, without its id */
    public function mark(Show $show): array
    {
        $technique = Techniques::table()->decoration($this->validated('technique'));
        $filled = $technique->drawn() === Drawn::Filled;

        return [
            'technique' => $technique->key(), 'on' => $this->validated('on'),
            'from_mm' => $show->typed(Unit::Length, (float) $this->number('from')),
            'to_mm' => $show->typed(Unit::Length, (float) $this->number('to')),
            'settings' => [
                'minutes' => $this->number('minutes'), 'wait_hours' => $this->number('wait_hours'),
                'product' => $technique->nature() === Nature::Colours ? $this->validated('product') : null,
                'colour' => $filled ? $this->validated('colour') : null,
            ],
            'note' => $this->validated('note'),
        ];
    }
}
