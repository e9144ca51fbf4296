<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What decorations take. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class MarkRates
{
    /** The decorations that take so long a band and so long for its area; the pen's minutes come from its strokes. */
    private const BY_AREA = [
        'beads', 'coves', 'burnt-line', 'flutes', 'facets', 'dimples', 'spun-texture', 'wire-brush', 'piercing',
        'inlay', 'scorch', 'bleach', 'dye', 'ebonise', 'stain', 'leaf', 'paint', 'lime',
    ];

    /** @param  array<string, array{float, float}>  $byArea  minutes a band, and for every 100 cm² of it */
    private function __construct(
        private array $byArea,
        public float $scorchWatchHours,
        public float $dyeDryHours,
        public float $inlaySetHours,
        public float $sandBackMinutesPer100Cm2,
        public float $penStrokesApartMm,
        public float $penMmPerS,
        public float $referenceHardnessN,
    ) {
    }

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public static function from(\Closure $value): self
    {
        $byArea = [];
        foreach (self::BY_AREA as $key) {
            $name = 'mark_'.str_replace('-', '_', $key).'_minutes';
            $byArea[$key] = [$value($name), $value("{$name}_per_100cm2")];
        }

        return new self(
            byArea: $byArea,
            scorchWatchHours: $value('mark_scorch_watch_hours'),
            dyeDryHours: $value('mark_dye_dry_hours'),
            inlaySetHours: $value('mark_inlay_set_hours'),
            sandBackMinutesPer100Cm2: $value('mark_sand_back_minutes_per_100cm2'),
            penStrokesApartMm: $value('mark_pen_strokes_apart_mm'),
            penMmPerS: $value('mark_pen_mm_per_s'),
            referenceHardnessN: $value('reference_hardness_n'),
        );
    }

    /** Minutes for a band of such an area. */
    public function ofBand(string $key, float $areaMm2): float
    {
        [$aBand, $per100Cm2] = $this->byArea[$key] ?? throw new \LogicException("$key has no rate by area.");

        return $aBand + $per100Cm2 * $areaMm2 / 10_000;
    }
}
