<?php

declare(strict_types=1);

namespace HonestGrain\Recipe;

use HonestGrain\Geometry\Face;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\SurfacePlan;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\BadInput;
use HonestGrain\Reading\Document;
use HonestGrain\Words\Said;

/** A part with what a recipe says of it, as far as it goes on it. */
final readonly class Dressed
{
    /** A face that the recipe's own part has not is treated as its nearest. */
    private const AS = [
        'top' => [Face::Rim, Face::Outside], 'rim' => [Face::Top, Face::Outside], 'foot' => [], 'bore' => [],
        'inside' => [Face::Rim, Face::Outside], 'outside' => [],
    ];

    /** @param  list<Said>  $left  what does not fit, and why */
    private function __construct(public Part $part, public array $left)
    {
    }

    public static function of(Part $part, RecipePart $recipe, Tables $tables): self
    {
        return self::sanded($part, $recipe, $tables)->marked($recipe, $tables)->coated($recipe, $tables);
    }

    /**
     * Further marks on a part, each at its share of the line there; what it has stays.
     *
     * @param  list<RecipeMark>  $marks
     */
    public static function withMarks(Part $part, array $marks, Tables $tables): self
    {
        return (new self($part, []))->given($marks, $tables);
    }

    private static function sanded(Part $part, RecipePart $recipe, Tables $tables): self
    {
        $kept = array_diff_key(RecipePart::surface($part), array_flip(RecipePart::SANDING));
        try {
            $surface = SurfacePlan::read(Document::of($recipe->sanding + $kept), $tables->abrasives);
        } catch (BadInput $e) {
            $why = ['part' => Said::name($part->name), 'why' => $e->said];

            return new self($part, [new Said('recipe.no-sanding', $why)]);
        }

        return new self($part->withSurface($surface), []);
    }

    private function marked(RecipePart $recipe, Tables $tables): self
    {
        $bare = $this->part->withoutMark(...array_map(fn (Mark $mark): string => $mark->id(), $this->part->marks));

        return (new self($bare, $this->left))->given($recipe->marks, $tables);
    }

    /** @param  list<RecipeMark>  $marks */
    private function given(array $marks, Tables $tables): self
    {
        [$part, $left] = [$this->part, $this->left];
        foreach ($marks as $one) {
            [$with, $why] = self::withMark($part, $one, $tables);
            $part = $with ?? $part;
            if ($why !== null) {
                $left[] = new Said('recipe.no-mark', [
                    'mark' => $one->label(), 'part' => Said::name($part->name), 'why' => $why,
                ]);
            }
        }

        return new self($part, $left);
    }

    /** @return array{Part|null, Said|null} the part with the mark, or why it cannot be made there */
    private static function withMark(Part $part, RecipeMark $one, Tables $tables): array
    {
        $line = $part->lineMm($one->on);
        if ($line <= 0) {
            return [null, new Said('recipe.no-face', ['face' => $one->on->said()])];
        }
        try {
            $mark = Mark::read($one->placedOn($line), $tables);
            $with = $part->withMark($mark);
            $findings = $with->worked()[$mark->id()]->findings;
        } catch (BadInput $e) {
            return [null, $e->said];
        }
        foreach ($findings as $finding) {
            if ($finding->isRefused) {
                return [null, $finding->message];
            }
        }

        return [$with, null];
    }

    private function coated(RecipePart $recipe, Tables $tables): self
    {
        $part = array_reduce(
            $this->part->coatPlans, fn (Part $so, CoatPlan $plan): Part => $so->withoutCoats($plan->id), $this->part,
        );
        $left = $this->left;
        foreach ($recipe->coats as $coats) {
            $zones = array_values(array_filter(
                $part->faces(), fn (Face $face): bool => self::wears($coats, $face, $recipe),
            ));
            if ($zones === []) {
                continue;
            }
            try {
                $part = $part->coatedBy(CoatPlan::read($coats->onFaces($zones), $tables->coatings));
            } catch (BadInput $e) {
                $left[] = new Said('recipe.no-coats', [
                    'faces' => array_map(fn (Face $face): Said => $face->said(), $zones),
                    'part' => Said::name($part->name), 'why' => $e->said,
                ]);
            }
        }

        return new self($part, $left);
    }

    /** Whether a face gets these coats: it is named, or the recipe does not know it and its nearest is. */
    private static function wears(RecipeCoats $coats, Face $face, RecipePart $recipe): bool
    {
        $known = array_merge($recipe->bare, ...array_map(fn (RecipeCoats $one): array => $one->zones, $recipe->coats));
        if (in_array($face, $known, true)) {
            return in_array($face, $coats->zones, true);
        }
        $nearest = Face::among(self::AS[$face->value], $known)[0] ?? null;

        return $nearest !== null && in_array($nearest, $coats->zones, true);
    }
}
