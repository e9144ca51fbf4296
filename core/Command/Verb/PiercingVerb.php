<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Command\Verb;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Layout\Piercing;
use HonestGrain\Layout\Tongue;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** Holes on a grid, or a tongue of wood between two cuts. */
final readonly class PiercingVerb implements Verb
{
    public function __construct(private Calibration $calibration)
    {
    }

    public function name(): string
    {
        return 'piercing';
    }

    public function example(): string
    {
        return '{"hole_mm":4,"pitch_mm":6,"grid":"hexagonal","wall_mm":2,"area_mm2":5000}';
    }

    public function answer(Document $question): array
    {
        if ($question->has('tongue')) {
            return $this->tongue($question);
        }
        $hole = $question->number('hole_mm', 0.1, 200);
        $pitch = $question->number('pitch_mm', 0.1, 500);
        if ($pitch <= $hole) {
            throw InvalidField::because('pitch_mm', $pitch, new Said('verbs.piercing-verb.must-more-than-hole', [
                'hole' => Quantity::number($hole),
            ]));
        }
        $piercing = new Piercing($hole, $pitch, $question->choice('grid', ['hexagonal', 'square']) === 'hexagonal');
        $wall = $question->number('wall_mm', 0.1, 500);

        return [
            'open_share' => round($piercing->openShare(), 6),
            'bridge_mm' => round($piercing->bridgeMm(), 4),
            'count' => $piercing->count($question->number('area_mm2', 1, 1e7)),
            'warnings' => $piercing->warnings($question->numberOr('min_bridge_mm', $wall, 0, 500)),
        ];
    }

    /** @return array<string, mixed> */
    private function tongue(Document $question): array
    {
        $at = $question->child('tongue');
        $tongue = new Tongue(
            $this->calibration->layout, $at->number('azimuth_deg', 0, 360), $at->numberOr('tilt_deg', 0.0, -90, 90),
            GrainDirection::from($question->choice('grain', ['side', 'end'])),
        );

        return [
            'grain_angle_deg' => round($tongue->grainAngleDeg(), 4),
            'strength_left' => round($tongue->strengthLeft(), 6),
            'allowed' => $tongue->isAllowed(),
            'better_azimuths_deg' => array_map(
                fn (array $range): array => [round($range[0], 4), round($range[1], 4)], $tongue->betterAzimuthsDeg(),
            ),
        ];
    }
}
