<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** The end of a workshop: its name as it is written, and the password. */
class CloseWorkshop extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::allows('change-people');
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'workshop_name' => ['required', 'string', Rule::in([$this->user()?->workshop->name])],
            'close_password' => ['required', 'current_password'],
        ];
    }
}
