<?php

declare(strict_types=1);

namespace App\Http\Requests;

use HonestGrain\Recipe\Recipe;
use Illuminate\Foundation\Http\FormRequest;

/** A surface kept under a name: that of a piece, or one that is there already and gets another name or note. */
class SaveRecipe extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        // A page with both forms says what is wrong at the one that was sent.
        [$name, $note] = $this->isMethod('put') ? ['called', 'good_for'] : ['name', 'note'];

        return [
            $name => ['required', 'string', 'max:'.Recipe::MAX_NAME],
            $note => ['nullable', 'string', 'max:'.Recipe::MAX_NOTE],
            'piece' => [$this->isMethod('put') ? 'exclude' : 'required', 'integer'],
            'once' => ['nullable', 'string', 'alpha_num', 'max:40'],
        ];
    }
}
