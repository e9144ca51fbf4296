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
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** Metal leaf or powder laid on size. */
final readonly class Leaf implements Binds, Decoration, Tints
{
    public function key(): string
    {
        return 'leaf';
    }

    public function label(): Said
    {
        return new Said('technique.leaf.label');
    }

    public function character(): Character
    {
        return Grounds::coloured();
    }

    public function action(): Said
    {
        return new Said('technique.leaf.action');
    }

    public function because(): Said
    {
        return new Said('technique.leaf.because');
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
                new Said('technique.leaf.lap-wide-leaf-nothing'), new Said('technique.leaf.lap-them-less'),
            )]);
        }
        $leaves = (int) ceil($calibration->marks->leafWasteTimes * $ground->areaMm2 / $side ** 2);

        return new Worked(
            $leaves * $calibration->marks->leafMinutesEach + $calibration->marks->leafSizeMinutes,
            [Figure::of(new Said('technique.figures.leaves'), Measure::Count, $leaves)], [],
            [
                new Said('technique.leaf.size-first-thin-leaves', ['leaves' => Quantity::count($leaves)]),
                new Said('technique.leaf.then-burnish'),
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

    public function hold(Said $mounted): Said
    {
        return new Said('technique.leaf.hold');
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
