<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Change;
use App\Models\User;
use App\Planning\Edit;
use App\View\Show;
use Illuminate\Foundation\Http\FormRequest;

/** A change to a piece: it carries the version that the page was made from and, where a part is meant, its id. */
abstract class PieceChange extends FormRequest
{
    /** @return array<string, mixed> */
    abstract protected function fields(Show $show): array;

    /** @return array<string, mixed> */
    public function rules(Show $show): array
    {
        return $this->fields($show) + [
            'version' => ['required', 'integer', 'min:1'],
            'part' => ['nullable', 'string', 'max:40'],
        ];
    }

    public function edit(Change $what): Edit
    {
        /** @var User $user */
        $user = $this->user();

        return new Edit((int) $this->validated('version'), $what, $user);
    }

    /** The id of the part that is meant; null for the body. */
    public function part(): ?string
    {
        return $this->validated('part');
    }

    protected function number(string $field): ?float
    {
        $typed = $this->validated($field);

        return $typed === null ? null : (float) $typed;
    }
}
