<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** How many more like a piece are wanted. */
class CopyPiece extends FormRequest
{
    private const MOST = 12;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'copies' => ['sometimes', 'integer', 'between:1,'.self::MOST],
            'once' => ['nullable', 'string', 'alpha_num', 'max:36'],
        ];
    }

    public function copies(): int
    {
        return (int) $this->validated('copies', 1);
    }

    /** The key of one of them: sent again, the form finds what it has made. */
    public function once(int $number): ?string
    {
        $once = $this->validated('once');

        return $once === null ? null : ($number === 1 ? $once : "$once-$number");
    }
}
