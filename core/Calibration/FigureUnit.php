<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

use HonestGrain\Words\Measure;
use HonestGrain\Words\Quantity;

/** What a constant is counted in, as its row names it. */
enum FigureUnit: string
{
    case Mm = 'mm';
    case Um = 'µm';
    case Mm2 = 'mm²';
    case Cm2 = 'cm²';
    case Ml = 'mL';
    case Grams = 'g';
    case Kilograms = 'kg';
    case Newtons = 'N';
    case Celsius = '°C';
    case Degrees = '°';

    /** A difference of temperatures. */
    case Kelvin = 'K';
    case Seconds = 's';
    case SecondsEach = 's a stop';
    case SecondsPerLine = 's a line';
    case Minutes = 'min';
    case MinutesEach = 'min each';
    case MinutesPerLeaf = 'min a leaf';
    case MinutesPerHole = 'min a hole';
    case MinutesPerFill = 'min a fill';
    case MinutesPerCoat = 'min a coat';
    case Hours = 'h';
    case Days = 'days';
    case Months = 'months';
    case Cloths = 'cloths';
    case Pairs = 'pairs';
    case Cups = 'cups';
    case Pads = 'pads';
    case Share = 'share';
    case Percent = '%';
    case Times = 'times';
    case Power = 'power';
    case PerUnit = 'µm/µm';
    case Depth = 'K/S';
    case Steps = 'unit';
    case Records = 'records';
    case Weighings = 'weighings';
    case Coats = 'coats';
    case Grains = 'grains';
    case MPerS = 'm/s';
    case Rpm = 'rpm';
    case MmPerS = 'mm/s';
    case MmPerMinute = 'mm/min';
    case UmPerMinute = 'µm/min';
    case Cm2PerMinute = 'cm²/min';
    case Cm3PerMinute = 'cm³/min';
    case MinutesPerCm = 'min/cm';
    case MinutesPerM = 'min/m';
    case MinutesPerMOfFill = 'min/m a fill';
    case MinutesPerCm2 = 'min/cm²';
    case MinutesPer100Cm2 = 'min/100 cm²';
    case MinutesPer100Cm2APass = 'min/100 cm²/pass';
    case MlPerCm = 'mL/cm';
    case MlPerCm2 = 'mL/cm²';
    case MlPer100Cm2 = 'mL/100 cm²';
    case GPerMl = 'g/mL';
    case GPerCm3 = 'g/cm³';
    case GPerL = 'g/L';
    case DropsPerMl = 'drops/mL';
    case KelvinPerHour = 'K/h';
    case PercentPerHour = '%/h';

    public function quantity(float $value): Quantity
    {
        return Quantity::of($this->measure(), $this === self::Mm2 ? $value / 100 : $value);
    }

    private function measure(): Measure
    {
        return match ($this) {
            self::Mm => Measure::Mm,
            self::Um => Measure::Um,
            self::Mm2, self::Cm2 => Measure::Cm2,
            self::Ml => Measure::Ml,
            self::Grams => Measure::Grams,
            self::Kilograms => Measure::Kilograms,
            self::Newtons => Measure::Newtons,
            self::Celsius => Measure::Celsius,
            self::Degrees => Measure::Degrees,
            self::Kelvin => Measure::CelsiusApart,
            self::Seconds, self::SecondsEach, self::SecondsPerLine => Measure::Seconds,
            self::Minutes, self::MinutesEach, self::MinutesPerLeaf, self::MinutesPerHole, self::MinutesPerFill,
            self::MinutesPerCoat => Measure::Minutes,
            self::Hours => Measure::Hours,
            self::Share => Measure::Share,
            self::Percent => Measure::Percent,
            self::Days, self::Times, self::Power, self::PerUnit, self::Depth, self::Steps, self::Records,
            self::Weighings, self::Coats, self::Grains, self::DropsPerMl, self::Months, self::Cloths, self::Pairs,
            self::Cups, self::Pads => Measure::Number,
            self::MPerS => Measure::MPerS,
            self::Rpm => Measure::Rpm,
            self::MmPerS => Measure::MmPerS,
            self::MmPerMinute => Measure::MmPerMinute,
            self::UmPerMinute => Measure::UmPerMinute,
            self::Cm2PerMinute => Measure::Cm2PerMinute,
            self::Cm3PerMinute => Measure::Cm3PerMinute,
            self::MinutesPerCm => Measure::MinutesPerCm,
            self::MinutesPerM, self::MinutesPerMOfFill => Measure::MinutesPerM,
            self::MinutesPerCm2 => Measure::MinutesPerCm2,
            self::MinutesPer100Cm2, self::MinutesPer100Cm2APass => Measure::MinutesPer100Cm2,
            self::MlPerCm => Measure::MlPerCm,
            self::MlPerCm2 => Measure::MlPerCm2,
            self::MlPer100Cm2 => Measure::MlPer100Cm2,
            self::GPerMl => Measure::GPerMl,
            self::GPerCm3 => Measure::GPerCm3,
            self::GPerL => Measure::GPerL,
            self::KelvinPerHour => Measure::CelsiusPerHour,
            self::PercentPerHour => Measure::PercentPerHour,
        };
    }
}
