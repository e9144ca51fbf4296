<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Tables;
use HonestGrain\Route\Internal\Router;
use HonestGrain\Words\Said;

/**
 * Every step of a piece from the chuck to the box, in an order that respects each one's conditions, and what conflicts.
 */
final readonly class Route
{
    /**
     * @param  list<Step>  $steps
     * @param  list<Conflict>  $conflicts
     */
    private function __construct(public array $steps, public array $conflicts)
    {
    }

    /** @param  Past|null  $past  what has been done: what is left goes on from there */
    public static function of(Piece $piece, Bench $bench, Tables $tables, ?Past $past = null): self
    {
        return new self(...Router::of($piece, $bench, $tables, $past ?? Past::none()));
    }

    public function handsOnMinutes(): float
    {
        return array_sum(array_map(fn (Step $step): float => $step->timing->minutes, $this->steps));
    }

    /**
     * Why the route can have no date; null where it can.
     *
     * @return array{code: string, message: Said}|null
     */
    public function withoutDate(): ?array
    {
        foreach ($this->conflicts as $conflict) {
            if ($conflict->forbids && $conflict->code !== ConflictCode::Order) {
                return ['code' => $conflict->code->value, 'message' => $conflict->message];
            }
        }

        return null;
    }

    public function isForbidden(): bool
    {
        return $this->withoutDate() !== null;
    }

    /** Whether all that keeps it from a date is wood that dries: what comes before that can be planned. */
    public function waitsForWood(): bool
    {
        $undated = array_filter(
            $this->conflicts, fn (Conflict $one): bool => $one->forbids && $one->code !== ConflictCode::Order,
        );

        return $undated !== [] && array_filter(
            $undated, fn (Conflict $one): bool => $one->code !== ConflictCode::WoodDries,
        ) === [];
    }

    /**
     * Each part's steps in runs of one mount.
     *
     * @return list<array{part: string, mount: string, steps: list<string>}>
     */
    public function mounts(): array
    {
        $mounts = $open = [];
        foreach ($this->steps as $step) {
            if ($step->part === null || $step->setup->mount === null) {
                continue;
            }
            $at = $open[$step->part] ?? null;
            if ($at === null || $mounts[$at]['mount'] !== $step->setup->mount->value) {
                $at = $open[$step->part] = count($mounts);
                $mounts[$at] = ['part' => $step->part, 'mount' => $step->setup->mount->value, 'steps' => []];
            }
            $mounts[$at]['steps'][] = $step->id;
        }

        return array_values($mounts);
    }

    /**
     * @return array{
     *     steps: list<array<string, mixed>>,
     *     mounts: list<array<string, mixed>>,
     *     conflicts: list<array<string, mixed>>,
     *     ready: array{code: string, message: Said}|null,
     * }
     */
    public function toArray(): array
    {
        return [
            'steps' => array_map(fn (Step $step): array => $step->toArray(), $this->steps),
            'mounts' => $this->mounts(),
            'conflicts' => array_map(fn (Conflict $conflict): array => $conflict->toArray(), $this->conflicts),
            'ready' => $this->withoutDate(),
        ];
    }
}
