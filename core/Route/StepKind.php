<?php

declare(strict_types=1);

namespace HonestGrain\Route;

/** The kinds of step a route is made of. */
enum StepKind: string
{
    case Mount = 'hold';
    case Turn = 'turn';
    case RoughOut = 'rough-out';
    case Repair = 'repair';
    case Sand = 'sand';
    case RaiseGrain = 'raise-grain';
    case Mark = 'mark';
    case FitLid = 'fit-lid';
    case DustOff = 'dust-off';
    case Coat = 'coat';
    case Denib = 'de-nib';
    case WipeOff = 'wipe-off';
    case Test = 'test';
    case Buff = 'buff';
    case Foot = 'foot';
    case Sign = 'sign';
    case Cure = 'cure';
    case Ready = 'ready';
    case Glue = 'glue';
    case Dry = 'dry';
    case Paper = 'paper';
    case Own = 'own';

    /** Whether it prepares for another step, so that once that one is done it is past. */
    public function isPrepared(): bool
    {
        return in_array($this, [
            self::Sand, self::RaiseGrain, self::DustOff, self::Denib, self::WipeOff, self::Turn,
            self::RoughOut,
        ], true);
    }

    /** Whether the maker may give it another place: mounts follow from what is done in them, the end from all else. */
    public function canBeMoved(): bool
    {
        return ! in_array($this, [self::Mount, self::Cure, self::Ready, self::Dry, self::Paper], true);
    }

    public function isMark(): bool
    {
        return $this === self::Mark;
    }

    /** Whether the step is done once something has hardened, so that the wait is what it is about. */
    public function isAWait(): bool
    {
        return in_array($this, [self::Buff, self::Foot, self::Cure, self::Dry], true);
    }

    /**
     * Where the figures of such a step come from: its minutes, amounts and speeds. With names of constants in braces,
     * for `Calibration::told`.
     */
    public function why(): string
    {
        return match ($this) {
            self::Sand => 'Grits and minutes come from the scratch model (see Surface), which is a workshop model on '
                .'published grain sizes and hardness. The speed is physics, v = πDn/60 000, held to the rim speed set '
                    .'under Shop.',
            self::Coat => 'The amount is exact on the coverage the label gives; that bare end grain drinks '
                .'{coat_end_grain_drinks} as much on the first coat, and what stays in cloth, brush or cup or is lost '
                .'in a spray, are workshop figures. So are the minutes: {coat_setup_minutes}, and by area as it is '
                    .'laid '
                .'on ({coat_flooded_minutes_per_100cm2} flooded, {coat_brushed_minutes_per_100cm2} brushed). Waits are '
                .'the tin\'s hours, {coat_oily_wood_slows} as long for oil and varnish on an oily wood that is not '
                .'sealed, or what the next coat asks for, run through this shop\'s air (see Coats).',
            self::WipeOff => 'From when and until when is the tin\'s; {coat_wipe_off_minutes_per_100cm2} '
                .'(workshop).',
            self::Test => 'Standing water proves a liner in {coat_water_test_hours} (workshop), once it is as hard as '
                .'its label asks for handling.',
            self::Repair => 'Minutes, waits and volumes are workshop figures: a hairline drinks '
                .'{repair_hairline_ca_ml_per_cm} of thin CA, a void takes half its length × width × depth in fills of '
                .'{repair_fill_depth_mm}, a soft patch {repair_soft_ca_ml_per_cm2}.',
            self::Denib => 'A pad takes about {coat_pad_removes_um}, steel wool {coat_steel_wool_removes_um}, worn '
                .'paper {coat_paper_removes_um}; {coat_denib_minutes_per_100cm2} (workshop). The film that stands is '
                .'coverage × solids of the coats so far, less every rubbing; the first coat of a thin sealer leaves '
                .'{coat_sealer_leaves|} of its film.',
            self::Mark => 'Minutes and wait are the ones you typed or the usual ones (workshop): so long a band and so '
                .'long by area; a pen\'s from strokes {mark_pen_strokes_apart_mm} apart at '
                .'{mark_pen_mm_per_s|}·({reference_hardness_n|} ÷ hardness)^½ mm/s. A dye\'s wait is its drying time '
                .'run through this shop\'s air. A flame wants a wall of {scorch_least_wall_mm}, and '
                .'{scorch_cracked_least_wall_mm} where the char is to crack.',
            self::Buff => 'The wait is what the product\'s class needs before a cloth by hand (days) or the wheel with '
                .'compound (weeks), run through this shop\'s air; {bench_buff_minutes}, and '
                .'{coat_cloth_minutes_per_100cm2} by hand or {coat_wheel_minutes_per_100cm2} on the wheel, are '
                    .'workshop '
                .'figures.',
            self::Turn => 'Minutes are the wood taken off at {turning_cut_cm3_per_minute} (roughing '
                .'{turning_rough_cm3_per_minute}) for wood of the reference hardness, and '
                .'{turning_finish_minutes_per_100cm2} that is finish-cut (workshop); volumes are exact from the '
                    .'drawing. '
                .'The speed is physics, held to {turning_rim_speed_m_s} at the rim, {flawed_rim_speed_m_s} where the '
                .'wood is flawed.',
            self::RoughOut => 'The wall is the greater of {turning_rough_wall_share|} of the diameter (the common '
                .'rule) and what this wood\'s shrinkage asks for (Wood Handbook, table 4-3; linear from 30 %), with '
                .'{drying_to_come_clean_mm} to come clean. Minutes are the wood taken off at '
                .'{turning_rough_cm3_per_minute} (workshop).',
            self::Mount => 'To mount takes {bench_mount_minutes}, to turn round {bench_reverse_minutes}, to put back '
                .'what came off in its own jaws {bench_remount_minutes} (workshop). What waits longer than '
                .'{bench_stays_mounted_hours} comes off.',
            self::Cure => 'How long every coat needs for what the piece is for: to be handled, or full cure on the '
                .'surface that holds food, run through this shop\'s air (workshop model on the tin\'s figures).',
            self::Dry => 'The date follows the weighings on the rack: where the curve through them comes within '
                .'{drying_ready_points|} point of the equilibrium of this shop\'s air (workshop model; see the blank).',
            self::Paper => 'Wet thin work dries in paper in {green_paper_days} and is carried to its last sanding '
                .'within {green_window_hours} (workshop). How oval it gets is its wood\'s shrinkage (Wood Handbook, '
                .'table 4-3).',
            default => 'The minutes are a usual figure (workshop). Log what it really takes, and the record shows '
                .'both.',
        };
    }
}
