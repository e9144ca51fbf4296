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

/** Small hollows cut close together. */
final readonly class Dimples implements Decoration
{
    public function key(): string
    {
        return 'dimples';
    }

    public function label(): string
    {
        return 'Dimples';
    }

    public function character(): Character
    {
        return Grounds::cut(Work::Locked)->hurts(Hazard::SpinningCutter, Hazard::Dust)->dusty();
    }

    public function action(): string
    {
        return 'Cut the dimples';
    }

    public function because(): string
    {
        return 'A texture is not sanded afterwards, so its ground is finished first.';
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
            [Figure::of('Dimples', Measure::Count, $count), ...$left->figures()],
            [
                ...$left->findings('The dimples', 'Cut them less deep'),
                ...$perCm2 < $set->number(Setting::PerCm2) ? [Finding::warn(
                    sprintf(
                        'No more than %.1f to the cm² lie %s mm apart: it is reckoned with those.', $most,
                        $set->number(Setting::LeastMm),
                    ), 'Let them lie nearer', 'Cut fewer',
                )] : [],
            ],
            [sprintf(
                '%d dimples of %s mm, %.1f mm deep, strewn without rows and none nearer than %s mm.', $count,
                $set->number(Setting::SizeMm), $set->number(Setting::DepthMm), $set->number(Setting::LeastMm),
            )],
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

    public function hold(string $mounted): string
    {
        return "$mounted, locked, or in a padded cradle";
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
