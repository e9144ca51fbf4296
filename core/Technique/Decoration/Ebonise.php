<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Calibration\MarkRates;
use HonestGrain\Colour\Tissues;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\Decoration;
use HonestGrain\Technique\Finding;
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

/** Wood blackened with iron where it holds tannin. */
final readonly class Ebonise implements Decoration, Tints
{
    public function key(): string
    {
        return 'ebonise';
    }

    public function label(): Said
    {
        return new Said('technique.ebonise.label');
    }

    public function character(): Character
    {
        return Grounds::coloured();
    }

    public function action(): Said
    {
        return new Said('technique.ebonise.action');
    }

    public function because(): Said
    {
        return new Said('technique.ebonise.because');
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
        return Spread::of($set, $ground, $calibration->marks)->worked([], $ground->hasTannin ? [] : [Finding::warn(
            new Said('technique.ebonise.wood-holds-little-tannin'),
            new Said('technique.ebonise.wash-strong-tea-or'), new Said('technique.ebonise.dye-black'),
        )], []);
    }

    public function pattern(Settings $set, Ground $ground): Pattern
    {
        return new Pattern;
    }

    public function tinted(Tissues $wood, Tinting $how): Tissues
    {
        // Without tannin iron leaves a grey.
        return $wood->plus(array_fill(
            0, 3, $how->figures->ebonisedDepth * ($how->hasTannin ? 1.0 : $how->figures->ebonisedWithoutTannin),
        ));
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
        return new Said('technique.ebonise.hold');
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
        return '#1d1b1a';
    }
}
