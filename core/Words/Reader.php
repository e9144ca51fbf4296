<?php

declare(strict_types=1);

namespace HonestGrain\Words;

/** How somebody reads quantities: in which system of units. */
final readonly class Reader
{
    private const SMALL_ML = 10.0;

    private const SMALL_IN_MM = 25.0;

    /** @param  array<string, string>  $calendar  days and months of the reader's language, by the English name */
    public function __construct(
        public bool $imperial = false,
        public bool $twelveHours = false,
        public string $timeZone = 'UTC',
        private array $calendar = [],
    ) {
    }

    /**
     * With its unit, as "3.5 mm" or "0.138 in".
     *
     * @param  int|null  $decimals  of the metric figure, of a length at the most; null for as many as it needs
     */
    public function write(Quantity $quantity, ?int $decimals = null): string
    {
        $unit = $this->unit($quantity->measure);

        return $this->bare($quantity, $decimals).match ($unit) {
            '' => '', '°' => $unit, default => " $unit"
        };
    }

    /** A moment where the reader is, in a form of PHP's, with days and months of the reader's language. */
    public function dated(\DateTimeInterface $at, string $form): string
    {
        $there = \DateTimeImmutable::createFromInterface($at)->setTimezone(new \DateTimeZone($this->timeZone));

        return strtr($there->format($form), $this->calendar);
    }

    /** The same without its unit. */
    public function bare(Quantity $quantity, ?int $decimals = null): string
    {
        $value = $quantity->value;
        $read = $this->converted($quantity);

        return match ($quantity->measure) {
            Measure::Share => (string) round(100 * $value),
            Measure::Mm => $this->imperial ? number_format($read, abs($value) < self::SMALL_IN_MM ? 3 : 2)
                : self::number($read, null, $decimals ?? (abs($value) < 1 ? 2 : 1)),
            Measure::Cm2 => number_format($read, $this->imperial ? 1 : $decimals ?? 0),
            Measure::Cm3 => number_format($read, $decimals ?? (abs($read) < 10 ? 1 : 0)),
            Measure::Ml => $this->imperial
                ? number_format($read, 2) : self::number($read, $decimals, abs($value) < self::SMALL_ML ? 1 : 0),
            Measure::Grams => $this->imperial
                ? self::number($read, null, 2) : self::number($read, $decimals, 1),
            Measure::Celsius => self::number($read, $decimals, 1),
            Measure::MPerS => number_format($read, $decimals ?? 1),
            Measure::Number => self::number($read, $decimals, 6),
            Measure::Instant => $this->dated(
                new \DateTimeImmutable('@'.(int) $value), 'D j M '.($this->twelveHours ? 'g:i a' : 'H:i'),
            ),
            Measure::Day => $this->dated(new \DateTimeImmutable('@'.(int) $value), 'D j M'),
            default => $read === $value ? self::number($read, $decimals, 1) : self::number($read, null, 3),
        };
    }

    /**
     * A figure as it was set down, to its last decimal; in the other system to three that count.
     *
     * @param  bool  $bare  without its unit
     */
    public function exact(Quantity $figure, bool $bare = false): string
    {
        $written = match (true) {
            $figure->measure === Measure::Share => self::number(100 * $figure->value, null, 4),
            $this->imperial => $this->significant($figure),
            default => $this->bare($figure, 4),
        };
        $written = str_contains($written, '.') ? rtrim(rtrim($written, '0'), '.') : $written;
        $unit = $bare ? '' : $this->unit($figure->measure);

        return $written.($unit === '' || $unit === '°' ? $unit : " $unit");
    }

    private function significant(Quantity $figure): string
    {
        $value = $this->converted($figure);
        if ($value === $figure->value) {
            return $this->bare($figure, 4);
        }
        $decimals = $value === 0.0 ? 0 : max(0, 2 - (int) floor(log10(abs($value))));

        return number_format($value, $decimals, '.', '');
    }

    /** In the units of this reader. */
    private function converted(Quantity $quantity): float
    {
        $unit = match ($quantity->measure) {
            Measure::Mm => Unit::Length,
            Measure::Cm2 => Unit::Area,
            Measure::Ml => Unit::Volume,
            Measure::Grams => Unit::Mass,
            Measure::Celsius => Unit::Temperature,
            Measure::MPerS => Unit::Speed,
            default => null,
        };

        return match (true) {
            $unit !== null => $unit->toReader($quantity->value, $this->imperial),
            $this->imperial => $quantity->value * $this->times($quantity->measure),
            default => $quantity->value,
        };
    }

    private function unit(Measure $measure): string
    {
        return match ($measure) {
            Measure::Mm => Unit::Length->name($this->imperial),
            Measure::Um => 'µm',
            Measure::Cm2 => Unit::Area->name($this->imperial),
            Measure::Ml => Unit::Volume->name($this->imperial),
            Measure::Grams => Unit::Mass->name($this->imperial),
            Measure::Celsius => Unit::Temperature->name($this->imperial),
            Measure::Hours => 'h',
            Measure::Minutes => 'min',
            Measure::Seconds => 's',
            Measure::MPerS => Unit::Speed->name($this->imperial),
            Measure::Rpm => 'rpm',
            Measure::Degrees => '°',
            Measure::Share, Measure::Percent => '%',
            Measure::Count, Measure::Number, Measure::Instant, Measure::Day => '',
            Measure::Metres => $this->imperial ? 'ft' : 'm',
            Measure::KgPerM3 => $this->imperial ? 'lb/ft³' : 'kg/m³',
            Measure::MinutesPer100Cm2 => $this->imperial ? 'min/100 in²' : 'min/100 cm²',
            Measure::Cm2PerMinute => $this->imperial ? 'in²/min' : 'cm²/min',
            Measure::MmPerMinute => $this->imperial ? 'in/min' : 'mm/min',
            Measure::MmPerS => $this->imperial ? 'in/s' : 'mm/s',
            Measure::MlPerCm2 => $this->imperial ? 'fl oz/in²' : 'mL/cm²',
            Measure::MlPerCm => $this->imperial ? 'fl oz/in' : 'mL/cm',
            Measure::GPerM2 => $this->imperial ? 'oz/ft²' : 'g/m²',
            Measure::Kilograms => $this->imperial ? 'lb' : 'kg',
            Measure::Newtons => 'N',
            Measure::CelsiusApart => Unit::Temperature->name($this->imperial),
            Measure::CelsiusPerHour => Unit::Temperature->name($this->imperial).'/h',
            Measure::PercentPerHour => '%/h',
            Measure::UmPerMinute => 'µm/min',
            Measure::Cm3 => $this->imperial ? 'in³' : 'cm³',
            Measure::Cm3PerMinute => $this->imperial ? 'in³/min' : 'cm³/min',
            Measure::MinutesPerCm => $this->imperial ? 'min/in' : 'min/cm',
            Measure::MinutesPerM => $this->imperial ? 'min/ft' : 'min/m',
            Measure::MinutesPerCm2 => $this->imperial ? 'min/in²' : 'min/cm²',
            Measure::MlPer100Cm2 => Unit::Volume->name($this->imperial).'/100 '.Unit::Area->name($this->imperial),
            Measure::GPerMl => $this->imperial ? 'oz/fl oz' : 'g/mL',
            Measure::GPerCm3 => $this->imperial ? 'lb/ft³' : 'g/cm³',
            Measure::GPerL => $this->imperial ? 'oz/gal' : 'g/L',
        };
    }

    /** By how much a rate is greater in the other system: exact by the definitions of inch, pound and fluid ounce. */
    private function times(Measure $measure): float
    {
        return match ($measure) {
            Measure::Metres => 1 / 0.3048,
            Measure::KgPerM3 => 0.0624279606,
            Measure::MinutesPer100Cm2 => 6.4516,
            Measure::Cm2PerMinute => 1 / 6.4516,
            Measure::MmPerMinute, Measure::MmPerS => 1 / 25.4,
            Measure::MlPerCm2 => 6.4516 / 29.5735295625,
            Measure::MlPerCm => 2.54 / 29.5735295625,
            Measure::GPerM2 => 0.00327706,
            Measure::Kilograms => 1 / 0.45359237,
            Measure::CelsiusApart, Measure::CelsiusPerHour => 1.8,
            Measure::Cm3, Measure::Cm3PerMinute => 1 / 16.387064,
            Measure::MinutesPerCm => 2.54,
            Measure::MinutesPerM => 0.3048,
            Measure::MinutesPerCm2 => 6.4516,
            Measure::MlPer100Cm2 => 6.4516 / 29.5735295625,
            Measure::GPerMl => 29.5735295625 / 28.349523125,
            Measure::GPerCm3 => 62.4279606,
            Measure::GPerL => 3.785411784 / 28.349523125,
            default => 1.0,
        };
    }

    /** Rounded to its decimals, or to as many of the most as it needs. */
    private static function number(float $value, ?int $decimals, int $most): string
    {
        $written = sprintf('%.'.($decimals ?? $most).'F', $value);
        $written = (float) $written === 0.0 ? ltrim($written, '-') : $written;

        return $decimals === null && str_contains($written, '.') ? rtrim(rtrim($written, '0'), '.') : $written;
    }
}
