<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Air;
use App\Models\Kept\SetAir;
use App\View\Show;
use HonestGrain\Words\Unit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** An air of the workshop besides the shop's own: what it is, and what it is like where nothing was read. */
class SaveAir extends FormRequest
{
    public const TEMPERATURES_C = [-20.0, 50.0];

    /** @return array<string, mixed> */
    public function rules(Show $show): array
    {
        return [
            'kind' => ['required', Rule::in(array_diff(Air::KINDS, [Air::SHOP]))],
            'air_name' => ['required', 'string', 'max:60'],
            'temp' => ['required', 'numeric', $show->between(Unit::Temperature, ...self::TEMPERATURES_C)],
            'rh' => ['required', 'numeric', 'between:1,99'],
        ];
    }

    public function setting(Show $show): SetAir
    {
        return new SetAir(
            round($show->typed(Unit::Temperature, (float) $this->validated('temp')), 2),
            (float) $this->validated('rh'),
        );
    }
}
