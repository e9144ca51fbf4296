<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

use HonestGrain\Layout\DrawnRepeat;
use HonestGrain\Words\Said;

/** What can be set for a technique on a band, each with its limits; the key is how documents write it. */
enum Setting: string
{
    case Count = 'count';
    case FilletMm = 'fillet_mm';
    case WidthMm = 'width_mm';
    case DepthMm = 'depth_mm';
    case Section = 'section';
    case Ribs = 'ribs';
    case Tool = 'tool';
    case RadiusMm = 'radius_mm';
    case AngleDeg = 'angle_deg';
    case LeadMm = 'lead_mm';
    case FadeMm = 'fade_mm';
    case Passes = 'passes';
    case FeedMmPerS = 'feed_mm_s';
    case Seconds = 'seconds';
    case Rpm = 'rpm';
    case FrequencyHz = 'frequency_hz';
    case Texture = 'texture';
    case PitchMm = 'pitch_mm';
    case PerCm2 = 'per_cm2';
    case LeastMm = 'least_mm';
    case SizeMm = 'size_mm';
    case Seed = 'seed';
    case Opening = 'opening';
    case Grid = 'grid';
    case StartDeg = 'start_deg';
    case TiltDeg = 'tilt_deg';
    case Unit = 'unit';
    case Tone = 'tone';
    case ShadedShare = 'shaded_share';
    case Filling = 'filling';
    case Binder = 'binder';
    case Level = 'level';
    case Strength = 'strength';
    case SandedUm = 'sanded_um';
    case BackStrokes = 'back_strokes';
    case BackGrit = 'back_grit';
    case Way = 'way';
    case Hands = 'hands';
    case LeafMm = 'leaf_mm';
    case OverlapMm = 'overlap_mm';

    public function label(): Said
    {
        return new Said("technique.settings.$this->value");
    }

    /** What it is counted in; empty for a bare number. */
    public function unit(): string
    {
        return match ($this) {
            self::FilletMm, self::WidthMm, self::DepthMm, self::RadiusMm, self::LeadMm, self::FadeMm, self::PitchMm,
            self::LeastMm, self::SizeMm, self::LeafMm, self::OverlapMm => 'mm',
            self::AngleDeg, self::StartDeg, self::TiltDeg => '°',
            self::FeedMmPerS => 'mm/s',
            self::Seconds => 's',
            self::Rpm => 'rpm',
            self::FrequencyHz => 'Hz',
            self::SandedUm => 'µm',
            default => '',
        };
    }

    /** @return array{float, float} the least and the most that may be typed; nothing for a choice */
    public function limits(): array
    {
        return match ($this) {
            self::Count => [1, 360],
            self::FilletMm, self::OverlapMm => [0, 200],
            self::WidthMm => [0.1, 200],
            self::DepthMm => [0.05, 100],
            self::RadiusMm => [0.3, 50],
            self::AngleDeg => [20, 150],
            self::LeadMm => [5, 5000],
            self::FadeMm => [0, 500],
            self::Passes => [1, 20],
            self::FeedMmPerS => [0.5, 100],
            self::Seconds => [1, 60],
            self::Rpm => [10, 6000],
            self::FrequencyHz => [5, 5000],
            self::PitchMm => [0.3, 100],
            self::PerCm2 => [0.05, 200],
            self::LeastMm => [0.1, 50],
            self::SizeMm => [0.2, 100],
            self::Seed => [0, 1_000_000],
            self::StartDeg => [0, 360],
            self::TiltDeg => [-90, 90],
            self::Tone, self::ShadedShare => [0, 1],
            self::Strength => [0.01, 5],
            self::SandedUm => [0, 500],
            self::BackStrokes => [1, 300],
            self::Hands => [1, 2],
            self::LeafMm => [10, 300],
            default => [0, 0],
        };
    }

    public function isWhole(): bool
    {
        return in_array($this, [self::Count, self::Passes, self::Seed, self::Hands, self::BackStrokes], true);
    }

    public function isLength(): bool
    {
        return $this->unit() === 'mm';
    }

    /** @return array<string, Said> words by what documents write; none for a number */
    public function choices(): array
    {
        $values = match ($this) {
            self::Section => ['v', 'square', 'round'],
            self::Ribs => ['flutes', 'reeds'],
            self::Tool => ['ball', 'v'],
            self::Texture => ['chatter', 'wheel'],
            self::Opening => ['holes', 'slots', 'hook'],
            self::Grid => ['hexagonal', 'square'],
            self::Unit => ['free', 'brand', ...array_column(DrawnRepeat::cases(), 'value')],
            self::Filling => ['powder', 'resin', 'metal', 'wire'],
            self::Binder => ['ca', 'epoxy'],
            self::Level => ['straw', 'toast', 'brown', 'black', 'cracked'],
            self::BackGrit => ['P180', 'P240', 'P320', 'P400', 'P600'],
            self::Way => ['wiped', 'brushed', 'sprayed'],
            default => [],
        };

        return array_combine($values, array_map(
            fn (string $value): Said => $this === self::BackGrit
                ? Said::name($value) : new Said("technique.choices.$this->value.$value"), $values,
        ));
    }
}
