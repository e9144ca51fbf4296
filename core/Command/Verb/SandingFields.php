<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Abrasive\SandingJob;
use HonestGrain\Abrasive\SandingRates;
use HonestGrain\Abrasive\ScratchModel;
use HonestGrain\Calibration\SandingFigures;
use HonestGrain\Reading\Document;

/** The fields that `grits` and `ladder` share: a surface, and what sanding it costs. */
final class SandingFields
{
    public const SURFACE = [
        'tool_mark_um' => 'depth of the marks the tool left, µm, above 0 to 5000',
        'limit_um' => 'the deepest scratch that may remain, µm, above 0 to 500',
        'floor_um' => 'the last scratch may not be finer than this, µm, or null',
        'area_mm2' => 'surface to sand, mm²',
        'speed_m_s' => 'speed of the abrasive over the wood, m/s, 0.05 to 30',
    ];

    public const SHARED = [
        'pad_mm2' => 'area of the pad, mm² (1200 where not given)',
        'hardness_n' => 'Janka hardness, N, 100 to 40000',
        'max_ratio' => 'greatest fall in size from one grit to the next (1.8 where not given)',
        'change_minutes' => 'minutes to change a disc (0.5)',
        'inspect_minutes' => 'minutes to wipe and look under a raking light (0.5)',
        'removal_um_min' => 'what P120 takes off at 3 m/s from 6000 N, µm/min (500, by hand on the spinning lathe)',
        'cover_minutes_per_100cm2' => 'least minutes of each grit over 100 cm² (0.4)',
        'along_grain_minutes_per_100cm2' => 'the last grit once more along the grain, lathe stopped, over 100 cm² (0)',
        'coarse_start' => 'whether the first grain must be as large as the tool marks are deep (true)',
        'available' => 'grits with their scale: "P120", "CAMI 320"; at most 200',
    ];

    public static function rates(Document $question, SandingFigures $figures): SandingRates
    {
        return SandingRates::of(
            $figures,
            $question->numberOr('pad_mm2', null, 1, 1e6),
            $question->numberOr('max_ratio', null, 1.01, 20),
            $question->numberOr('change_minutes', null, 0, 60),
            $question->numberOr('inspect_minutes', null, 0, 60),
            $question->numberOr('cover_minutes_per_100cm2', null, 0, 60),
            $question->numberOr('along_grain_minutes_per_100cm2', 0.0, 0, 60),
            $question->flag('coarse_start', true),
        );
    }

    /** @param  Document  $surface  where the fields of the one surface stand */
    public static function job(
        Document $question,
        Document $surface,
        SandingRates $rates,
        SandingFigures $figures,
    ): SandingJob {
        return SandingJob::of(
            $surface->number('tool_mark_um', 0.1, 5000),
            $surface->number('limit_um', 0.1, 500),
            $surface->numberOr('floor_um', null, 0, 500),
            $surface->number('area_mm2', 1, 1e8),
            ScratchModel::on(
                $figures,
                $question->number('hardness_n', 100, 40_000),
                $surface->number('speed_m_s', 0.05, 30),
                $question->numberOr('removal_um_min', null, 1, 100_000),
            ),
            $rates,
            $surface->path,
        );
    }
}
