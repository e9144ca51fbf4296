<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Route\Look;
use HonestGrain\Route\LookAnswer;
use Illuminate\Validation\Rule;

/** What a look at a step showed, with a photograph of it if there is one. */
class LogLook extends AtStep
{
    public function rules(Show $show): array
    {
        return parent::rules($show) + self::fields() + ['photo' => ['nullable', ...KeepPhoto::photograph()]];
    }

    /** @return array<string, list<mixed>> */
    public static function fields(bool $isNeeded = true): array
    {
        $need = $isNeeded ? 'required' : 'nullable';

        return ['look' => [$need, Rule::enum(Look::class)], 'saw' => [$need, Rule::enum(LookAnswer::class)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return KeepPhoto::words();
    }

    public function look(): Look
    {
        return Look::from($this->validated('look'));
    }

    public function saw(): LookAnswer
    {
        return LookAnswer::from($this->validated('saw'));
    }
}
