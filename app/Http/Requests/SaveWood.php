<?php

declare(strict_types=1);

namespace App\Http\Requests;

use HonestGrain\Wood\Dust;
use HonestGrain\Wood\Pore;
use HonestGrain\Wood\Wood;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A wood as this workshop knows it. */
class SaveWood extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'wood_name' => ['required', 'string', 'max:80'],
            'like' => ['nullable', 'string', 'max:80'],
            'density_kg_m3' => ['nullable', 'numeric', 'between:'.implode(',', Wood::DENSITY_KG_M3)],
            'janka_n' => ['nullable', 'numeric', 'between:'.implode(',', Wood::JANKA_N)],
            'tangential_shrinkage_percent' => ['nullable', 'numeric', 'between:0,'.Wood::MOST_SHRINKAGE_PERCENT],
            'radial_shrinkage_percent' => ['nullable', 'numeric', 'between:0,'.Wood::MOST_SHRINKAGE_PERCENT],
            'pore' => ['required', Rule::enum(Pore::class)],
            'dust' => ['nullable', Rule::enum(Dust::class)],
            'oily' => ['nullable', 'boolean'],
            'tannin' => ['nullable', 'boolean'],
            'rgb' => ['nullable', 'regex:/^#[0-9a-fA-F]{6}$/'],
        ];
    }

    /** @return array<string, mixed> as `HonestGrain\Wood\Wood::typed` reads it */
    public function wood(): array
    {
        $number = fn (string $field): ?float => $this->validated($field) === null
            ? null : (float) $this->validated($field);

        return array_filter([
            'name' => trim($this->validated('wood_name')), 'like' => $this->validated('like'),
            'density_kg_m3' => $number('density_kg_m3'), 'janka_n' => $number('janka_n'),
            'tangential_shrinkage_percent' => $number('tangential_shrinkage_percent'),
            'radial_shrinkage_percent' => $number('radial_shrinkage_percent'),
            'pore' => $this->validated('pore'), 'dust' => $this->validated('dust'),
            'oily' => $this->boolean('oily'), 'tannin' => $this->boolean('tannin'), 'rgb' => $this->validated('rgb'),
        ], fn (mixed $value): bool => $value !== null && $value !== '');
    }
}
