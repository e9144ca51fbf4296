<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

/** One of those who work in the shop: when, and what they have learnt to do that not everybody may. */
final readonly class Person
{
    /** @param  list<string>  $can */
    public function __construct(public string $id, public WorkingHours $hours, public array $can = [])
    {
    }

    /** Whether a task that asks for a skill, or for none, may be theirs. */
    public function may(?string $skill): bool
    {
        return $skill === null || in_array($skill, $this->can, true);
    }
}
