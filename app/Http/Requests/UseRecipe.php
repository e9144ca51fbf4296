<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Piece;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

/** A recipe to be put on some pieces in work, all or none. */
class UseRecipe extends FormRequest implements TakesLists
{
    private const MOST = 60;

    public static function lists(): array
    {
        return ['pieces'];
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'recipe' => ['required', 'string', 'max:60'],
            'pieces' => ['required', 'array', 'min:1', 'max:'.self::MOST],
            'pieces.*' => ['integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['pieces.required' => say('http.recipes.choose-pieces')];
    }

    /**
     * @return Collection<int, Piece>
     *
     * @throws ValidationException naming those that are decorated or coated already
     */
    public function pieces(): Collection
    {
        /** @var User $user */
        $user = $this->user();
        $asked = array_map(intval(...), array_values(array_unique($this->validated('pieces'))));
        $pieces = $user->workshop->pieces()->working()->with('plannedSteps')->whereKey($asked)->orderBy('id')->get();
        abort_if($pieces->count() < count($asked), 404);
        $begun = $pieces->filter(fn (Piece $piece): bool => $piece->isSurfaced());
        if ($begun->isNotEmpty()) {
            $names = array_values($begun->map(fn (Piece $piece): string => $piece->name)->all());

            throw ValidationException::withMessages(['pieces' => say('http.recipes.begun', ['pieces' => $names])]);
        }

        // One row for all: each change of a piece makes the shop a version older than the next one sees.
        return $pieces->each(fn (Piece $piece) => $piece->setRelation('workshop', $user->workshop));
    }
}
