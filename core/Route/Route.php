<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Piece\Piece;
use HonestGrain\Route\Internal\ConflictFinder;
use HonestGrain\Route\Internal\RouteBuilder;

/** Every step of a piece from the chuck to the box, in an order that respects each one's conditions, and what conflicts. */
final readonly class Route
{
    /**
     * @param  list<Step>  $steps
     * @param  list<Conflict>  $conflicts
     */
    private function __construct(public array $steps, public array $conflicts)
    {
    }

    public static function of(Piece $piece, Bench $bench): self
    {
        $measured = $piece->measure($bench->minWallMm);
        $sandings = Sanding::all($piece, $bench, $measured);

        return new self((new RouteBuilder($piece, $measured, $sandings))->steps(), ConflictFinder::in($piece, $measured, $sandings));
    }

    public function handsOnMinutes(): float
    {
        return array_sum(array_map(fn (Step $step): float => $step->minutes, $this->steps));
    }

    /**
     * Why the route can have no date; null where it can.
     *
     * @return array{code: string, message: string}|null
     */
    public function withoutDate(): ?array
    {
        foreach ($this->conflicts as $conflict) {
            if ($conflict->forbids) {
                return ['code' => 'forbidden', 'message' => $conflict->message];
            }
        }

        return null;
    }

    public function isForbidden(): bool
    {
        return array_filter($this->conflicts, fn (Conflict $conflict): bool => $conflict->forbids) !== [];
    }

    /**
     * @return array{
     *     steps: list<array<string, mixed>>,
     *     conflicts: list<array<string, mixed>>,
     *     ready: array{code: string, message: string}|null,
     * }
     */
    public function toArray(): array
    {
        return [
            'steps' => array_map(fn (Step $step): array => $step->toArray(), $this->steps),
            'conflicts' => array_map(fn (Conflict $conflict): array => $conflict->toArray(), $this->conflicts),
            'ready' => $this->withoutDate(),
        ];
    }
}
