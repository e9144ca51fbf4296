<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\PressedAt;
use App\View\Show;
use HonestGrain\Words\Unit;
use Illuminate\Foundation\Http\FormRequest;

/** A note about a piece or the shop, or the weight of a piece. */
class WriteNote extends FormRequest
{
    public const GRAMS = [0.1, 200_000.0];

    /** @return array<string, mixed> */
    public function rules(Show $show): array
    {
        return [
            'body' => ['required_without:weight', 'nullable', 'string', 'max:1000'],
            'weight' => ['nullable', 'numeric', $show->between(Unit::Mass, ...self::GRAMS)],
            'once' => ['nullable', 'string', 'alpha_num', 'max:40'],
        ] + PressedAt::rule();
    }

    public function grams(Show $show): ?float
    {
        $typed = $this->validated('weight');

        return $typed === null ? null : $show->typed(Unit::Mass, (float) $typed);
    }
}
