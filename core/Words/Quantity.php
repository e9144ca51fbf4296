<?php

declare(strict_types=1);

namespace HonestGrain\Words;

/** A number and what it is counted in, to be written in the units of whoever reads it. */
final readonly class Quantity
{
    private function __construct(public Measure $measure, public float $value)
    {
    }

    public static function of(Measure $measure, float $value): self
    {
        return new self($measure, $value);
    }

    public static function mm(float $mm): self
    {
        return new self(Measure::Mm, $mm);
    }

    public static function um(float $um): self
    {
        return new self(Measure::Um, $um);
    }

    public static function mm2(float $mm2): self
    {
        return new self(Measure::Cm2, $mm2 / 100);
    }

    public static function cm2(float $cm2): self
    {
        return new self(Measure::Cm2, $cm2);
    }

    public static function mm3(float $mm3): self
    {
        return new self(Measure::Cm3, $mm3 / 1000);
    }

    public static function ml(float $ml): self
    {
        return new self(Measure::Ml, $ml);
    }

    public static function grams(float $g): self
    {
        return new self(Measure::Grams, $g);
    }

    public static function celsius(float $c): self
    {
        return new self(Measure::Celsius, $c);
    }

    public static function hours(float $hours): self
    {
        return new self(Measure::Hours, $hours);
    }

    public static function minutes(float $minutes): self
    {
        return new self(Measure::Minutes, $minutes);
    }

    public static function seconds(float $seconds): self
    {
        return new self(Measure::Seconds, $seconds);
    }

    public static function metres(float $metres): self
    {
        return new self(Measure::Metres, $metres);
    }

    public static function mPerS(float $mPerS): self
    {
        return new self(Measure::MPerS, $mPerS);
    }

    public static function mmPerMinute(float $mmPerMinute): self
    {
        return new self(Measure::MmPerMinute, $mmPerMinute);
    }

    public static function cm3PerMinute(float $cm3PerMinute): self
    {
        return new self(Measure::Cm3PerMinute, $cm3PerMinute);
    }

    public static function rpm(float $rpm): self
    {
        return new self(Measure::Rpm, $rpm);
    }

    public static function degrees(float $degrees): self
    {
        return new self(Measure::Degrees, $degrees);
    }

    /** @param  float  $share  0 to 1 */
    public static function share(float $share): self
    {
        return new self(Measure::Share, $share);
    }

    public static function percent(float $percent): self
    {
        return new self(Measure::Percent, $percent);
    }

    public static function count(float $count): self
    {
        return new self(Measure::Count, $count);
    }

    public static function number(float $number): self
    {
        return new self(Measure::Number, $number);
    }

    public static function at(\DateTimeInterface $at): self
    {
        return new self(Measure::Instant, (float) $at->getTimestamp());
    }

    /** The day of a date such as 2026-12-05, wherever it is read. */
    public static function day(string $date): self
    {
        return new self(Measure::Day, (float) (new \DateTimeImmutable("$date 12:00:00 UTC"))->getTimestamp());
    }

    /** @return array<string, float> the value by the key of what it is counted in */
    public function toArray(): array
    {
        return [$this->measure->value => $this->value];
    }
}
