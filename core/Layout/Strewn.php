<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Places strewn over a band by chance, the same for a seed, none nearer to another than a least distance: each is
 * thrown
 * anew until it falls free.
 */
final class Strewn
{
    /** Strewn discs come to a stand when they cover this share (J. Feder, J. theor. Biol. 87, 1980). */
    private const JAMMED_SHARE = 0.547;

    private const THROWS = 60;

    private const FINE = 1_000_000;

    /** Physics: how many to the cm² can be strewn that far apart before no place is left; INF where they may touch. */
    public static function mostPerCm2(float $leastMm): float
    {
        return $leastMm <= 0.0 ? INF : 100 * self::JAMMED_SHARE * 4 / (M_PI * $leastMm ** 2);
    }

    /**
     * @param  non-empty-list<array{float, float}>  $line  mm along the band, rising, and radius there
     * @return list<array{float, float}> turn, 0 to 1, and mm along the band
     */
    public static function over(array $line, int $count, float $leastMm, int $seed): array
    {
        $dice = new Randomizer(new Mt19937($seed));
        $chance = fn (): float => $dice->getInt(0, self::FINE - 1) / self::FINE;
        $areas = [0.0];
        foreach ($line as $i => [$along, $radius]) {
            if ($i > 0) {
                $areas[] = $areas[$i - 1] + ($along - $line[$i - 1][0]) * ($radius + $line[$i - 1][1]);
            }
        }
        $rows = $places = [];
        for ($i = 0; $i < $count; $i++) {
            for ($throw = 0; $throw < self::THROWS; $throw++) {
                [$along, $radius] = self::at($line, $areas, $chance() * $areas[count($areas) - 1]);
                $turn = $chance();
                $row = (int) floor($along / $leastMm);
                $near = [...$rows[$row - 1] ?? [], ...$rows[$row] ?? [], ...$rows[$row + 1] ?? []];
                if (self::isFree($near, $turn, $along, $radius, $leastMm)) {
                    $rows[$row][] = $places[] = [$turn, $along];
                    break;
                }
            }
        }

        return $places;
    }

    /**
     * Where on the line so much of its area lies below: evenly spread over the surface, not over its length.
     *
     * @param  non-empty-list<array{float, float}>  $line
     * @param  list<float>  $areas
     * @return array{float, float}
     */
    private static function at(array $line, array $areas, float $area): array
    {
        $i = 1;
        while ($i < count($line) - 1 && $areas[$i] < $area) {
            $i++;
        }
        $span = $areas[$i] - $areas[$i - 1];
        $share = $span > 0 ? ($area - $areas[$i - 1]) / $span : 0.0;

        return [
            $line[$i - 1][0] + $share * ($line[$i][0] - $line[$i - 1][0]),
            $line[$i - 1][1] + $share * ($line[$i][1] - $line[$i - 1][1]),
        ];
    }

    /** @param  list<array{float, float}>  $others */
    private static function isFree(array $others, float $turn, float $along, float $radius, float $leastMm): bool
    {
        foreach ($others as [$otherTurn, $otherAlong]) {
            $apart = abs($turn - $otherTurn);
            $round = min($apart, 1 - $apart) * 2 * M_PI * $radius;
            if ($round ** 2 + ($along - $otherAlong) ** 2 < $leastMm ** 2) {
                return false;
            }
        }

        return true;
    }
}
