<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** A new password. */
class ChangePassword extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::allows('change-password');
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'current_password' => ['required', 'current_password'],
            'password' => ['required', 'string', 'confirmed', new FitPassword([
                $this->user()?->workshop->name, $this->user()?->name, $this->user()?->email,
            ])],
        ];
    }
}
