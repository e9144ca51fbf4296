<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What decorations take. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class MarkRates
{
    private function __construct(
        public float $burntLineMinutes,
        public float $flutesMinutes,
        public float $spunTextureMinutes,
        public float $scorchMinutes,
        public float $scorchWatchHours,
        public float $scorchLeastWallMm,
        public float $dyeMinutes,
        public float $dyeDryHours,
        public float $penStrokesApartMm,
        public float $penMmPerS,
        public float $referenceHardnessN,
    ) {
    }

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public static function from(\Closure $value): self
    {
        return new self(
            burntLineMinutes: $value('mark_burnt_line_minutes'),
            flutesMinutes: $value('mark_flutes_minutes'),
            spunTextureMinutes: $value('mark_spun_texture_minutes'),
            scorchMinutes: $value('mark_scorch_minutes'),
            scorchWatchHours: $value('mark_scorch_watch_hours'),
            scorchLeastWallMm: $value('mark_scorch_least_wall_mm'),
            dyeMinutes: $value('mark_dye_minutes'),
            dyeDryHours: $value('mark_dye_dry_hours'),
            penStrokesApartMm: $value('mark_pen_strokes_apart_mm'),
            penMmPerS: $value('mark_pen_mm_per_s'),
            referenceHardnessN: $value('reference_hardness_n'),
        );
    }
}
