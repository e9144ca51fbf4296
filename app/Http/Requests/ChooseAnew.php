<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A new password, by the link of a letter. */
class ChooseAnew extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'token' => ['required', 'string', 'max:100'],
            'email' => ['required', 'string', 'email', 'ascii', 'max:190'],
            'password' => ['required', 'string', 'confirmed', new FitPassword([
                $this->string('email')->toString(), $this->string('email')->before('@')->toString(),
            ])],
        ];
    }
}
