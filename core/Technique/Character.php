<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

use HonestGrain\Safety\Hazard;
use HonestGrain\Words\Said;

/** What a technique needs of the state of its place, what it leaves and spoils there, how it is done and what hurts. */
final readonly class Character
{
    /**
     * @param  list<Need>  $needs
     * @param  list<State>  $leaves
     * @param  list<State>  $spoils
     * @param  list<Hazard>  $hazards  besides those of its product
     */
    private function __construct(
        public Work $work,
        public array $needs = [],
        public array $leaves = [],
        public array $spoils = [],
        public array $hazards = [],
        public bool $isDusty = false,
        public bool $makesChips = false,
    ) {
    }

    public static function done(Work $work): self
    {
        return new self($work);
    }

    /** Never without it. */
    public function needs(State $state, Said $because): self
    {
        return $this->needing(new Need($state, $because, false));
    }

    /** Not without it unless the maker wants it so. */
    public function prefers(State $state, Said $because): self
    {
        return $this->needing(new Need($state, $because, true));
    }

    public function leaves(State ...$states): self
    {
        return new self(
            $this->work, $this->needs, array_values($states), $this->spoils, $this->hazards, $this->isDusty,
            $this->makesChips,
        );
    }

    public function spoils(State ...$states): self
    {
        return new self(
            $this->work, $this->needs, $this->leaves, array_values($states), $this->hazards, $this->isDusty,
            $this->makesChips,
        );
    }

    public function hurts(Hazard ...$hazards): self
    {
        return new self(
            $this->work, $this->needs, $this->leaves, $this->spoils, array_values($hazards), $this->isDusty,
            $this->makesChips,
        );
    }

    /** Its dust may not settle in a wet coat. */
    public function dusty(): self
    {
        return new self(
            $this->work, $this->needs, $this->leaves, $this->spoils, $this->hazards, true, $this->makesChips,
        );
    }

    /** An edge takes chips off the wood: where it is dry or harms, they are dust as well. */
    public function chips(): self
    {
        return new self(
            $this->work, $this->needs, $this->leaves, $this->spoils, $this->hazards, $this->isDusty, true,
        );
    }

    private function needing(Need $need): self
    {
        return new self(
            $this->work, [...$this->needs, $need], $this->leaves, $this->spoils, $this->hazards, $this->isDusty,
            $this->makesChips,
        );
    }
}
