<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\PressedAt;
use App\View\Show;
use HonestGrain\Words\Unit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A note about a piece or the shop, the weight of a piece, or a photograph. */
class WriteNote extends FormRequest
{
    public const GRAMS = [0.1, 200_000.0];

    /** @return array<string, mixed> */
    public function rules(Show $show): array
    {
        return [
            'body' => ['required_without_all:weight,photo', 'nullable', 'string', 'max:1000'],
            'weight' => ['nullable', 'numeric', $show->between(Unit::Mass, ...self::GRAMS)],
            'photo' => ['nullable', ...KeepPhoto::photograph()],
            'once' => ['nullable', 'string', 'alpha_num', 'max:40'],
        ] + PressedAt::rule();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return KeepPhoto::words();
    }

    public function photo(): ?UploadedFile
    {
        $photo = $this->file('photo');

        return $photo instanceof UploadedFile ? $photo : null;
    }

    public function grams(Show $show): ?float
    {
        $typed = $this->validated('weight');

        return $typed === null ? null : $show->typed(Unit::Mass, (float) $typed);
    }
}
