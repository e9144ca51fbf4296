<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Coating\CoatStretch;
use HonestGrain\Coating\Compatibility;
use HonestGrain\Coating\CureClock;
use HonestGrain\Coating\Exception\Stalled;
use HonestGrain\Piece\Coat;

/**
 * How long a set of coats takes in the air of a shop where each goes on as soon as it may, hands and hours of the shop
 * left aside; the waits are those of the route.
 *
 * Workshop model (see Kinetics).
 */
final readonly class CoatRun
{
    /**
     * @param  non-empty-list<CoatStretch>  $stretches  by coat
     * @param  int|null  $curedAt  second (UTC) at which every coat has cured; null where one never does
     */
    private function __construct(public array $stretches, public int $handleAt, public ?int $curedAt)
    {
    }

    /**
     * @param  non-empty-list<Coat>  $coats  the first on the wood first
     * @param  int  $start  second (UTC) at which the first goes on
     *
     * @throws Stalled when this air never lets one of the waits end
     */
    public static function of(array $coats, Compatibility $pairs, CureClock $clock, int $start): self
    {
        $stretches = [];
        $at = $start;
        $curedAt = $start;
        foreach ($coats as $i => $coat) {
            $coating = $coat->coating;
            $over = $coats[$i + 1] ?? null;
            $ends = fn (float $hours): int => $clock->run($hours, $coating->kinetics(), $at)->end;
            $wait = $over === null ? $coating->handleHours
                : LayerWaits::before($pairs, $coating, $over->coating, $over->denib);
            $until = $over === null ? null : $coating->recoatUntilHours;
            $stretches[] = new CoatStretch($at, $ends($wait), $until === null ? null : $ends($until));
            $curedAt = $curedAt === null || $coating->neverCures() ? null
                : max($curedAt, $ends($coating->fullCureHours()));
            $at = $stretches[$i]->nextAt;
        }

        return new self($stretches, $at, $curedAt);
    }

    public function startAt(): int
    {
        return $this->stretches[0]->at;
    }

    public function lastAt(): int
    {
        return $this->stretches[count($this->stretches) - 1]->at;
    }
}
