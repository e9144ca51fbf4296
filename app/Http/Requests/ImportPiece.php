<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A piece document brought in as a file. */
class ImportPiece extends FormRequest
{
    private const MAX_KILOBYTES = 512;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'file' => ['required', 'file', 'max:'.self::MAX_KILOBYTES],
            'once' => ['nullable', 'string', 'alpha_num', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file.max' => say('http.import-piece.file-larger-than-kb', [
            'maxKilobytes' => self::MAX_KILOBYTES,
        ])];
    }

    /** What the file holds, without the mark that some editors put before it. */
    public function text(): string
    {
        $text = (string) file_get_contents($this->validated('file')->getRealPath());

        return str_starts_with($text, "\xEF\xBB\xBF") ? substr($text, 3) : $text;
    }
}
