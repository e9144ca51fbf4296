<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Words\Unit;
use Illuminate\Validation\Rule;

/** Several marks moved, copied or mirrored together. */
class MoveMarks extends PieceChange implements TakesLists
{
    public static function lists(): array
    {
        return ['marks'];
    }

    public const WAYS = ['move', 'copy', 'mirror'];

    private const FARTHEST_MM = 3000.0;

    protected function fields(Show $show): array
    {
        return [
            'marks' => ['required', 'array', 'min:1'],
            'marks.*' => ['string', 'max:40'],
            'together' => ['required', Rule::in(self::WAYS)],
            'by' => [
                'nullable', Rule::requiredIf($this->input('together') !== 'mirror'), 'numeric',
                $show->between(Unit::Length, -self::FARTHEST_MM, self::FARTHEST_MM),
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['marks.required' => say('http.move-marks.tick-marks-meant')];
    }

    /** @return list<string> ids */
    public function marks(): array
    {
        return array_values($this->validated('marks'));
    }

    public function byMm(Show $show): float
    {
        return $show->typed(Unit::Length, (float) $this->number('by'));
    }
}
