<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Calibration\MarkRates;
use HonestGrain\Colour\DyeDose;
use HonestGrain\Colour\Tissues;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\Decoration;
use HonestGrain\Technique\Figure;
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
use HonestGrain\Words\Measure;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** A dye, a stain, a bleach or iron liquor: colour put on or taken out. */
final readonly class Dye implements Decoration, Tints
{
    public function key(): string
    {
        return 'dye';
    }

    public function label(): Said
    {
        return new Said('technique.dye.label');
    }

    public function character(): Character
    {
        return Grounds::coloured();
    }

    public function action(): Said
    {
        return new Said('technique.dye.action');
    }

    public function because(): Said
    {
        return new Said('technique.dye.because');
    }

    public function settings(): array
    {
        return [
            Setting::Strength, Setting::Way, Setting::Hands, Setting::FadeMm, Setting::SandedUm, Setting::BackStrokes,
            Setting::BackGrit,
        ];
    }

    public function likely(Ground $ground, Calibration $calibration): Settings
    {
        return Settings::of([
            'strength' => 1.0, 'way' => 'wiped', 'hands' => 1.0, 'fade_mm' => 0.0, 'sanded_um' => 0.0,
            'back_grit' => 'P320',
        ]);
    }

    public function worked(Settings $set, Ground $ground, Calibration $calibration): Worked
    {
        $dose = DyeDose::of(
            $calibration->colour, $ground->areaMm2, $set->number(Setting::Strength),
            $set->choice(Setting::Way) === 'sprayed',
        );
        $fades = $set->number(Setting::FadeMm) > 0 && $set->choice(Setting::Way) !== 'sprayed'
            ? [
                Finding::warn(
                    new Said(
                        'technique.dye.fade-sprayed-wiped-or',
                    ), new Said('technique.dye.spray-it'), new Said('technique.dye.end-burnt-line'),
                ),
            ]
            : [];

        return Spread::of($set, $ground, $calibration->marks)->worked(
            [
                Figure::of(new Said('technique.dye.to-mix'), Measure::Ml, $dose->ml), Figure::of(
                    new Said('technique.dye.of-a-powder'), Measure::Grams, $dose->grams,
                ),
                Figure::of(new Said('technique.dye.concentrate-drops'), Measure::Count, ceil($dose->drops)),
            ], $fades,
            $set->number(Setting::FadeMm) > 0
                ? [new Said('technique.dye.let-fade-out-over', [
                    'number' => Quantity::mm($set->number(Setting::FadeMm)),
                ])] : [],
        );
    }

    public function pattern(Settings $set, Ground $ground): Pattern
    {
        return new Pattern;
    }

    public function tinted(Tissues $wood, Tinting $how): Tissues
    {
        return $wood->dyed($how->layer, $how->laid);
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
        return new Said('technique.dye.hold');
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
        return '#2f4a63';
    }
}
