<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;

/** A note or a mishap at a step. */
class LogWords extends AtStep
{
    public function rules(Show $show): array
    {
        return parent::rules($show) + ['body' => ['required', 'string', 'max:1000']];
    }
}
