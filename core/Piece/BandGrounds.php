<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Geometry\Curve;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\Surface;
use HonestGrain\Geometry\Zone;
use HonestGrain\Layout\Tooling;
use HonestGrain\Technique\Ground;
use HonestGrain\Technique\Level;
use HonestGrain\Wood\Wood;

/** The grounds that marks of a part are made on, as the part was drawn. */
final class BandGrounds
{
    /** Places along a band that are looked at. */
    private const LEVELS = 17;

    /**
     * @param  list<Mark>  $marks
     * @return array<string, Ground> by id of the mark
     */
    public static function of(
        Profile $profile,
        array $marks,
        Wood $wood,
        GrainDirection $grain,
        Tooling $tooling,
    ): array {
        $toOuter = $toInner = null;
        $grounds = [];
        foreach ($marks as $mark) {
            $strip = Measurement::strip($profile, $mark->band);
            $across = match ($mark->band->on) {
                Surface::Outer, Surface::Foot, Surface::Top => $toInner ??= self::trees(
                    $profile->inner, $profile->bore?->line($profile->outer, $profile->inner),
                ),
                Surface::Inner => $toOuter ??= self::trees($profile->outer),
                Surface::Rim => [],
            };
            $grounds[$mark->id()] = new Ground(
                areaMm2: Zone::along($mark->id(), $strip, $grain)->areaMm2, hardnessN: $wood->figures->jankaN,
                levels: self::levels(
                    $strip, $profile->standsOn()->z, $across,
                ), grain: $grain, hasTannin: $wood->nature->tannin, tooling: $tooling,
                openMinutes: $mark->stain?->openMinutes,
                opensLongerInWater: $mark->stain?->opensLongerInWater() ?? false,
            );
        }

        return $grounds;
    }

    /**
     * @param  non-empty-list<Point>  $strip
     * @param  list<\HonestGrain\Geometry\Internal\SegmentTree>  $across
     * @return non-empty-list<Level>
     */
    private static function levels(array $strip, float $standsZ, array $across): array
    {
        $from = $strip[0]->arcMm;
        $long = $strip[count($strip) - 1]->arcMm - $from;
        $k = 1;
        $levels = [];
        for ($i = 0; $i < self::LEVELS; $i++) {
            $arc = $from + $long * $i / (self::LEVELS - 1);
            while ($k < count($strip) - 1 && $strip[$k]->arcMm < $arc) {
                $k++;
            }
            [$a, $b] = [$strip[$k - 1], $strip[$k]];
            $span = $b->arcMm - $a->arcMm;
            $share = $span > 0 ? ($arc - $a->arcMm) / $span : 0.0;
            $at = new Point($a->z + $share * ($b->z - $a->z), $a->r + $share * ($b->r - $a->r), $arc);
            $wall = null;
            foreach ($across as $tree) {
                $wall = min($wall ?? INF, $tree->nearest($at)[0]);
            }
            $levels[] = new Level($arc - $from, $at->z - $standsZ, $at->r, $wall);
        }

        return $levels === [] ? throw new \LogicException('A band has levels.') : $levels;
    }

    /** @return list<\HonestGrain\Geometry\Internal\SegmentTree> */
    private static function trees(?Curve ...$curves): array
    {
        return array_values(array_map(
            fn (Curve $curve) => $curve->tree(), array_filter($curves, fn (?Curve $curve): bool => $curve !== null),
        ));
    }
}
