<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Words\Said;

/** Between which other steps one may stand, and what would suffer earlier or later; null where nothing holds it. */
final readonly class Room
{
    private function __construct(
        public ?string $after,
        public ?Said $afterBecause,
        public ?string $before,
        public ?Said $beforeBecause,
    ) {
    }

    /** @return array<string, self> by step, for those that can be moved */
    public static function of(Route $route): array
    {
        $at = array_flip(array_map(fn (Step $step): string => $step->id, $route->steps));
        $earliest = $latest = [];
        foreach ($route->steps as $step) {
            foreach ($step->timing->reasons as $reason) {
                if ($reason->bends || ! isset($at[$reason->after])) {
                    continue;
                }
                if (! isset($earliest[$step->id]) || $at[$earliest[$step->id]->after] < $at[$reason->after]) {
                    $earliest[$step->id] = $reason;
                }
                if (! isset($latest[$reason->after]) || $at[$latest[$reason->after][0]] > $at[$step->id]) {
                    $latest[$reason->after] = [$step->id, $reason->because];
                }
            }
        }
        $rooms = [];
        foreach ($route->steps as $step) {
            if ($step->kind->canBeMoved()) {
                $rooms[$step->id] = new self(
                    $earliest[$step->id]->after ?? null, $earliest[$step->id]->because ?? null,
                    $latest[$step->id][0] ?? null, $latest[$step->id][1] ?? null,
                );
            }
        }

        return $rooms;
    }
}
