<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Command\Verb;
use HonestGrain\Layout\Division;
use HonestGrain\Layout\UnrolledBand;
use HonestGrain\Reading\Document;

/** A band divided round the piece, and laid flat. */
final readonly class LayoutVerb implements Verb
{
    public function name(): string
    {
        return 'layout';
    }

    public function example(): string
    {
        return '{"radius_top_mm":100,"radius_bottom_mm":80,"slant_mm":60,"wanted_pitch_mm":40,'
            .'"index_holes":48}';
    }

    public function answer(Document $question): array
    {
        [$band, $division] = self::read($question);
        $top = $band->flaresUp ? $band->largerMm : $band->smallerMm;
        $bottom = $band->flaresUp ? $band->smallerMm : $band->largerMm;

        return [
            'repeats' => $division->repeats,
            'pitch_top_mm' => round($division->pitchMm($top), 4),
            'pitch_bottom_mm' => round($division->pitchMm($bottom), 4),
            'stretch' => round($top / $bottom, 6),
            'index_step' => $division->step(),
            'holes' => $division->holes(),
            'marks_mm' => array_map(fn (float $mark): float => round($mark, 4), $division->marksMm()),
            'unrolled' => $band->toArray(),
        ];
    }

    /** @return array{UnrolledBand, Division} */
    public static function read(Document $question): array
    {
        $band = UnrolledBand::of(
            $question->number('radius_top_mm', 1, 1000), $question->number('radius_bottom_mm', 1, 1000),
            $question->number('slant_mm', 0.1, 2000),
        );

        return [$band, Division::nearest(
            $band->largerMm, $question->number('wanted_pitch_mm', 0.1, 10_000),
            $question->integer('index_holes', 1, Division::MOST_HOLES),
        )];
    }
}
