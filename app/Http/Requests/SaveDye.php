<?php

declare(strict_types=1);

namespace App\Http\Requests;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\ColourFamily;
use HonestGrain\Coating\Stain;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A dye that the shop owns. */
class SaveDye extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(Catalogue $catalogue): array
    {
        return [
            'dye_name' => ['required', 'string', 'max:40'],
            'product' => ['required', Rule::in(self::dyes($catalogue))],
            'rgb' => ['required', 'regex:/^#[0-9a-fA-F]{6}$/'],
            'stock' => ['nullable', 'numeric', 'between:0,100000'],
            'price' => ['nullable', 'numeric', 'between:0,10000'],
        ];
    }

    /** @return list<string> classes that are dyes */
    public static function dyes(Catalogue $catalogue): array
    {
        return array_keys(array_filter(
            $catalogue->coatings()->stains(), fn (Stain $stain): bool => $stain->family === ColourFamily::Dye,
        ));
    }

    /** @return array<string, mixed> */
    public function dye(): array
    {
        $typed = $this->validated();

        return [
            'product' => $typed['product'], 'rgb' => strtolower($typed['rgb']), 'stock' => $typed['stock'] ?? null,
            'price' => $typed['price'] ?? null,
        ];
    }
}
