<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Units, grits, clock, theme, tone, quiet hours and time zone of one person. */
class SavePreferences extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        // A page that was open before there were tones or letters sends none.
        $must = fn (string $key): string => in_array($key, ['tone', 'letters'], true) ? 'sometimes' : 'required';
        $keys = array_keys(User::PREFERENCES);

        return array_combine($keys, array_map(
            fn (string $key): array => [$must($key), Rule::in(User::PREFERENCES[$key])], $keys,
        ))
            + [
                'own_time_zone' => ['nullable', 'timezone:all'],
                'quiet_from' => ['nullable', 'date_format:H:i', 'required_with:quiet_until'],
                'quiet_until' => ['nullable', 'date_format:H:i', 'required_with:quiet_from'],
            ];
    }
}
