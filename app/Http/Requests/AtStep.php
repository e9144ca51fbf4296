<?php

declare(strict_types=1);

namespace App\Http\Requests;

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
        ];
    }

    /** @return array{read: string|null, once: string|null} mark of the step as the page showed it; key of the form */
    public function form(): array
    {
        return ['read' => $this->validated('read'), 'once' => $this->validated('once')];
    }
}
