<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** What is done only with the password once more. */
class WithPassword extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::allows('change-password');
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'confirm_password' => ['required', 'current_password'],
        ];
    }
}
