<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** What somebody is called. */
class SaveName extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::allows('change-password');
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'own_name' => ['required', 'string', 'max:120'],
        ];
    }
}
