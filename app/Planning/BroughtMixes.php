<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Workshop;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Reading\Document;
use HonestGrain\Recipe\Recipe;

/** Mixes that come with a recipe: those that a workshop has under that name already stay as it has them. */
final readonly class BroughtMixes
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @return array<string, Document> by name, those that are used and not there
     *
     * @throws \HonestGrain\Reading\BadInput for one that makes no sense, naming its field
     */
    public function missing(Workshop $workshop, Recipe $recipe): array
    {
        $missing = [];
        foreach ($recipe->mixes as $mix) {
            // Refused here, before anything is stored, if it makes no sense.
            $this->catalogue->coatings()->withMix($mix);
            $name = trim($mix->text('name'));
            if (in_array($name, $recipe->products(), true) && ! $workshop->mixes->contains('name', $name)) {
                $missing[$name] = Document::of($mix->fields());
            }
        }

        return $missing;
    }
}
