<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Calibration\MarkRates;
use HonestGrain\Layout\Strewn;
use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\Decoration;
use HonestGrain\Technique\Figure;
use HonestGrain\Technique\Finding;
use HonestGrain\Technique\Ground;
use HonestGrain\Technique\Grounds;
use HonestGrain\Technique\Ink;
use HonestGrain\Technique\Level;
use HonestGrain\Technique\Nature;
use HonestGrain\Technique\Pattern;
use HonestGrain\Technique\Setting;
use HonestGrain\Technique\Settings;
use HonestGrain\Technique\WallLeft;
use HonestGrain\Technique\Work;
use HonestGrain\Technique\Worked;
use HonestGrain\Words\Measure;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** Small hollows cut close together. */
final readonly class Dimples implements Decoration
{
    public function key(): string
    {
        return 'dimples';
    }

    public function label(): Said
    {
        return new Said('technique.dimples.label');
    }

    public function character(): Character
    {
        return Grounds::cut(Work::Locked)->hurts(Hazard::SpinningCutter, Hazard::Dust)->dusty();
    }

    public function action(): Said
    {
        return new Said('technique.dimples.action');
    }

    public function because(): Said
    {
        return new Said('technique.dimples.because');
    }

    public function settings(): array
    {
        return [Setting::PerCm2, Setting::SizeMm, Setting::DepthMm, Setting::LeastMm, Setting::Seed];
    }

    public function likely(Ground $ground, Calibration $calibration): Settings
    {
        return Settings::of([
            'per_cm2' => 4.0, 'size_mm' => 3.0, 'depth_mm' => $ground->likelyDepthMm(0.8, $calibration),
            'least_mm' => 2.0,
            'seed' => 1.0,
        ]);
    }

    public function worked(Settings $set, Ground $ground, Calibration $calibration): Worked
    {
        $most = Strewn::mostPerCm2($set->number(Setting::LeastMm));
        $perCm2 = min($set->number(Setting::PerCm2), $most);
        $count = (int) round($perCm2 * $ground->areaMm2 / 100);
        $left = WallLeft::under(
            $ground, array_fill(0, count($ground->levels), $set->number(Setting::DepthMm)), $calibration,
        );

        return (new Worked(
            max(1.0, $count * $calibration->layout->dimpleSeconds / 60),
            [Figure::of(new Said('technique.figures.dimples'), Measure::Count, $count), ...$left->figures()],
            [
                ...$left->findings(
                    new Said('technique.dimples.the-dimples'), new Said('technique.dimples.cut-them-less-deep'),
                ),
                ...$perCm2 < $set->number(Setting::PerCm2) ? [Finding::warn(
                    new Said('technique.dimples.no-more-than-cm', [
                        'most' => Quantity::count($most),
                        'number' => Quantity::mm($set->number(Setting::LeastMm)),
                    ]), new Said('technique.dimples.let-them-lie-nearer'), new Said('technique.dimples.cut-fewer'),
                )] : [],
            ],
            [new Said('technique.dimples.dimples-deep-strewn-without', [
                'count' => Quantity::count($count),
                'number' => Quantity::mm($set->number(Setting::SizeMm)),
                'number2' => Quantity::mm($set->number(Setting::DepthMm)),
                'number3' => Quantity::mm($set->number(Setting::LeastMm)),
            ])],
        ))->byHand($calibration->marks);
    }

    public function pattern(Settings $set, Ground $ground): Pattern
    {
        $perCm2 = min($set->number(Setting::PerCm2), Strewn::mostPerCm2($set->number(Setting::LeastMm)));
        $count = min(Pattern::MOST, (int) round($perCm2 * $ground->areaMm2 / 100));
        $places = Strewn::over(
            array_map(fn (Level $level): array => [$level->alongMm, $level->radiusMm], $ground->levels), $count,
            $set->number(Setting::LeastMm), $set->whole(Setting::Seed),
        );

        return new Pattern([], array_map(
            fn (array $at): array => [$at[0], $at[1], $set->number(Setting::SizeMm) / 2, Ink::Cut], $places,
        ));
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
        return new Said('technique.dimples.locked-or-padded-cradle', ['mounted' => $mounted]);
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
