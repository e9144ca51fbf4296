<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Recipe as OwnRecipe;
use HonestGrain\Geometry\Face;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Piece\School;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\BadInput;
use HonestGrain\Recipe\Recipe;
use HonestGrain\Recipe\RecipeCoats;
use HonestGrain\Recipe\RecipeMark;
use HonestGrain\Recipe\RecipePart;
use HonestGrain\Technique\Setting;
use HonestGrain\Technique\Techniques;
use HonestGrain\Words\Unit;

/** A recipe of the shop's own, as it is changed: how its parts are sanded, its marks, its coats and its ways. */
final readonly class RecipePage
{
    /** Faces that are always asked for; others where the recipe speaks of them. */
    private const USUAL = [Face::Outside, Face::Inside, Face::Rim];

    /** Coats that can be added at one save. */
    private const MORE = 4;

    private function __construct(
        public OwnRecipe $own,
        public Recipe $recipe,
        private Tables $tables,
        private Show $show,
    ) {
    }

    public static function of(OwnRecipe $own, Tables $tables, Show $show): self
    {
        return new self($own, $own->recipe(), $tables, $show);
    }

    /** @return list<Face> */
    public function faces(RecipePart $part): array
    {
        $named = array_merge(
            $part->bare, ...array_map(fn (RecipeCoats $coats): array => $coats->zones, $part->coats),
        );
        $sanded = array_map(Face::tryFrom(...), [
            ...array_keys((array) ($part->sanding['own'] ?? [])),
            ...array_keys((array) ($part->sanding['stop_at'] ?? [])),
        ]);

        return array_values(array_filter(Face::cases(), fn (Face $face): bool => in_array(
            $face, [...self::USUAL, ...$named, ...$sanded], true,
        )));
    }

    /** @return list<Face> those that have no coats yet */
    public function otherFaces(RecipePart $part): array
    {
        $coated = array_merge([], ...array_map(fn (RecipeCoats $coats): array => $coats->zones, $part->coats));

        return array_values(array_filter(
            Face::cases(), fn (Face $face): bool => ! in_array($face, $coated, true),
        ));
    }

    /** @return list<array{product: string, denib: string}> coats as they were typed and refused */
    public function typedRows(): array
    {
        $rows = [];
        foreach ((array) old('product') as $row => $product) {
            $rows[] = ['product' => (string) $product, 'denib' => (string) (((array) old('denib'))[$row] ?? '')];
        }

        return $rows;
    }

    /** Its own grits, such as "P120, P180"; empty where the shortest ladder is taken. */
    public function grits(RecipePart $part, Face $face): string
    {
        return implode(', ', (array) (((array) ($part->sanding['own'] ?? []))[$face->value] ?? []));
    }

    public function stopsAt(RecipePart $part, Face $face): string
    {
        return (string) (((array) ($part->sanding['stop_at'] ?? []))[$face->value] ?? '');
    }

    public function isSanded(RecipePart $part, Face $face): bool
    {
        return ! in_array($face->value, (array) ($part->sanding['unsanded'] ?? []), true);
    }

    /** "Burnt line, 30 to 36 % of the outside"; "Dye, water dye (powder), 0 to 100 % of the outside" */
    public function markLine(RecipeMark $mark): string
    {
        $laid = $this->laid($mark);

        return say($laid === '' ? 'pages.recipe.mark' : 'pages.recipe.mark-of', [
            'mark' => $mark->label(), 'of' => mb_lcfirst($laid), 'from' => $this->percent($mark->fromShare),
            'to' => $this->percent($mark->toShare), 'face' => $mark->on->said(),
        ]);
    }

    /**
     * Rows of a form for coats: those that there are or were typed, and some to fill in.
     *
     * @param  list<array{product: string, denib: string|null}>  $rows
     * @return list<array{product: string, denib: string|null}>
     */
    public function rows(array $rows): array
    {
        $more = min(self::MORE, CoatPlan::MAX_COATS - count($rows));

        return [...$rows, ...array_fill(0, max(0, $more), ['product' => '', 'denib' => null])];
    }

    /** With what the last coat is rubbed, where nothing is said of it as its product wants; empty where it is not. */
    public function buff(RecipeCoats $coats): string
    {
        try {
            return CoatPlan::read($coats->onFaces($coats->zones), $this->tables->coatings)->buff->value ?? '';
        } catch (BadInput) {
            // A product of another shop: what was written.
            return (string) ($coats->besides['buff_with'] ?? '');
        }
    }

    /** What is laid on, where that is chosen; empty where it follows from the mark. */
    private function laid(RecipeMark $mark): string
    {
        $class = $mark->settings['product'] ?? null;

        return is_string($class) && count($this->stains($mark)) > 1 ? $this->show->product($class) : '';
    }

    public function percent(float $share): string
    {
        return $this->show->bare(round(100 * $share, RecipeMark::SHOWN_TO));
    }

    /** @return list<array{Setting, string, string}> setting, label with its unit, what is set */
    public function settings(RecipeMark $mark): array
    {
        return array_map(function (Setting $setting) use ($mark): array {
            $unit = $setting->isLength() ? $this->show->unit(Unit::Length) : $setting->unit();
            $set = $mark->settings[$setting->value] ?? null;

            return [
                $setting, $this->show->said($setting->label()).($unit === '' ? '' : ', '.$this->show->said($unit)),
                match (true) {
                    $set === null, $setting->choices() !== [] => (string) $set,
                    $setting->isLength() => $this->show->field(Unit::Length, (float) $set),
                    default => $this->show->bare((float) $set),
                },
            ];
        }, Techniques::table()->decoration($mark->technique)->settings());
    }

    /** @return array<string, string> classes that may be laid on, by name; none where nothing is */
    public function stains(RecipeMark $mark): array
    {
        $classes = [];
        foreach ($this->tables->coatings->stains() as $class => $stain) {
            if ($stain->family->technique() === $mark->technique) {
                $classes[] = $class;
            }
        }

        return $this->show->products($classes);
    }

    public function takesColour(RecipeMark $mark): bool
    {
        return Techniques::table()->decoration($mark->technique)->takesColour();
    }

    /** @return array<string, string> what a coat can be of, by class */
    public function products(): array
    {
        return $this->show->products(array_keys($this->tables->coatings->coatings()));
    }

    /** The field in which a way is chosen. */
    public static function wayField(string $choice): string
    {
        return 'way_'.str_replace('-', '_', $choice);
    }

    /** @return list<array{string, string, array<string, string>, string}> field, label, ways by value, the chosen */
    public function ways(): array
    {
        $ways = [];
        foreach (Recipe::WAYS as $name) {
            $choice = School::CHOICES[$name];
            $words = ['' => say('pages.recipe.as-the-piece')];
            foreach ($choice::cases() as $way) {
                $words[(string) $way->value] = mb_ucfirst($this->show->said($way->said()));
            }
            $ways[] = [
                self::wayField($name), mb_ucfirst($this->show->said($choice::about())), $words,
                $this->recipe->school[$name] ?? '',
            ];
        }

        return $ways;
    }
}
