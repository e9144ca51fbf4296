<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Contracts\Validation\Validator;
use Illuminate\Http\Exceptions\HttpResponseException;

/** A piece that is being thought of: as it would be sent, its name perhaps not yet. */
class ForeseePiece extends StorePiece
{
    protected function prepareForValidation(): void
    {
        if (trim($this->string('name')->toString()) === '') {
            $this->merge(['name' => say('http.piece.no-name-yet')]);
        }
    }

    /** What is wrong stands where the date would. */
    protected function failedValidation(Validator $validator): void
    {
        throw new HttpResponseException(response()->view('pieces.foreseen', [
            'words' => null, 'problem' => $validator->errors()->first(),
        ], 422));
    }
}
