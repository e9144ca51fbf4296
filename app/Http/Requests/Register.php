<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A new workshop and its first owner. */
class Register extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'workshop' => ['required', 'string', 'max:120'],
            'time_zone' => ['required', 'timezone:all'],
            'name' => ['required', 'string', 'max:120'],
            'email' => ['required', 'string', 'email', 'ascii', 'max:190', 'unique:users'],
            'password' => ['required', 'string', 'confirmed', new FitPassword([
                $this->string('workshop')->toString(), $this->string('name')->toString(),
                $this->string('email')->toString(), $this->string('email')->before('@')->toString(),
            ])],
        ];
    }
}
