<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use App\View\TinForm;
use HonestGrain\Words\Unit;
use Illuminate\Foundation\Http\FormRequest;

/** What a tin on the shelf says and holds. */
class SaveTin extends FormRequest implements TakesLists
{
    public static function lists(): array
    {
        return ['label'];
    }

    private const MOST_ML = 99_999.0;

    private const MOST_G = 99_999.0;

    /** @return array<string, mixed> */
    public function rules(Show $show): array
    {
        return [
            'product' => ['required', 'string', 'max:200'],
            'label' => ['array'],
            ...TinForm::rules($show),
            'stock_ml' => ['nullable', 'numeric', $show->between(Unit::Volume, 0, self::MOST_ML)],
            'opened_on' => ['nullable', 'date_format:Y-m-d', 'after:1950-01-01', 'before:2100-01-01'],
            'note' => ['nullable', 'string', 'max:500'],
            'price_per_l' => ['nullable', 'numeric', 'between:0,100000'],
            'good_months' => ['nullable', 'numeric', 'between:0.5,240'],
            'weighs' => ['nullable', 'numeric', $show->between(Unit::Mass, 0, self::MOST_G)],
            'empty_g' => ['nullable', 'numeric', $show->between(Unit::Mass, 0, self::MOST_G)],
            'g_per_ml' => ['nullable', 'numeric', 'between:0.5,2.5'],
        ];
    }

    public function stockMl(Show $show): ?float
    {
        return $this->measured(Unit::Volume, 'stock_ml', $show);
    }

    public function grams(string $field, Show $show): ?float
    {
        return $this->measured(Unit::Mass, $field, $show);
    }

    public function number(string $field): ?float
    {
        return $this->validated($field) === null ? null : (float) $this->validated($field);
    }

    private function measured(Unit $unit, string $field, Show $show): ?float
    {
        $typed = $this->number($field);

        return $typed === null ? null : $show->typed($unit, $typed);
    }
}
