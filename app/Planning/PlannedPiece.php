<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Kept\Objection;
use App\Models\Piece;
use HonestGrain\Route\Route;
use HonestGrain\Route\Step;
use HonestGrain\Schedule\Job;
use HonestGrain\Words\Said;

/** One piece on its way into a plan: its route, what is left of it, or why it can have no date. */
final readonly class PlannedPiece
{
    public function __construct(
        public Piece $piece,
        public History $history,
        public ?string $routeKey,
        public ?Route $route,
        public ?Job $job,
        public ?Said $trouble,
        public bool $isHeld = false,
    ) {
    }

    /** @return list<Step> */
    public function steps(): array
    {
        return $this->route->steps ?? [];
    }

    /** @return list<Objection> */
    public function conflicts(): array
    {
        $why = $this->isHeld ? 'held' : 'undated';
        $trouble = $this->trouble === null ? [] : [new Objection(
            true, [], new Said("dates.$why.message", ['trouble' => $this->trouble]),
            [new Said("dates.$why.one"), new Said("dates.$why.other")],
        )];

        return [...$trouble, ...array_map(Objection::of(...), $this->route->conflicts ?? [])];
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
