<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Colour\Rgb;
use HonestGrain\Colour\Scorch;
use HonestGrain\Command\Verb;
use HonestGrain\Reading\Document;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** What a flame makes of wood. */
final readonly class ScorchVerb implements Verb
{
    public function __construct(private Calibration $calibration)
    {
    }

    public function name(): string
    {
        return 'scorch';
    }

    public function example(): string
    {
        return '{"wood_rgb":"#d8c29a","level":"brown","end_grain":0.3,"area_mm2":12000,"wall_mm":6}';
    }

    public function answer(Document $question): array
    {
        $wood = Rgb::hex($question->text('wood_rgb', 7), 'wood_rgb');
        $level = Scorch::from($question->choice('level', array_column(Scorch::cases(), 'value')));
        $figures = $this->calibration->colour;
        $colour = $level->on($wood, $question->numberOr('end_grain', 0.0, 0, 1), $figures);
        $minutes = $figures->scorchBeginMinutes
            + $level->minutesPer100Cm2($figures) * $question->number('area_mm2', 1, 1e7) / 10_000;
        $level->check($question->number('wall_mm', 0.1, 1000), $figures);

        return [
            'rgb' => $colour->toHex(),
            'minutes' => round($minutes, 4),
            'warnings' => [new Said('verbs.scorch.char-glows', [
                'hours' => Quantity::hours($this->calibration->marks->scorchWatchHours),
            ])],
        ];
    }
}
