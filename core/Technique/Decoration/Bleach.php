<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Calibration\MarkRates;
use HonestGrain\Colour\Tissues;
use HonestGrain\Safety\Hazard;
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

/** Colour of the wood taken out with a two-part bleach. */
final readonly class Bleach implements Decoration, Tints
{
    public function key(): string
    {
        return 'bleach';
    }

    public function label(): Said
    {
        return new Said('technique.bleach.label');
    }

    public function character(): Character
    {
        return Grounds::coloured()->spoils()->hurts(Hazard::Caustic);
    }

    public function action(): Said
    {
        return new Said('technique.bleach.action');
    }

    public function because(): Said
    {
        return new Said('technique.bleach.because');
    }

    public function settings(): array
    {
        return [Setting::Way, Setting::Hands];
    }

    public function likely(Ground $ground, Calibration $calibration): Settings
    {
        return Settings::of(['way' => 'brushed', 'hands' => 1.0, 'fade_mm' => 0.0]);
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
        return $wood->times($how->figures->bleachTimes);
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
        return new Said('technique.bleach.hold');
    }

    public function isFilled(): bool
    {
        return true;
    }

    public function takesColour(): bool
    {
        return false;
    }

    public function ink(): string
    {
        return '#efe6d2';
    }
}
