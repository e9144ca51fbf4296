<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Coating\Between;
use HonestGrain\Coating\Coating;
use HonestGrain\Coating\Compatibility;
use HonestGrain\Coating\Denib;
use HonestGrain\Coating\Verdict;

/**
 * How many reference hours a coat must have had before another may follow: its recoat time, or as long as the pair
 * needs.
 */
final class LayerWaits
{
    /** @param  Denib|null  $denib  how the lower coat is rubbed before the upper one */
    public static function before(Compatibility $pairs, Coating $under, Coating $over, ?Denib $denib = null): float
    {
        $candidates = [
            $under->recoatFromHours, $under->waxAfterHours ?? 0.0, $under->handleHours, $under->buffableHours,
            $under->fullCureHours(),
        ];
        sort($candidates);
        // Nobody waits weeks where a barrier coat serves: the pair says so, and the wait is that of the coat itself.
        $soon = $pairs->of($under, $over, new Between($under->recoatFromHours, $denib))->verdict;
        if ($soon === Verdict::Barrier) {
            return $under->recoatFromHours;
        }
        foreach ($candidates as $hours) {
            $verdict = $pairs->of($under, $over, new Between($hours, $denib))->verdict;
            if ($hours >= $under->recoatFromHours && $verdict === Verdict::Fine) {
                return $hours;
            }
        }

        return $under->recoatFromHours;
    }
}
