<?php

declare(strict_types=1);

namespace App\Http\Requests;

use HonestGrain\Safety\Hazard;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** One deliberate press for what burns. */
class HeedCaution extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'hazard' => ['required', Rule::enum(Hazard::class)],
        ];
    }
}
