<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What the holds of a blank take at the most. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class HoldFigures
{
    public float $screwMm;

    public float $screwShortMm;

    public float $screwMostMm;

    public float $screwMostHighMm;

    public float $screwMostKg;

    public float $plateRadiusMm;

    public float $plateLightKg;

    public float $plateLightScrewsMm;

    public float $plateMiddleKg;

    public float $plateMiddleScrewsMm;

    public float $plateHeavyKg;

    public float $plateHeavyScrewsMm;

    public float $plateHeaviestScrewsMm;

    public float $faceplateMostKg;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $this->screwMm = $value('hold_screw_mm');
        $this->screwShortMm = $value('hold_screw_short_mm');
        $this->screwMostMm = $value('hold_screw_most_mm');
        $this->screwMostHighMm = $value('hold_screw_most_high_mm');
        $this->screwMostKg = $value('hold_screw_most_kg');
        $this->plateRadiusMm = $value('hold_plate_radius_mm');
        $this->plateLightKg = $value('hold_plate_light_kg');
        $this->plateLightScrewsMm = $value('hold_plate_light_screws_mm');
        $this->plateMiddleKg = $value('hold_plate_middle_kg');
        $this->plateMiddleScrewsMm = $value('hold_plate_middle_screws_mm');
        $this->plateHeavyKg = $value('hold_plate_heavy_kg');
        $this->plateHeavyScrewsMm = $value('hold_plate_heavy_screws_mm');
        $this->plateHeaviestScrewsMm = $value('hold_plate_heaviest_screws_mm');
        $this->faceplateMostKg = $value('hold_faceplate_most_kg');
    }
}
