<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A grit for the shelf. */
class SaveAbrasive extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'grit' => ['required', 'string', 'max:20'],
            'discs' => ['nullable', 'integer', 'between:0,9999'],
        ];
    }
}
