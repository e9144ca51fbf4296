<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

use HonestGrain\Calibration\HoldFigures;

/** The size that a tenon or a recess is cut to, and the jaws for it; null where the shop has not said which it has. */
final readonly class JawFit
{
    private function __construct(public ?JawSet $set, public float $diameterMm, public bool $isBest)
    {
    }

    /**
     * The set that takes it nearest to its own true circle, and of those the smallest.
     *
     * @param  list<JawSet>  $sets
     * @return self|null null where none takes it
     */
    public static function of(array $sets, bool $opens, float $leastMm, float $mostMm, HoldFigures $figures): ?self
    {
        if ($leastMm > $mostMm) {
            return null;
        }
        $fits = [];
        foreach ($sets as $set) {
            $range = $opens ? $set->recessMm : $set->tenonMm;
            if ($range !== null && max($range[0], $leastMm) <= min($range[1], $mostMm)) {
                $best = min($range[1], $mostMm, $range[0] * (1 + $figures->jawsBestShare));
                $across = max($leastMm, min($best, $range[0] * (1 + $figures->jawsBestShare / 2)));
                $fits[] = new self($set, round($across, 1), $across <= $best + 1e-9);
            }
        }
        usort($fits, fn (self $a, self $b): int => [! $a->isBest, $a->diameterMm] <=> [! $b->isBest, $b->diameterMm]);

        return $sets === [] ? new self(null, round($leastMm, 1), true) : $fits[0] ?? null;
    }
}
