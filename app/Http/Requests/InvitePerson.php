<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Role;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** Somebody else who may sign in. */
class InvitePerson extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::allows('change-people');
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'person_name' => ['required', 'string', 'max:120'],
            'person_email' => ['required', 'string', 'email', 'ascii', 'max:190', 'unique:users,email'],
            'person_role' => ['required', Rule::enum(Role::class)],
        ];
    }
}
