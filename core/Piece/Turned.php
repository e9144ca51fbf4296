<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\Surface;
use HonestGrain\Technique\CutsProfile;
use HonestGrain\Technique\Finding;
use HonestGrain\Technique\Ground;

/** The profile as it is when beads, coves, grooves and burnt lines are cut: areas, wall and sanding follow from it. */
final class Turned
{
    /**
     * @param  list<Mark>  $marks
     * @param  array<string, Ground>  $grounds  by id of a mark
     */
    public static function of(Profile $profile, array $marks, array $grounds, Calibration $calibration): Profile
    {
        $cutting = array_values(array_filter(
            $marks, fn (Mark $mark): bool => $mark->technique instanceof CutsProfile
                && in_array($mark->band->on, [Surface::Outer, Surface::Inner], true),
        ));
        if ($cutting === []) {
            return $profile;
        }
        $notches = ['outer' => [], 'inner' => []];
        usort($cutting, fn (Mark $a, Mark $b): int => $a->band->fromMm <=> $b->band->fromMm);
        $reached = ['outer' => 0.0, 'inner' => 0.0];
        foreach ($cutting as $mark) {
            $on = $mark->band->on === Surface::Inner ? 'inner' : 'outer';
            $ground = $grounds[$mark->id()];
            $set = $mark->settled($ground, $calibration);
            $refused = array_filter(
                $mark->worked($ground, $calibration)->findings, fn (Finding $finding): bool => $finding->isRefused,
            );
            // One that will not do, or lies over another, is told of and not drawn.
            if ($refused !== [] || $mark->band->fromMm < $reached[$on] || ! $mark->technique instanceof CutsProfile) {
                continue;
            }
            // The wood beside the band is left as it is.
            $notches[$on][] = [$mark->band->fromMm, 0.0];
            foreach ($mark->technique->notches($set, $ground) as [$along, $depth]) {
                $notches[$on][] = [min($mark->band->toMm, $mark->band->fromMm + max(0.0, $along)), $depth];
            }
            $notches[$on][] = [$mark->band->toMm, 0.0];
            $reached[$on] = $mark->band->toMm;
        }

        return $notches === ['outer' => [], 'inner' => []] ? $profile : $profile->with(
            $profile->outer->notched($notches['outer']), $profile->inner?->notched($notches['inner']),
        );
    }
}
