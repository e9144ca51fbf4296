<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Coating\Coating;
use HonestGrain\Coating\Compatibility;
use HonestGrain\Coating\Verdict;

/** How many reference hours a coat must have had before another may follow: its recoat time, or as long as the pair needs. */
final class LayerWaits
{
    public static function before(Coating $under, Coating $over): float
    {
        $candidates = [$under->recoatFromHours, $under->handleHours, $under->buffableHours, $under->fullCureHours()];
        sort($candidates);
        foreach ($candidates as $hours) {
            if ($hours >= $under->recoatFromHours && Compatibility::of($under, $over, $hours)->verdict === Verdict::Fine) {
                return $hours;
            }
        }

        return $under->recoatFromHours;
    }
}
