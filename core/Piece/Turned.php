<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\Surface;
use HonestGrain\Technique\CutsProfile;
use HonestGrain\Technique\Finding;
use HonestGrain\Wood\Wood;

/** The profile as it is when beads, coves, grooves and burnt lines are cut: areas, wall and sanding follow from it. */
final class Turned
{
    /** @param  list<Mark>  $marks */
    public static function of(
        Profile $profile,
        array $marks,
        Wood $wood,
        GrainDirection $grain,
        Tables $tables,
    ): Profile {
        $cutting = array_values(array_filter(
            $marks, fn (Mark $mark): bool => $mark->technique instanceof CutsProfile
                && $mark->band->on !== Surface::Rim,
        ));
        if ($cutting === []) {
            return $profile;
        }
        $grounds = BandGrounds::of($profile, $cutting, $wood, $grain, $tables->tooling);
        $notches = ['outer' => [], 'inner' => []];
        usort($cutting, fn (Mark $a, Mark $b): int => $a->band->fromMm <=> $b->band->fromMm);
        $reached = ['outer' => 0.0, 'inner' => 0.0];
        foreach ($cutting as $mark) {
            $on = $mark->band->on === Surface::Inner ? 'inner' : 'outer';
            $ground = $grounds[$mark->id()];
            $set = $mark->settled($ground, $tables->calibration);
            $refused = array_filter(
                $mark->worked($ground, $tables->calibration)->findings, fn (Finding $finding): bool => $finding->isRefused,
            );
            // One that will not do, or lies over another, is told of and not drawn.
            if ($refused !== [] || $mark->band->fromMm < $reached[$on] || ! $mark->technique instanceof CutsProfile) {
                continue;
            }
            foreach ($mark->technique->notches($set, $ground) as [$along, $depth]) {
                $notches[$on][] = [$mark->band->fromMm + $along, $depth];
            }
            $reached[$on] = $mark->band->toMm;
        }

        return $notches === ['outer' => [], 'inner' => []] ? $profile : $profile->with(
            $profile->outer->notched($notches['outer']), $profile->inner?->notched($notches['inner']),
        );
    }
}
