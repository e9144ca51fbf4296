<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Whether a piece has a public page, and which of its photographs are on it. */
class ShowPublicly extends FormRequest implements TakesLists
{
    private const MOST_PHOTOS = 12;

    public static function lists(): array
    {
        return ['photos'];
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        /** @var \App\Models\Piece $piece */
        $piece = $this->route('piece');

        return [
            'sale_version' => ['required', 'integer', 'min:1'],
            'is_public' => ['sometimes', 'boolean'],
            'photos' => ['sometimes', 'array', 'max:'.self::MOST_PHOTOS],
            'photos.*' => ['integer', Rule::exists('log_entries', 'id')->where('piece_id', $piece->id)],
        ];
    }

    public function seen(): int
    {
        return (int) $this->validated('sale_version');
    }

    /** @return array{is_public: bool, photos: list<int>} */
    public function kept(): array
    {
        return [
            'is_public' => $this->boolean('is_public'),
            'photos' => array_values(array_map(intval(...), (array) $this->validated('photos', []))),
        ];
    }
}
