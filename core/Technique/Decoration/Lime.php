<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Calibration\MarkRates;
use HonestGrain\Colour\Tissues;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\Decoration;
use HonestGrain\Technique\Ground;
use HonestGrain\Technique\Grounds;
use HonestGrain\Technique\Nature;
use HonestGrain\Technique\Pattern;
use HonestGrain\Technique\Setting;
use HonestGrain\Technique\Settings;
use HonestGrain\Technique\Spread;
use HonestGrain\Technique\Tinting;
use HonestGrain\Technique\Tints;
use HonestGrain\Technique\Worked;

/** White, or a coloured wax, in brushed or open pores. */
final readonly class Lime implements Decoration, Tints
{
    public function key(): string
    {
        return 'lime';
    }

    public function label(): string
    {
        return 'Limed';
    }

    public function character(): Character
    {
        return Grounds::coloured();
    }

    public function action(): string
    {
        return 'Lime';
    }

    public function because(): string
    {
        return 'After every other colour: it lies in what pores are left open.';
    }

    public function settings(): array
    {
        return [Setting::Way, Setting::Hands];
    }

    public function likely(Ground $ground, Calibration $calibration): Settings
    {
        return Settings::of(['way' => 'wiped', 'hands' => 1.0, 'fade_mm' => 0.0]);
    }

    public function worked(Settings $set, Ground $ground, Calibration $calibration): Worked
    {
        return Spread::of($set, $ground, $calibration->marks)->worked([], [], []);
    }

    public function pattern(Settings $set, Ground $ground): Pattern
    {
        return new Pattern;
    }

    public function tinted(Tissues $wood, Tinting $how): Tissues
    {
        return $wood->limed($how->figures->limeShare, $how->layer->colour);
    }

    public function waitHours(MarkRates $rates): float
    {
        return $rates->dyeDryHours;
    }

    public function nature(): Nature
    {
        return Nature::Colours;
    }

    public function hold(string $mounted): string
    {
        return 'on a turntable';
    }

    public function isFilled(): bool
    {
        return true;
    }

    public function takesColour(): bool
    {
        return true;
    }

    public function ink(): string
    {
        return '#e9e4d8';
    }
}
