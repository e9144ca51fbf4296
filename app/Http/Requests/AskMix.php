<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\MixKind;
use App\View\Show;
use HonestGrain\Words\Unit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What is to be mixed at the bench: for which steps, and by what the tin says. */
class AskMix extends FormRequest implements TakesLists
{
    public static function lists(): array
    {
        return ['steps'];
    }

    /** @return array<string, mixed> */
    public function rules(Show $show): array
    {
        return [
            'steps' => ['nullable', 'array', 'max:60'],
            'steps.*' => ['integer'],
            'by_kind' => ['nullable', Rule::enum(MixKind::class)],
            'thinner' => ['nullable', 'numeric', 'between:0,95'],
            'resin' => ['nullable', 'numeric', 'between:0.001,1000'],
            'hardener' => ['nullable', 'numeric', 'between:0.001,1000'],
            'by' => ['nullable', Rule::in(['volume', 'mass'])],
            'resin_density' => ['nullable', 'numeric', 'between:0.1,25', 'required_if:by,mass'],
            'hardener_density' => [
                'nullable', 'numeric', 'between:0.1,25', 'required_if:by,mass', 'required_with:resin_density',
            ],
            'pot_life' => ['nullable', 'numeric', 'between:0.1,10000'],
            'cup_temp' => ['nullable', 'numeric', $show->between(Unit::Temperature, -20, 60)],
        ];
    }

    public function kind(MixKind $usual): MixKind
    {
        return MixKind::tryFrom((string) $this->validated('by_kind')) ?? $usual;
    }

    public function number(string $field): ?float
    {
        $typed = $this->validated($field);

        return $typed === null ? null : (float) $typed;
    }
}
