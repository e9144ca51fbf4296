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
        ];
    }

    public function stockMl(Show $show): ?float
    {
        $typed = $this->validated('stock_ml');

        return $typed === null ? null : $show->typed(Unit::Volume, (float) $typed);
    }
}
