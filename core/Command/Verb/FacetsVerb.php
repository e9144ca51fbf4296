<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Command\Verb;
use HonestGrain\Layout\Facets;
use HonestGrain\Reading\Document;

/** Flats round a turned piece. */
final readonly class FacetsVerb implements Verb
{
    public function name(): string
    {
        return 'facets';
    }

    public function example(): string
    {
        return '{"count":12,"radius_mm":50,"wall_mm":8,"min_wall_mm":3}';
    }

    public function answer(Document $question): array
    {
        $facets = new Facets($question->integer('count', 3, 1000), $question->number('radius_mm', 1, 1000));
        $left = $question->number('wall_mm', 0.1, 1000) - $facets->depthMm();
        $least = $question->numberOr('min_wall_mm', 0.0, 0, 1000);

        return [
            'depth_mm' => round($facets->depthMm(), 4),
            'width_mm' => round($facets->widthMm(), 4),
            'wall_left_mm' => round($left, 4),
            'warnings' => $facets->warnings($left, $least),
        ];
    }
}
