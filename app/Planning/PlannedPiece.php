<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Piece;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\Route;
use HonestGrain\Route\Step;
use HonestGrain\Schedule\Job;

/** One piece on its way into a plan: its route, what is left of it, or why it can have no date. */
final readonly class PlannedPiece
{
    public function __construct(
        public Piece $piece,
        public History $history,
        public ?string $routeKey,
        public ?Route $route,
        public ?Job $job,
        public ?string $trouble,
        public bool $isHeld = false,
    ) {
    }

    /** @return list<Step> */
    public function steps(): array
    {
        return $this->route->steps ?? [];
    }

    /** @return list<array{severity: string, steps: list<string>, message: string, choices: list<string>}> */
    public function conflicts(): array
    {
        $trouble = $this->trouble === null ? [] : [$this->isHeld ? [
            'severity' => 'forbid', 'steps' => [],
            'message' => "Held back until you choose what to do: $this->trouble.",
            'choices' => ['Choose a remedy', 'Go on as it is'],
        ] : [
            'severity' => 'forbid', 'steps' => [], 'message' => "No date can be worked out: $this->trouble",
            'choices' => ['Change the coats', 'Warm the shop and say so under Shop'],
        ]];

        return [...$trouble, ...array_map(
            fn (Conflict $conflict): array => $conflict->toArray(), $this->route->conflicts ?? [],
        )];
    }

    public function isFinished(): bool
    {
        foreach ($this->steps() as $step) {
            if (! $this->history->settles($step->id)) {
                return false;
            }
        }

        return $this->route !== null;
    }
}
