<?php

declare(strict_types=1);

namespace HonestGrain\Recipe;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Geometry\Form;
use HonestGrain\Reading\Document;
use HonestGrain\Words\Said;
use HonestGrain\Words\Sentences;

/** A surface that can be taken as it is (workshop). */
final readonly class ShippedRecipe
{
    /** What a form is given that no recipe is the usual one of. */
    private const USUAL = 'oiled-bowl';

    /** @param  list<string>  $usualFor  forms */
    private function __construct(public string $id, private array $usualFor, public Recipe $recipe)
    {
    }

    /** @return array<string, self> by id */
    public static function all(Catalogue $catalogue): array
    {
        $all = [];
        foreach ($catalogue->recipes() as $row) {
            $id = $row['id'];
            $all[$id] = new self($id, $row['usual_for'], Recipe::read(Document::of([
                'format' => Recipe::FORMAT, 'version' => Recipe::VERSION,
                'name' => Sentences::english()->say(self::nameOf($id)), 'parts' => $row['parts'],
            ])));
        }

        return $all;
    }

    /**
     * What pieces of a form usually get.
     *
     * @param  array<string, self>  $all  by id
     */
    public static function usual(array $all, Form $form): self
    {
        foreach ($all as $one) {
            if (in_array($form->value, $one->usualFor, true)) {
                return $one;
            }
        }

        return $all[self::USUAL];
    }

    public function name(): Said
    {
        return self::nameOf($this->id);
    }

    /** What it is good for, in a line. */
    public function suits(): Said
    {
        return new Said("recipe.shipped.$this->id.suits");
    }

    private static function nameOf(string $id): Said
    {
        return new Said("recipe.shipped.$id.name");
    }
}
