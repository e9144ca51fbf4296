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
use HonestGrain\Words\Said;

/** White, or a coloured wax, in brushed or open pores. */
final readonly class Lime implements Decoration, Tints
{
    public function key(): string
    {
        return 'lime';
    }

    public function label(): Said
    {
        return new Said('technique.lime.label');
    }

    public function character(): Character
    {
        return Grounds::coloured();
    }

    public function action(): Said
    {
        return new Said('technique.lime.action');
    }

    public function because(): Said
    {
        return new Said('technique.lime.because');
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

    public function hold(Said $mounted): Said
    {
        return new Said('technique.lime.hold');
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
