<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What an hour of hands and of the lathe costs a workshop. */
class SaveRates extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'hour_rate' => ['nullable', 'numeric', 'between:0,10000'],
            'lathe_kw' => ['nullable', 'numeric', 'between:0,30'],
            'kwh_price' => ['nullable', 'numeric', 'between:0,100'],
        ];
    }

    /** @return array<string, ?float> */
    public function rates(): array
    {
        return array_map(
            fn (mixed $rate): ?float => $rate === null ? null : (float) $rate,
            array_merge(['hour_rate' => null, 'lathe_kw' => null, 'kwh_price' => null], $this->validated()),
        );
    }
}
