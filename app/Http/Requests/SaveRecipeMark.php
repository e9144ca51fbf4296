<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\Document;
use HonestGrain\Recipe\Recipe;
use HonestGrain\Recipe\RecipeMark;
use HonestGrain\Technique\Techniques;
use Illuminate\Validation\Rule;

/** A mark of a recipe: from where to where along its line, in hundredths of it, and what is set for its technique. */
class SaveRecipeMark extends RecipeChange implements TakesLists
{
    private const PRESSES = ['save', 'leave'];

    private Show $words;

    public static function lists(): array
    {
        return ['set'];
    }

    protected function fields(Show $show): array
    {
        $this->words = $show;

        $leave = ['do' => ['required', Rule::in(self::PRESSES)]];

        // What is left out need not be right.
        return $this->input('do') === 'leave' ? $leave : $leave + [
            'mark_name' => ['nullable', 'string', 'max:'.Mark::MAX_NAME],
            'from' => ['required', 'numeric', 'between:0,100'],
            'to' => ['required', 'numeric', 'between:0,100', 'gt:from'],
            'product' => ['nullable', 'string', 'max:200'],
            'colour' => ['nullable', 'regex:/^#[0-9a-fA-F]{6}$/'],
            'set' => ['nullable', 'array'],
        ] + TypedSettings::rules($show);
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return TypedSettings::names($this->words);
    }

    public function changed(Recipe $recipe, Tables $tables, Show $show): Recipe
    {
        $part = $this->partOf($recipe);
        $mark = $part->marks[$this->at()] ?? abort(404);
        if ($this->validated('do') === 'leave') {
            return $recipe->withPart($this->part(), $part->withMark($this->at(), null));
        }
        $so = $this->typed($mark, $show);
        $so->check($this->at(), $tables);

        return $recipe->withPart($this->part(), $part->withMark($this->at(), $so));
    }

    private function typed(RecipeMark $mark, Show $show): RecipeMark
    {
        $technique = Techniques::table()->decoration($mark->technique);
        $set = TypedSettings::of($technique, $this->validated('set') ?? [], $mark->settings, $show);
        // A repeat that is chosen by name takes the place of one's own.
        if (($set['unit'] ?? null) !== ($mark->settings['unit'] ?? null)) {
            unset($set['strokes']);
        }
        foreach (['product', 'colour'] as $field) {
            if ($this->has($field)) {
                $set[$field] = $this->validated($field);
            }
        }

        return RecipeMark::read(Document::of([
            'name' => $this->validated('mark_name'), 'from_share' => $this->share('from', $mark->fromShare),
            'to_share' => $this->share('to', $mark->toShare),
            'settings' => array_filter($set, fn (mixed $one): bool => $one !== null),
        ] + $mark->toArray()));
    }

    /** What stands there as it was shown stays as fine as it was. */
    private function share(string $field, float $was): float
    {
        $typed = (float) $this->validated($field);

        return abs($typed - round(100 * $was, RecipeMark::SHOWN_TO)) < 1e-9 ? $was : round($typed / 100, 5);
    }
}
