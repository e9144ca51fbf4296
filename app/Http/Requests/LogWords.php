<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A note or a mishap at a step. */
class LogWords extends AtStep
{
    public function rules(): array
    {
        return parent::rules() + ['body' => ['required', 'string', 'max:1000']];
    }
}
