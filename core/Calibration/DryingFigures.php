<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What the drying of wood is judged by. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class DryingFigures
{
    public int $leastReadings;

    public float $risePercent;

    public float $readyPoints;

    public float $readyLossPercentAWeek;

    public float $wetAirEmcPercent;

    public float $mostMoisturePercent;

    public float $scaleG;

    public float $scalePercent;

    public float $steadyDays;

    public float $weighEveryDays;

    public float $lossLeastHours;

    public float $forgottenDays;

    public float $crackLossPercentAWeek;

    public float $toComeCleanMm;

    public float $meterPoints;

    public float $meterFitPoints;

    public float $kilnRestDays;

    public float $airInchMm;

    public float $airPower;

    public float $airLeastShare;

    public float $greenWindowHours;

    public float $greenPaperDays;

    public float $greenGapHours;

    public float $greenBreakHours;

    public float $greenBagHours;

    public float $greenPaperWallMm;

    public float $greenPaperPower;

    public float $greenPaperClosed;

    public float $greenPaperMouthShare;

    public float $greenPaperEmcPercent;

    public float $greenPaperC;

    public float $checkOpenDays;

    public float $checkWrappedDays;

    public float $checkSealedDays;

    public float $checkWaxedDays;

    public float $checkPithShare;

    public float $greenPaperFactor;

    public float $greenPaperStep;

    public float $greenPaperOpenShare;

    public float $greenPaperSealed;

    public float $greenRewrapDays;

    public float $greenRewrapLaterDays;

    public float $greenUnevenShare;

    public float $greenLightWallMm;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $this->leastReadings = (int) $value('drying_least_readings');
        $this->risePercent = $value('drying_rise_percent');
        $this->readyPoints = $value('drying_ready_points');
        $this->readyLossPercentAWeek = $value('drying_ready_loss_percent_a_week');
        $this->wetAirEmcPercent = $value('drying_wet_air_emc_percent');
        $this->mostMoisturePercent = $value('drying_most_moisture_percent');
        $this->scaleG = $value('drying_scale_g');
        $this->scalePercent = $value('drying_scale_percent');
        $this->steadyDays = $value('drying_steady_days');
        $this->weighEveryDays = $value('drying_weigh_every_days');
        $this->lossLeastHours = $value('drying_loss_least_hours');
        $this->forgottenDays = $value('drying_forgotten_days');
        $this->crackLossPercentAWeek = $value('drying_crack_loss_percent_a_week');
        $this->toComeCleanMm = $value('drying_to_come_clean_mm');
        $this->meterPoints = $value('dry_meter_points');
        $this->meterFitPoints = $value('dry_meter_fit_points');
        $this->kilnRestDays = $value('dry_kiln_rest_days');
        $this->airInchMm = $value('dry_air_thickness_mm');
        $this->airPower = $value('dry_air_power');
        $this->airLeastShare = $value('dry_air_least_share');
        $this->greenWindowHours = $value('green_window_hours');
        $this->greenPaperDays = $value('green_paper_days');
        $this->greenGapHours = $value('green_gap_hours');
        $this->greenBreakHours = $value('green_break_hours');
        $this->greenBagHours = $value('green_bag_hours');
        $this->greenPaperWallMm = $value('green_paper_wall_mm');
        $this->greenPaperPower = $value('green_paper_power');
        $this->greenPaperClosed = $value('green_paper_closed');
        $this->greenPaperMouthShare = $value('green_paper_mouth_share');
        $this->greenPaperEmcPercent = $value('green_paper_emc_percent');
        $this->checkOpenDays = $value('drying_check_open_days');
        $this->checkWrappedDays = $value('drying_check_wrapped_days');
        $this->checkSealedDays = $value('drying_check_sealed_days');
        $this->checkWaxedDays = $value('drying_check_waxed_days');
        $this->checkPithShare = $value('drying_check_pith_share');
        $this->greenPaperC = $value('green_paper_c');
        $this->greenPaperFactor = $value('green_paper_factor');
        $this->greenPaperStep = $value('green_paper_step');
        $this->greenPaperOpenShare = $value('green_paper_open_share');
        $this->greenPaperSealed = $value('green_paper_sealed');
        $this->greenRewrapDays = $value('green_rewrap_days');
        $this->greenRewrapLaterDays = $value('green_rewrap_later_days');
        $this->greenUnevenShare = $value('green_uneven_share');
        $this->greenLightWallMm = $value('green_light_wall_mm');
    }
}
