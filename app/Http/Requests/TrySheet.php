<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Planning\WhatIf\Change;
use App\Planning\WhatIf\Changes;
use Illuminate\Foundation\Http\FormRequest;

/** What stands on a sheet of things to try. */
class TrySheet extends FormRequest implements TakesLists
{
    public static function lists(): array
    {
        return ['do'];
    }

    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'do' => ['nullable', 'array', 'max:'.Changes::MOST], 'do.*' => ['string', 'max:120'],
            'piece' => ['nullable', 'integer'],
        ];
    }

    /** @return list<Change> */
    public function changes(): array
    {
        return Changes::read((array) $this->validated('do', []));
    }
}
