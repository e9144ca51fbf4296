<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Command\Verb;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Lathework\Cut;
use HonestGrain\Lathework\CutKind;
use HonestGrain\Lathework\CutWood;
use HonestGrain\Reading\Document;

/** What a cut on the lathe takes. */
final readonly class CutVerb implements Verb
{
    private const MOST_MM3 = 1e10;

    private const MOST_MM2 = 1e8;

    private const MOST_MM = 5000;

    public function __construct(private Calibration $calibration)
    {
    }

    public function name(): string
    {
        return 'cut';
    }

    public function example(): string
    {
        return '{"operation":"hollow","volume_mm3":2351000,"area_mm2":70000,"diameter_mm":250,"wall_mm":8,'
            .'"grain":"side","hardness_n":6450,"wet":false,"mouth_share":1}';
    }

    public function answer(Document $question): array
    {
        $figures = $this->calibration->cuts;
        $cut = new Cut(
            kind: CutKind::from($question->choice('operation', array_column(CutKind::cases(), 'value'))),
            wood: new CutWood(
                GrainDirection::from($question->choice('grain', array_column(GrainDirection::cases(), 'value'))),
                $question->number('hardness_n', 100, 50_000), $question->flag('wet', false),
            ),
            volumeMm3: $question->number('volume_mm3', 0, self::MOST_MM3),
            areaMm2: $question->has('area_mm2') ? $question->number('area_mm2', 0, self::MOST_MM2) : 0.0,
            diameterMm: $question->number('diameter_mm', 1, self::MOST_MM),
            wallMm: $question->numberOr('wall_mm', null, 0.1, self::MOST_MM),
            mouthShare: $question->numberOr('mouth_share', null, 0.01, 1),
            details: $question->has('details') ? $question->integer('details', 0, 1000) : 0,
        );
        $minutes = $cut->minutes($figures);

        return [
            'minutes' => round($minutes->total(), 4),
            'parts' => array_map(fn (float $part): float => round($part, 4), $minutes->toArray()),
            'cm3_per_minute' => round($cut->cm3PerMinute($figures), 4),
            'in_rings' => $cut->isInRings($figures),
        ];
    }
}
