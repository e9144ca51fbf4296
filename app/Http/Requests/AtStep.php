<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\PressedAt;
use App\Planning\Press;
use App\View\Show;
use Illuminate\Foundation\Http\FormRequest;

/** Something said at a step, as the page showed it. */
class AtStep extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(Show $show): array
    {
        return [
            'read' => ['nullable', 'string', 'max:20'],
            'once' => ['nullable', 'string', 'alpha_num', 'max:40'],
        ] + PressedAt::rule();
    }

    public function press(): Press
    {
        return new Press($this->validated('read'), $this->validated('once'), PressedAt::of($this));
    }
}
