<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Words\Unit;
use Illuminate\Validation\Rule;

/** Several marks moved, copied or mirrored together, given to another piece, or dyed with another class. */
class MoveMarks extends PieceChange implements TakesLists
{
    public static function lists(): array
    {
        return ['marks'];
    }

    public const WAYS = ['move', 'copy', 'mirror', 'give', 'class'];

    private const BY_A_LENGTH = ['move', 'copy'];

    private const FARTHEST_MM = 3000.0;

    protected function fields(Show $show): array
    {
        return [
            'marks' => ['required', 'array', 'min:1'],
            'marks.*' => ['string', 'max:40'],
            'together' => ['required', Rule::in(self::WAYS)],
            'by' => [
                'nullable', Rule::requiredIf(in_array($this->input('together'), self::BY_A_LENGTH, true)),
                'numeric',
                $show->between(Unit::Length, -self::FARTHEST_MM, self::FARTHEST_MM),
            ],
            'marks_to' => [
                'nullable', Rule::requiredIf($this->input('together') === 'give'), 'string',
                'regex:/^\d{1,18}\/[A-Za-z0-9_-]{1,40}$/D',
            ],
            'mark_class' => [
                'nullable', Rule::requiredIf($this->input('together') === 'class'), 'string', 'max:200',
            ],
        ];
    }

    /** @return array{int, string} id of a piece, and of a part of it */
    public function to(): array
    {
        [$piece, $part] = explode('/', $this->validated('marks_to'));

        return [(int) $piece, $part];
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
