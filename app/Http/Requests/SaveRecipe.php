<?php

declare(strict_types=1);

namespace App\Http\Requests;

use HonestGrain\Recipe\Recipe;
use Illuminate\Foundation\Http\FormRequest;

/** A surface kept under a name of its own: that of a piece, or a recipe that is there. */
class SaveRecipe extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:'.Recipe::MAX_NAME],
            'note' => ['nullable', 'string', 'max:'.Recipe::MAX_NOTE],
            'of' => ['required', 'string', 'max:60'],
            'once' => ['nullable', 'string', 'alpha_num', 'max:40'],
        ];
    }
}
