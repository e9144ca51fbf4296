<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What putting faults right takes. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class MendingRates
{
    private function __construct(
        public float $patchMinutes,
        public float $patchHours,
        public float $touchMinutes,
        public float $sealerHours,
        public float $wipeDownMinutesPer100Cm2,
        public float $stripMinutesPer100Cm2,
        public float $polishMinutesPer100Cm2,
        public float $pourMinutesPer100Cm2,
        public float $sliceMinutes,
        public float $dentMinutes,
        public float $easeMinutes,
        public float $flashHours,
        public float $dryHours,
        public float $warmHours,
        public float $coolHours,
        public float $usualMm,
    ) {
    }

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public static function from(\Closure $value): self
    {
        return new self(
            patchMinutes: $value('mend_patch_minutes'),
            patchHours: $value('mend_patch_hours'),
            touchMinutes: $value('mend_touch_minutes'),
            sealerHours: $value('mend_sealer_hours'),
            wipeDownMinutesPer100Cm2: $value('mend_wipe_down_minutes_per_100cm2'),
            stripMinutesPer100Cm2: $value('mend_strip_minutes_per_100cm2'),
            polishMinutesPer100Cm2: $value('mend_polish_minutes_per_100cm2'),
            pourMinutesPer100Cm2: $value('coat_poured_minutes_per_100cm2'),
            sliceMinutes: $value('mend_slice_minutes'),
            dentMinutes: $value('mend_dent_minutes'),
            easeMinutes: $value('bench_ease_minutes'),
            flashHours: $value('mend_flash_hours'),
            dryHours: $value('mend_dry_hours'),
            warmHours: $value('mend_warm_hours'),
            coolHours: $value('mend_cool_hours'),
            usualMm: $value('mend_usual_mm'),
        );
    }
}
