<?php

declare(strict_types=1);

namespace HonestGrain\Mending;

use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Tables;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Past;
use HonestGrain\Route\Route;
use HonestGrain\Route\Step;

/** What a remedy does to a route: the steps it brings, and the minutes and hours that it adds. */
final readonly class Mended
{
    /**
     * @param  Piece  $piece  with what the remedy brings
     * @param  list<Step>  $steps  those it brings, and those that are to be done again, in order
     * @param  list<Step>  $spared  those that are no longer to be done, as a mount that it makes already
     */
    private function __construct(
        public Remedy $remedy,
        public Piece $piece,
        public Route $route,
        public array $steps,
        public array $spared,
        public float $addedMinutes,
        public float $addedWaitHours,
    ) {
    }

    /**
     * @param  list<string>  $done
     */
    public static function by(Remedy $remedy, Piece $piece, Bench $bench, Tables $tables, array $done): self
    {
        $left = array_values(array_diff($done, $remedy->again));
        $before = Route::of($piece, $bench, $tables, Past::of($done));
        $mended = $remedy->on($piece, $tables);
        $after = Route::of(
            $mended, $bench, $tables, $remedy->anew === null ? Past::of($done, $remedy->again) : Past::of($left),
        );
        $new = array_fill_keys([...$remedy->ids(), ...$remedy->again], true);
        $known = array_fill_keys(array_map(fn (Step $step): string => $step->id, $before->steps), true);
        $brought = array_values(array_filter(
            $after->steps, fn (Step $step): bool => isset($new[$step->id]) || ! isset($known[$step->id]),
        ));
        $kept = array_fill_keys([...$done, ...array_map(fn (Step $step): string => $step->id, $after->steps)], true);
        $spared = array_filter($before->steps, fn (Step $step): bool => ! isset($kept[$step->id]));

        return new self(
            remedy: $remedy, piece: $mended, route: $after, steps: $brought, spared: array_values($spared),
            addedMinutes: self::minutesLeft($after, $left) - self::minutesLeft($before, $done),
            addedWaitHours: max(0.0, self::hoursLeft($after, $left) - self::hoursLeft($before, $done)),
        );
    }

    /**
     * The steps that are open again: of a part that is made again also those that were skipped on it.
     *
     * @param  list<string>  $skipped
     * @return list<string>
     */
    public function openedBy(array $skipped): array
    {
        $part = $this->remedy->anew;
        $ids = $part === null ? [] : array_map(fn (Step $step): string => $step->id, array_filter(
            $this->route->steps, fn (Step $step): bool => $step->part === $part,
        ));

        return [...$this->remedy->again, ...array_values(array_intersect($skipped, $ids))];
    }

    /** @return array<string, mixed> as in the answer of `bin/grain mend` */
    public function toArray(): array
    {
        return [
            'id' => $this->remedy->id, 'title' => $this->remedy->title,
            'steps' => array_map(fn (Step $step): array => $step->toArray(), $this->steps),
            'spared' => array_map(fn (Step $step): string => $step->id, $this->spared),
            'again' => $this->remedy->again, 'added_minutes' => round($this->addedMinutes, 1),
            'added_wait_hours' => round($this->addedWaitHours, 2), 'because' => $this->remedy->because,
        ];
    }

    /** @param  list<string>  $done */
    private static function minutesLeft(Route $route, array $done): float
    {
        return array_sum(array_map(
            fn (Step $step): float => in_array($step->id, $done, true) ? 0.0 : $step->timing->minutes, $route->steps,
        ));
    }

    /**
     * The longest chain of waits among what is left, reference hours.
     *
     * @param  list<string>  $done
     */
    private static function hoursLeft(Route $route, array $done): float
    {
        $since = [0.0];
        foreach ($route->steps as $step) {
            $since[$step->id] = 0.0;
            foreach (in_array($step->id, $done, true) ? [] : $step->timing->after as $lag) {
                $since[$step->id] = max($since[$step->id], ($since[$lag->task] ?? 0.0) + $lag->wait->minHours);
            }
        }

        return max($since);
    }
}
