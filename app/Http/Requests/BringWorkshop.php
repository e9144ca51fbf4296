<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** A workshop that was taken along. */
class BringWorkshop extends FormRequest
{
    public const MOST_KILOBYTES = 12_000;

    public function authorize(): bool
    {
        return Gate::allows('change-people');
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['archive' => ['required', 'file', 'max:'.self::MOST_KILOBYTES]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['archive.max' => say('http.along.too-large', ['megabytes' => self::MOST_KILOBYTES / 1000])];
    }
}
