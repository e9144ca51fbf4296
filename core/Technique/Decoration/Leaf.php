<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Calibration\MarkRates;
use HonestGrain\Colour\Tissues;
use HonestGrain\Technique\Binds;
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
use HonestGrain\Technique\Tinting;
use HonestGrain\Technique\Tints;
use HonestGrain\Technique\Worked;
use HonestGrain\Words\Measure;

/** Metal leaf or powder laid on size. */
final readonly class Leaf implements Binds, Decoration, Tints
{
    public function key(): string
    {
        return 'leaf';
    }

    public function label(): string
    {
        return 'Leaf or metal powder';
    }

    public function character(): Character
    {
        return Grounds::coloured();
    }

    public function action(): string
    {
        return 'Lay the leaf';
    }

    public function because(): string
    {
        return 'On a sanded ground that is dry and free of dust, after everything that cuts or burns.';
    }

    public function settings(): array
    {
        return [Setting::LeafMm, Setting::OverlapMm];
    }

    public function likely(Ground $ground, Calibration $calibration): Settings
    {
        return Settings::of(['leaf_mm' => 80.0, 'overlap_mm' => 3.0]);
    }

    public function worked(Settings $set, Ground $ground, Calibration $calibration): Worked
    {
        $side = $set->number(Setting::LeafMm) - $set->number(Setting::OverlapMm);
        if ($side <= 0) {
            return new Worked(1.0, [], [Finding::refuse(
                'The lap is as wide as the leaf: nothing would be covered.', 'Lap them less',
            )]);
        }
        $leaves = (int) ceil($calibration->marks->leafWasteTimes * $ground->areaMm2 / $side ** 2);

        return new Worked(
            $leaves * $calibration->marks->leafMinutesEach + $calibration->marks->leafSizeMinutes,
            [Figure::of('Leaves', Measure::Count, $leaves)], [],
            [
                "Size first, thin; $leaves leaves once it is tacky and no longer wet: its label gives the window.",
                'Then burnish.',
            ],
        );
    }

    public function binder(Settings $set): string
    {
        return 'leaf-size';
    }

    public function pattern(Settings $set, Ground $ground): Pattern
    {
        return new Pattern;
    }

    public function tinted(Tissues $wood, Tinting $how): Tissues
    {
        return Tissues::covered($how->layer->colour);
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
        return 'in a padded cradle, out of any draught';
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
        return '#c2a24a';
    }
}
