<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;

/** A step is left out, and why. */
class LogSkip extends AtStep
{
    public function rules(Show $show): array
    {
        return parent::rules($show) + ['reason' => ['required', 'string', 'max:500']];
    }
}
