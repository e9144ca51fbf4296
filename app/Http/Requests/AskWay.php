<?php

declare(strict_types=1);

namespace App\Http\Requests;

use HonestGrain\Piece\School;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Which way to go about something is asked about; nothing is changed by it. */
class AskWay extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'choice' => ['required', Rule::in(array_keys(School::CHOICES))],
            'way' => ['required', Rule::in(School::ways())],
        ];
    }

    public function choice(): string
    {
        return $this->validated('choice');
    }

    public function way(): string
    {
        return $this->validated('way');
    }
}
