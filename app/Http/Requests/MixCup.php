<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\PressedAt;
use App\View\Show;

/** A cup was mixed as the page worked it out. */
class MixCup extends AskMix
{
    public function rules(Show $show): array
    {
        return parent::rules($show) + ['once' => ['nullable', 'string', 'alpha_num', 'max:40']] + PressedAt::rule();
    }
}
