<?php

declare(strict_types=1);

namespace HonestGrain\Words;

/** What a number is counted in, and by which key a document has it. */
enum Measure: string
{
    case Mm = 'mm';
    case Um = 'um';
    case Cm2 = 'cm2';
    case Cm3 = 'cm3';
    case Ml = 'ml';
    case Grams = 'g';
    case Celsius = 'celsius';
    case Hours = 'hours';
    case Minutes = 'minutes';
    case Seconds = 'seconds';
    case MPerS = 'm_per_s';
    case Rpm = 'rpm';
    case Degrees = 'degrees';
    case Share = 'share';
    case Percent = 'percent';
    case Count = 'count';

    /** In the unit of the field that it is a bound of. */
    case Number = 'number';
    case Metres = 'metres';
    case KgPerM3 = 'kg_per_m3';
    case MinutesPer100Cm2 = 'minutes_per_100cm2';
    case Cm2PerMinute = 'cm2_per_minute';
    case MmPerMinute = 'mm_per_minute';
    case MmPerS = 'mm_per_s';
    case MlPerCm2 = 'ml_per_cm2';
    case MlPerCm = 'ml_per_cm';
    case GPerM2 = 'g_per_m2';
    case Kilograms = 'kg';
    case Newtons = 'n';

    /** A difference of temperatures. */
    case CelsiusApart = 'celsius_apart';
    case CelsiusPerHour = 'celsius_per_h';
    case PercentPerHour = 'percent_per_h';
    case UmPerMinute = 'um_per_minute';
    case Cm3PerMinute = 'cm3_per_minute';
    case MinutesPerCm = 'minutes_per_cm';
    case MinutesPerM = 'minutes_per_m';
    case MinutesPerCm2 = 'minutes_per_cm2';
    case MlPer100Cm2 = 'ml_per_100cm2';
    case GPerMl = 'g_per_ml';
    case GPerCm3 = 'g_per_cm3';
    case GPerL = 'g_per_l';

    /** Seconds since the epoch. */
    case Instant = 'at';

    /** The same, of which only the day is said. */
    case Day = 'day';
}
