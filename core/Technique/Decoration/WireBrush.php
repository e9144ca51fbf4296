<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Calibration\MarkRates;
use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\Decoration;
use HonestGrain\Technique\Ground;
use HonestGrain\Technique\Grounds;
use HonestGrain\Technique\Ink;
use HonestGrain\Technique\Nature;
use HonestGrain\Technique\Pattern;
use HonestGrain\Technique\Setting;
use HonestGrain\Technique\Settings;
use HonestGrain\Technique\WallLeft;
use HonestGrain\Technique\Work;
use HonestGrain\Technique\Worked;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** Soft early wood brushed out between the hard late wood. */
final readonly class WireBrush implements Decoration
{
    public function key(): string
    {
        return 'wire-brush';
    }

    public function label(): Said
    {
        return new Said('technique.wire-brush.label');
    }

    public function character(): Character
    {
        return Grounds::cut(Work::Locked)->hurts(Hazard::Dust)->dusty();
    }

    public function action(): Said
    {
        return new Said('technique.wire-brush.action');
    }

    public function because(): Said
    {
        return new Said('technique.wire-brush.because');
    }

    public function settings(): array
    {
        return [Setting::Passes, Setting::DepthMm];
    }

    public function likely(Ground $ground, Calibration $calibration): Settings
    {
        return Settings::of(['passes' => 3.0, 'depth_mm' => $ground->likelyDepthMm(0.3, $calibration)]);
    }

    public function worked(Settings $set, Ground $ground, Calibration $calibration): Worked
    {
        $passes = $set->whole(Setting::Passes);
        $left = WallLeft::under(
            $ground, array_fill(0, count($ground->levels), $set->number(Setting::DepthMm)), $calibration,
        );

        return (new Worked(
            max(1.0, $passes * $calibration->marks->brushMinutesPer100Cm2 * $ground->areaMm2 / 10_000),
            $left->figures(), $left->findings(new Said('technique.wire-brush.the-brush')),
            [new Said('technique.wire-brush.passes-along-grain-lathe', [
                'passes' => Quantity::count($passes),
                'number' => Quantity::mm($set->number(Setting::DepthMm)),
            ])],
        ))->byHand($calibration->marks);
    }

    public function pattern(Settings $set, Ground $ground): Pattern
    {
        $lines = [];
        $rows = max(2, min(60, (int) round($ground->lengthMm() / 1.6)));
        for ($row = 0; $row < $rows; $row++) {
            $along = ($row + 0.5) / $rows * $ground->lengthMm();
            for ($i = 0; $i < 24 && count($lines) < Pattern::MOST; $i++) {
                $turn = ($i + ($row * 0.37 - floor($row * 0.37))) / 24;
                $lines[] = [[[$turn, $along], [$turn + 0.03, $along]], 0.25, Ink::Edge];
            }
        }

        return new Pattern($lines);
    }

    public function waitHours(MarkRates $rates): float
    {
        return 0.0;
    }

    public function nature(): Nature
    {
        return Nature::Cuts;
    }

    public function hold(Said $mounted): Said
    {
        return new Said('technique.wire-brush.lathe-stopped-along-grain', ['mounted' => $mounted]);
    }

    public function isFilled(): bool
    {
        return false;
    }

    public function takesColour(): bool
    {
        return false;
    }

    public function ink(): string
    {
        return '#1c120a';
    }
}
