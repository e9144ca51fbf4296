<?php

declare(strict_types=1);

namespace App\Http\Requests;

use HonestGrain\Abrasive\Method;
use HonestGrain\Wood\Pore;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Whether a learnt factor counts. */
class UseLearnt extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'how' => ['required', Rule::enum(Method::class)], 'family' => ['required', Rule::enum(Pore::class)],
            'use' => ['required', 'boolean'],
        ];
    }

    public function sandingMethod(): Method
    {
        return Method::from($this->validated('how'));
    }

    public function family(): Pore
    {
        return Pore::from($this->validated('family'));
    }
}
