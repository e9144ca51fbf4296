<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Coating\Mix;
use HonestGrain\Command\Verb;
use HonestGrain\Reading\Document;

/** What goes into a cup. */
final readonly class MixVerb implements Verb
{
    public function name(): string
    {
        return 'mix';
    }

    public function example(): string
    {
        return '{"kind":"shellac-cut","cut_lb":2,"alcohol_ml":250}';
    }

    public function answer(Document $question): array
    {
        return (match ($question->choice('kind', ['parts', 'shellac-cut', 'two-part'])) {
            'parts' => Mix::byParts($question->number('volume_ml', 0.01, 100_000), array_map(
                fn (Document $part): array => [
                    'name' => $part->text('name'), 'parts' => $part->number('parts', 0, 100_000),
                    'density' => $part->numberOr('density_g_per_ml', null, 0.1, 25),
                ],
                $question->children('parts', 40, 1),
            )),
            'shellac-cut' => Mix::shellacCut(
                $question->number('cut_lb', 0.1, 10), $question->number('alcohol_ml', 0.01, 100_000),
            ),
            default => $this->twoPart($question),
        })->toArray();
    }

    private function twoPart(Document $question): Mix
    {
        [$resin, $hardener] = $question->numbers('ratio', 0.001, 1000, 2);
        $densities = null;
        if ($question->has('densities')) {
            [$resinDensity, $hardenerDensity] = $question->numbers('densities', 0.1, 25, 2);
            $densities = [$resinDensity, $hardenerDensity];
        }

        return Mix::twoPart(
            volumeMl: $question->number('volume_ml', 0.01, 100_000),
            ratio: [$resin, $hardener],
            byMass: $question->choice('by', ['volume', 'mass']) === 'mass',
            densities: $densities,
            potLifeMinutes: $question->numberOr('pot_life_minutes', null, 0.1, 10_000),
            useMinutes: $question->numberOr('use_minutes', null, 0, 10_000),
        );
    }
}
