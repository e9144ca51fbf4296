<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

/** What a task takes of the shop, and for how long. */
final readonly class Claims
{
    /**
     * @param  array<string, int>  $needs  resource => how many while it runs
     * @param  array<string, int>  $holds  resource => how many from its end to the piece's next task
     * @param  list<Hold>  $keeps  what it goes on holding after its end
     * @param  array<string, int>  $heldNow  resource => how many the piece holds already until it starts
     * @param  string|null  $can  what whoever does it must have learnt; null: anybody may
     */
    public function __construct(
        public array $needs,
        public array $holds = [],
        public array $keeps = [],
        public array $heldNow = [],
        public ?string $can = null,
    ) {
    }
}
