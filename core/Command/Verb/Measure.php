<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Command\Verb;
use HonestGrain\Geometry\Band;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Profile;
use HonestGrain\Reading\Document;

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

    public function help(): array
    {
        return [
            'does' => 'Measures a profile: areas, end-grain shares, volume, mass, wall and floor.',
            'fields' => [
                'shape.outer' => 'nodes [z, r] or [z, r, "corner"], mm, from the foot up to the rim; 2 to 200',
                'shape.inner' => 'nodes from the rim down to the bottom centre, or null for a solid piece',
                'grain' => '"side" (across the lathe axis) or "end" (along it)',
                'wood' => 'a wood of the catalogue, or null',
                'moisture_percent' => 'moisture content, 0 to 200 % (12 where not given)',
                'bands' => 'strips {"id", "on": "outer"|"inner"|"rim"|"foot"|"top", "from_mm", "to_mm"}, '
                    .'arc length from the first node',
                'min_wall_mm' => 'the least wall you allow, mm (3 where not given)',
            ],
            'example' => '{"shape":{"outer":[[0,50],[100,50]],"inner":null},"grain":"end","wood":"Ash (white)",'
                .'"moisture_percent":9,"bands":[]}',
        ];
    }

    public function answer(Document $question): array
    {
        $profile = Profile::read($question->child('shape'));
        $grain = GrainDirection::from($question->choice('grain', ['side', 'end']));
        $name = $question->textOr('wood', null);
        $bands = $question->has('bands') ? array_map(Band::read(...), $question->children('bands', 100)) : [];
        $ids = ['outside' => true, 'inside' => true, 'rim' => true, 'foot' => true, 'top' => true];
        foreach ($bands as $i => $band) {
            if (isset($ids[$band->id])) {
                throw \HonestGrain\Reading\InvalidField::because(
                    "bands.$i.id", $band->id, 'every band needs a name of its own that no zone has',
                );
            }
            $ids[$band->id] = true;
        }

        $figures = $this->catalogue->calibration()->shape;

        return Measurement::of(
            $figures, $profile, $grain, $bands,
            $name === null ? null : $this->catalogue->woods()->named($name),
            $question->numberOr('moisture_percent', 12.0, 0, 200),
            $question->numberOr('min_wall_mm', $figures->leastWallMm, 0, 100),
        )->toArray();
    }
}
