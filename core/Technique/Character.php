<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

use HonestGrain\Reading\Copy;
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
        return Copy::with($this, ['leaves' => array_values($states)]);
    }

    public function spoils(State ...$states): self
    {
        return Copy::with($this, ['spoils' => array_values($states)]);
    }

    public function hurts(Hazard ...$hazards): self
    {
        return Copy::with($this, ['hazards' => array_values($hazards)]);
    }

    /** Its dust may not settle in a wet coat. */
    public function dusty(): self
    {
        return Copy::with($this, ['isDusty' => true]);
    }

    /** An edge takes chips off the wood: where it is dry or harms, they are dust as well. */
    public function chips(): self
    {
        return Copy::with($this, ['makesChips' => true]);
    }

    private function needing(Need $need): self
    {
        return Copy::with($this, ['needs' => [...$this->needs, $need]]);
    }
}
