<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Words\Unit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** Hours, air and limits of a workshop. */
class SaveShop extends FormRequest implements TakesLists
{
    public static function lists(): array
    {
        return ['hours'];
    }

    public function authorize(): bool
    {
        return Gate::allows('run-shop');
    }

    /** @return array<string, mixed> */
    public function rules(Show $show): array
    {
        $temperature = ['required', 'numeric', $show->between(Unit::Temperature, -10, 45)];
        $humidity = ['required', 'numeric', 'between:5,99'];

        return [
            'name' => ['required', 'string', 'max:120'],
            'time_zone' => ['required', 'timezone:all'],
            'hours' => ['required', 'array'],
            'hours.*' => ['nullable', 'string', 'max:100'],
            'closed' => ['nullable', 'string', 'max:4000'],
            'also' => ['nullable', 'string', 'max:4000'],
            'day_c' => $temperature, 'night_c' => $temperature,
            'day_rh' => $humidity, 'night_rh' => $humidity,
            'day_from' => ['required', 'integer', 'between:0,23'],
            'day_to' => ['required', 'integer', 'between:1,24', 'gt:day_from'],
            'sanding_cap_m_s' => ['required', 'numeric', $show->between(Unit::Speed, 0.5, 15)],
            'spare_chucks' => ['sometimes', 'integer', 'between:0,12'],
            'dries_apart' => ['sometimes', 'boolean'],
            'min_wall_mm' => ['required', 'numeric', $show->between(Unit::Length, 0.5, 30)],
        ];
    }
}
