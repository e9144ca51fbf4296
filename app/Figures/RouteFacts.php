<?php

declare(strict_types=1);

namespace App\Figures;

use HonestGrain\Route\Room;
use HonestGrain\Route\Route;
use HonestGrain\Route\SchoolOffer;
use HonestGrain\Route\Step;
use HonestGrain\Route\StepKind;

/** What the page of a route says of it besides its planned steps: kept, so that the route itself need not be read. */
final readonly class RouteFacts
{
    /**
     * @param  array<string, Room>  $rooms  by step
     * @param  list<SchoolOffer>  $offers
     * @param  bool  $warps  whether the piece is turned once, from wet wood
     */
    private function __construct(public array $rooms, public array $offers, public bool $warps)
    {
    }

    /** @param  list<SchoolOffer>  $offers */
    public static function of(Route $route, array $offers): self
    {
        return new self(Room::of($route), $offers, array_filter(
            $route->steps, fn (Step $step): bool => $step->kind === StepKind::Paper,
        ) !== []);
    }
}
