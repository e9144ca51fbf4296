<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** How many discs of a grit are left, and what one costs. */
class CountDiscs extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'discs' => ['required', 'integer', 'between:0,9999'],
            'price' => ['nullable', 'numeric', 'between:0,1000'],
        ];
    }
}
