<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What putting faults right takes. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class MendingRates
{
    public float $patchMinutes;

    public float $cutOutMinutes;

    public float $patchHours;

    public float $touchMinutes;

    public float $sealerHours;

    public float $wipeDownMinutesPer100Cm2;

    public float $stripMinutesPer100Cm2;

    public float $polishMinutesPer100Cm2;

    public float $pourMinutesPer100Cm2;

    public float $sliceMinutes;

    public float $dentMinutes;

    public float $easeMinutes;

    public float $flashHours;

    public float $dryHours;

    public float $warmHours;

    public float $coolHours;

    public float $usualMm;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $this->cutOutMinutes = $value('mend_cut_out_minutes');
        $this->patchMinutes = $value('mend_patch_minutes');
        $this->patchHours = $value('mend_patch_hours');
        $this->touchMinutes = $value('mend_touch_minutes');
        $this->sealerHours = $value('mend_sealer_hours');
        $this->wipeDownMinutesPer100Cm2 = $value('mend_wipe_down_minutes_per_100cm2');
        $this->stripMinutesPer100Cm2 = $value('mend_strip_minutes_per_100cm2');
        $this->polishMinutesPer100Cm2 = $value('mend_polish_minutes_per_100cm2');
        $this->pourMinutesPer100Cm2 = $value('coat_poured_minutes_per_100cm2');
        $this->sliceMinutes = $value('mend_slice_minutes');
        $this->dentMinutes = $value('mend_dent_minutes');
        $this->easeMinutes = $value('bench_ease_minutes');
        $this->flashHours = $value('mend_flash_hours');
        $this->dryHours = $value('mend_dry_hours');
        $this->warmHours = $value('mend_warm_hours');
        $this->coolHours = $value('mend_cool_hours');
        $this->usualMm = $value('mend_usual_mm');
    }
}
