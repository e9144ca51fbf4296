<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Piece;
use App\Models\User;
use App\Planning\WhatIf\Change;
use App\Planning\WhatIf\GoBehind;
use App\Planning\WhatIf\MoveDue;
use App\Planning\WhatIf\Weigh;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;

/** The due date of a piece, typed or dragged by days, and how much its lateness weighs. */
class MovePromise extends FormRequest
{
    private const MOST_DAYS = 400;

    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        /** @var Piece $piece */
        $piece = $this->route('piece');

        return [
            'due_at' => ['nullable', 'date_format:Y-m-d\TH:i', 'after:2020-01-01', 'before:2100-01-01'],
            'by_days' => ['nullable', 'integer', 'between:-'.self::MOST_DAYS.','.self::MOST_DAYS],
            'weight' => ['nullable', 'numeric', Rule::in(Piece::WEIGHTS)],
            'behind' => ['sometimes', 'nullable', 'integer', new MayGoBehind($piece)],
            'back' => ['nullable', 'string', 'max:300', 'regex:#^'.preg_quote(route('weeks'), '#').'(\?.*)?$#'],
        ];
    }

    /** @return list<Change> */
    public function changes(Piece $piece): array
    {
        /** @var User $user */
        $user = $this->user();
        $typed = $this->validated();
        $due = $piece->due_at;
        if (($typed['due_at'] ?? null) !== null) {
            $due = Carbon::parse($typed['due_at'], $user->timeZone());
        }
        if (($typed['by_days'] ?? null) !== null && $due !== null) {
            $due = $due->copy()->setTimezone($user->timeZone())->addDays((int) $typed['by_days']);
        }
        $weight = (float) ($typed['weight'] ?? $piece->weight);

        return array_values(array_filter([
            $due === null || $due->getTimestamp() === $piece->due_at?->getTimestamp()
                ? null : new MoveDue($piece->id, (int) $due->getTimestamp()),
            $weight === $piece->weight ? null : new Weigh($piece->id, $weight),
            ! array_key_exists('behind', $typed) || (int) $typed['behind'] === (int) $piece->behind_id
                ? null : new GoBehind($piece->id, $typed['behind'] === null ? null : (int) $typed['behind']),
        ]));
    }
}
