<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Reading\Copy;
use HonestGrain\Wood\Pore;

/** What a step of sanding takes off the shelf, and by which records its minutes and discs are judged. */
final readonly class Abrading
{
    /**
     * @param  array<string, int>  $sheets  discs by grit, coarse to fine; what serves several faces is counted once
     * @param  array<string, float>  $minutesAt  by every grit that it takes, coarse to fine, its own discs or not
     * @param  float  $minutesFactor  what the shop's own records have made of its minutes
     * @param  float  $discsFactor  and of its discs
     */
    public function __construct(
        public Method $method,
        public Pore $family,
        public array $sheets,
        public array $minutesAt,
        public float $minutesFactor = 1.0,
        public float $discsFactor = 1.0,
    ) {
    }

    /**
     * Of some of its grits alone.
     *
     * @param  list<string>  $grits
     */
    public function only(array $grits): self
    {
        $named = array_flip($grits);

        return Copy::with($this, [
            'sheets' => array_intersect_key($this->sheets, $named),
            'minutesAt' => array_intersect_key($this->minutesAt, $named),
        ]);
    }

    /**
     * The discs that were really used, by grit, where only their number is known: in the proportion of the plan, what
     * is left over to the coarsest.
     *
     * @return array<string, int>
     */
    public function used(?int $discs): array
    {
        $planned = array_sum($this->sheets);
        if ($discs === null || $planned === 0) {
            return $this->sheets;
        }
        $used = array_map(fn (int $sheets): int => intdiv($sheets * $discs, $planned), $this->sheets);
        $used[array_key_first($used)] += $discs - array_sum($used);

        return $used;
    }
}
