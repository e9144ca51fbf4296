<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Command\Verb;
use HonestGrain\Layout\DrawnRepeat;
use HonestGrain\Layout\PenWork;
use HonestGrain\Layout\RowOfRepeats;
use HonestGrain\Layout\UnrolledBand;
use HonestGrain\Reading\Document;

/** Lines and shading with the pen: how long they are, and how long they take. */
final readonly class BurnVerb implements Verb
{
    private const MOST_REPEATS = 1000;

    public function __construct(private Calibration $calibration)
    {
    }

    public function name(): string
    {
        return 'burn';
    }

    public function example(): string
    {
        return '{"unit":"braid","lines_mm":null,"hardness_n":6000,"shaded_mm2":0,"tone":0.5,'
            .'"radius_top_mm":100,"radius_bottom_mm":80,"slant_mm":60,"repeats":16}';
    }

    public function answer(Document $question): array
    {
        $work = new PenWork(
            $question->numberOr('lines_mm', null, 0, 1e7) ?? $this->ofRepeats($question),
            $question->numberOr('shaded_mm2', 0.0, 0, 1e7), $question->numberOr('tone', 1.0, 0, 1),
        );
        $minutes = $work->minutes(
            $question->number('hardness_n', 100, 30_000), $this->calibration->marks, $this->calibration->layout,
        );

        return ['stroke_mm' => round($work->strokeMm, 3), 'minutes' => round($minutes, 4)];
    }

    private function ofRepeats(Document $question): float
    {
        if (! $question->has('unit')) {
            return 0.0;
        }
        $unit = DrawnRepeat::from($question->choice('unit', array_column(DrawnRepeat::cases(), 'value')));
        $band = UnrolledBand::of(
            $question->number('radius_top_mm', 1, 1000), $question->number('radius_bottom_mm', 1, 1000),
            $question->number('slant_mm', 0.1, 2000),
        );

        return (new RowOfRepeats($unit, $band, $question->integer('repeats', 1, self::MOST_REPEATS)))->lengthMm();
    }
}
