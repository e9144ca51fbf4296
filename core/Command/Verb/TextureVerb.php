<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Command\Verb;
use HonestGrain\Layout\Chatter;
use HonestGrain\Layout\Dimples;
use HonestGrain\Reading\Document;

/** Marks of a chattering tip, and dimples. */
final readonly class TextureVerb implements Verb
{
    public function __construct(private Calibration $calibration)
    {
    }

    public function name(): string
    {
        return 'texture';
    }

    public function example(): string
    {
        return '{"kind":"chatter","frequency_hz":400,"rpm":600,"radius_mm":50}';
    }

    public function answer(Document $question): array
    {
        if ($question->choice('kind', ['chatter', 'dimples']) === 'chatter') {
            $chatter = new Chatter($question->number('frequency_hz', 1, 20_000), $question->number('rpm', 1, 10_000));

            return [
                'marks_per_turn' => round($chatter->marksPerTurn(), 4),
                'spacing_mm' => round($chatter->spacingMm($question->number('radius_mm', 0.1, 1000)), 4),
            ];
        }
        $dimples = Dimples::of(
            $question->number('area_mm2', 1, 1e7), $question->number('per_cm2', 0.01, 1000),
            $question->numberOr('least_mm', 0.0, 0, 100),
        );

        return [
            'count' => $dimples->count,
            'minutes' => round($dimples->minutes($this->calibration->layout), 4),
        ];
    }
}
