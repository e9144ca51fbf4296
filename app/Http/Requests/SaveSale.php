<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** For whom a piece is, and what is asked for it. */
class SaveSale extends FormRequest
{
    private const MOST = 1_000_000;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'sale_version' => ['required', 'integer', 'min:1'],
            'for_whom' => ['nullable', 'string', 'max:120'],
            'price' => ['nullable', 'numeric', 'between:0,'.self::MOST],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['price' => say('http.sale.price')];
    }

    public function seen(): int
    {
        return (int) $this->validated('sale_version');
    }

    /** @return array{for_whom: ?string, price: ?float} */
    public function kept(): array
    {
        $price = $this->validated('price');

        return ['for_whom' => $this->validated('for_whom'), 'price' => $price === null ? null : (float) $price];
    }
}
