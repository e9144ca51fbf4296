<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Drawing\TermPicture;
use HonestGrain\Glossary\Term;
use HonestGrain\Glossary\TermGroup;

/** The words of the craft as a page has them. */
final readonly class Glossary
{
    public function __construct(private Catalogue $catalogue, private Show $show)
    {
    }

    /**
     * Those that a search finds in their name or in what they mean; all of them without one.
     *
     * @return array<string, list<Term>> by the group's label, in the order of the work
     */
    public function groups(string $search): array
    {
        $groups = [];
        foreach (TermGroup::cases() as $group) {
            $terms = array_filter(
                $this->catalogue->terms(),
                fn (Term $term): bool => $term->group === $group && $this->has($term, $search),
            );
            if ($terms !== []) {
                $groups[$this->show->said($group->label())] = array_values($terms);
            }
        }

        return $groups;
    }

    public function find(string $id): ?Term
    {
        return $this->catalogue->terms()[$id] ?? null;
    }

    /** @return list<Term> what else is worth reading */
    public function beside(Term $term): array
    {
        return array_map(fn (string $id): Term => $this->catalogue->terms()[$id], $term->see);
    }

    public function drawing(Term $term): string
    {
        return TermPicture::of($term->sketch);
    }

    private function has(Term $term, string $search): bool
    {
        $said = implode(' ', [
            $this->show->said($term->name()), $this->show->said($term->meaning()),
            $this->show->lines("glossary.terms.$term->id")['linked'],
        ]);

        return $search === '' || mb_stripos($said, $search) !== false;
    }
}
