<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Air;
use App\Models\Piece;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The air that a piece's coats dry in. */
class DryIn extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['air' => ['nullable', 'integer', Rule::in($this->piece()->workshop->airs->pluck('id')->all())]];
    }

    /** Null where the shop's coats usually dry. */
    public function air(): ?Air
    {
        return $this->piece()->workshop->airs->firstWhere('id', (int) $this->validated('air'));
    }

    private function piece(): Piece
    {
        /** @var Piece $piece */
        $piece = $this->route('piece');

        return $piece;
    }
}
