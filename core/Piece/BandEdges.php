<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Technique\CutsProfile;
use HonestGrain\Technique\Nature;

/**
 * The edges of a colour (workshop): it bleeds along the grain unless a burnt line or a groove dams it, or its line ends
 * there.
 */
final class BandEdges
{
    /** A dam this near to an edge stops it; colours this near to each other meet. */
    public const NEAR_MM = 3.0;

    /**
     * Where a colour is open to bleed.
     *
     * @return list<array{float, Mark|null}> mm along the line, and the other colour that it meets there
     */
    public static function open(Part $part, Mark $mark): array
    {
        $open = [];
        foreach ([$mark->band->fromMm, $mark->band->toMm] as $edge) {
            $isEnd = $edge < self::NEAR_MM || $edge > $part->lineMm($mark->band->on) - self::NEAR_MM;
            if (! $isEnd && ! self::isDammed($part, $mark, $edge)) {
                $open[] = [$edge, self::met($part, $mark, $edge)];
            }
        }

        return $open;
    }

    private static function isDammed(Part $part, Mark $mark, float $edge): bool
    {
        foreach ($part->marks as $other) {
            $near = $edge >= $other->band->fromMm - self::NEAR_MM && $edge <= $other->band->toMm + self::NEAR_MM;
            if ($other->band->on === $mark->band->on && $other->technique instanceof CutsProfile && $near) {
                return true;
            }
        }

        return false;
    }

    /** Another colour that begins where this one ends. */
    private static function met(Part $part, Mark $mark, float $edge): ?Mark
    {
        foreach ($part->marks as $other) {
            if (
                $other !== $mark && $other->technique->nature() === Nature::Colours
                && $other->band->on === $mark->band->on && ! $other->overlaps($mark)
                && min(abs($other->band->fromMm - $edge), abs($other->band->toMm - $edge)) <= self::NEAR_MM
            ) {
                return $other;
            }
        }

        return null;
    }
}
