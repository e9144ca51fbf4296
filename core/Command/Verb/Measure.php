<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Command\Verb;
use HonestGrain\Geometry\Band;
use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Profile;
use HonestGrain\Reading\Document;
use HonestGrain\Words\Said;

/** Areas, end grain, volume, mass, wall and floor of a profile. */
final readonly class Measure implements Verb
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function name(): string
    {
        return 'measure';
    }

    public function example(): string
    {
        return '{"shape":{"outer":[[0,50],[100,50]],"inner":null},"grain":"end","wood":"Ash (white)",'
            .'"moisture_percent":9,"bands":[]}';
    }

    public function answer(Document $question): array
    {
        $profile = Profile::read($question->child('shape'));
        $grain = GrainDirection::from($question->choice('grain', ['side', 'end']));
        $name = $question->textOr('wood', null);
        $bands = $question->has('bands') ? array_map(Band::read(...), $question->children('bands', 100)) : [];
        $ids = array_fill_keys(Face::names(), true);
        foreach ($bands as $i => $band) {
            if (isset($ids[$band->id])) {
                throw \HonestGrain\Reading\InvalidField::because(
                    "bands.$i.id", $band->id, new Said('verbs.measure.every-band-needs-name'),
                );
            }
            $ids[$band->id] = true;
        }

        $figures = $this->catalogue->calibration()->shape;
        $holds = $profile->capacityMm3();

        return Measurement::of(
            figures: $figures, profile: $profile, grain: $grain, bands: $bands,
            wood: $name === null ? null : $this->catalogue->woods()->named($name),
            moisturePercent: $question->numberOr('moisture_percent', 12.0, 0, 200),
            minWallMm: $question->numberOr('min_wall_mm', $figures->leastWallMm, 0, 100),
        )->toArray() + ['capacity_ml' => $holds === null ? null : round($holds / 1000, 4)];
    }
}
