<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\PressedAt;
use App\Models\Timer;
use App\Models\TimerKind;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A clock is set: what for, for how long, and at which piece. */
class StartTimer extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        /** @var User $user */
        $user = $this->user();

        return [
            'timed' => ['required', Rule::enum(TimerKind::class)],
            'called' => ['nullable', 'string', 'max:80'],
            'for_minutes' => ['nullable', 'numeric', 'min:0.1', 'max:'.Timer::LONGEST_MINUTES],
            'at_piece' => [
                'nullable', 'integer', Rule::exists('pieces', 'id')->where('workshop_id', $user->workshop_id),
            ],
            'once' => ['nullable', 'string', 'alpha_num', 'max:40'],
        ] + PressedAt::rule();
    }

    public function kind(): TimerKind
    {
        return TimerKind::from($this->validated('timed'));
    }
}
