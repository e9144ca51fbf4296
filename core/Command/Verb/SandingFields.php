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
    public static function rates(Document $question, SandingFigures $figures): SandingRates
    {
        return SandingRates::of(
            figures: $figures,
            padMm2: $question->numberOr('pad_mm2', null, 1, 1e6),
            maxRatio: $question->numberOr('max_ratio', null, 1.01, 20),
            changeMinutes: $question->numberOr('change_minutes', null, 0, 60),
            inspectMinutes: $question->numberOr('inspect_minutes', null, 0, 60),
            coverMinutesPer100Cm2: $question->numberOr('cover_minutes_per_100cm2', null, 0, 60),
            alongGrainMinutesPer100Cm2: $question->numberOr('along_grain_minutes_per_100cm2', 0.0, 0, 60),
            coarseStart: $question->flag('coarse_start', true),
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
            toolMarkUm: $surface->number('tool_mark_um', 0.1, 5000),
            limitUm: $surface->number('limit_um', 0.1, 500),
            floorUm: $surface->numberOr('floor_um', null, 0, 500),
            areaMm2: $surface->number('area_mm2', 1, 1e8),
            model: ScratchModel::on(
                $figures,
                $question->number('hardness_n', 100, 40_000),
                $surface->number('speed_m_s', 0.05, 30),
                $question->numberOr('removal_um_min', null, 1, 100_000),
            ),
            rates: $rates,
            path: $surface->path,
        );
    }
}
