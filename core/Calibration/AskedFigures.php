<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/**
 * How fine the last grain must be for what comes next. Units are in the names; sources in `catalogue/constants.csv`.
 */
final readonly class AskedFigures
{
    private function __construct(
        public float $penetratingUm,
        public float $hardWaxUm,
        public float $hardWaxFloorUm,
        public float $filmUm,
        public float $pasteUm,
        public float $polishUm,
        public float $utilityUm,
        public float $dyeUm,
        public float $dyeFloorUm,
        public float $openPoresAllow,
        public float $softwoodAllows,
        public float $veryHardN,
        public float $denseGravity,
        public float $hardUm,
        public float $hardUnderOilUm,
        public float $hardWaxFloorOnHardUm,
        public float $paintUm,
        public float $wetUm,
        public float $sealedAtUm,
    ) {
    }

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public static function from(\Closure $value): self
    {
        return new self(
            penetratingUm: $value('asked_penetrating_um'),
            hardWaxUm: $value('asked_hard_wax_um'),
            hardWaxFloorUm: $value('asked_hard_wax_floor_um'),
            filmUm: $value('asked_film_um'),
            pasteUm: $value('asked_paste_um'),
            polishUm: $value('asked_polish_um'),
            utilityUm: $value('asked_utility_um'),
            dyeUm: $value('asked_dye_um'),
            dyeFloorUm: $value('asked_dye_floor_um'),
            openPoresAllow: $value('asked_open_pores_allow'),
            softwoodAllows: $value('asked_softwood_allows'),
            veryHardN: $value('asked_very_hard_n'),
            denseGravity: $value('asked_dense_gravity'),
            hardUm: $value('asked_hard_um'),
            hardUnderOilUm: $value('asked_hard_under_oil_um'),
            hardWaxFloorOnHardUm: $value('asked_hard_wax_floor_on_hard_um'),
            paintUm: $value('asked_paint_um'),
            wetUm: $value('asked_wet_um'),
            sealedAtUm: $value('asked_sealed_at_um'),
        );
    }
}
