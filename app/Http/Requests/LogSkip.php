<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A step is left out, and why. */
class LogSkip extends AtStep
{
    public function rules(): array
    {
        return parent::rules() + ['reason' => ['required', 'string', 'max:500']];
    }
}
