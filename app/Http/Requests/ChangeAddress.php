<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** Another address to sign in with. */
class ChangeAddress extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::allows('change-password');
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'new_email' => [
                'required', 'string', 'email', 'ascii', 'max:190',
                Rule::unique('users', 'email')->ignore($this->user()?->id),
            ],
            'address_password' => ['required', 'current_password'],
        ];
    }
}
