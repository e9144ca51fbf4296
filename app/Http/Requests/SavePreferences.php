<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Units, grits, clock, theme and time zone of one person. */
class SavePreferences extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return array_map(fn (array $values): array => ['required', Rule::in($values)], User::PREFERENCES)
            + ['own_time_zone' => ['nullable', 'timezone:all']];
    }
}
