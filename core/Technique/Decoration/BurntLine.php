<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Calibration\MarkRates;
use HonestGrain\Layout\FluteCutter;
use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\CutsProfile;
use HonestGrain\Technique\Decoration;
use HonestGrain\Technique\Figure;
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
use HonestGrain\Words\Measure;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** A V-groove cut and burnt black with a wire. */
final readonly class BurntLine implements CutsProfile, Decoration
{
    public function key(): string
    {
        return 'burnt-line';
    }

    public function label(): Said
    {
        return new Said('technique.burnt-line.label');
    }

    public function character(): Character
    {
        return Grounds::burnt(Work::Spinning)->hurts(Hazard::Lathe, Hazard::HotWire, Hazard::BurntFumes);
    }

    public function action(): Said
    {
        return new Said('technique.burnt-line.action');
    }

    public function because(): Said
    {
        return new Said('technique.burnt-line.because');
    }

    public function settings(): array
    {
        return [Setting::Count, Setting::DepthMm, Setting::AngleDeg, Setting::Seconds];
    }

    public function likely(Ground $ground, Calibration $calibration): Settings
    {
        return Settings::of([
            'count' => 1.0, 'depth_mm' => $ground->likelyDepthMm(1.2, $calibration), 'angle_deg' => 60.0,
            'seconds' => $calibration->marks->wireHeldSeconds,
        ]);
    }

    public function worked(Settings $set, Ground $ground, Calibration $calibration): Worked
    {
        $rates = $calibration->marks;
        $count = $set->whole(Setting::Count);
        $depth = $set->number(Setting::DepthMm);
        $radius = max(1.0, $ground->middle()->radiusMm);
        $left = WallLeft::under($ground, array_fill(0, count($ground->levels), $depth), $calibration);
        $rpm = ceil(60_000 * $rates->wireLeastMPerS / (2 * M_PI * $radius) / 10) * 10;
        $wire = M_PI * $radius + 2 * $rates->wireHandMm;
        $seconds = $set->number(Setting::Seconds);

        return new Worked(
            max(1.0, $count * (2 * M_PI * $radius / 1000 * $rates->grooveMinutesPerM
                + ($seconds + $rates->wireSeconds) / 60)),
            [
                Figure::of(
                    new Said(
                        'technique.burnt-line.groove-wide',
                    ), Measure::Mm, FluteCutter::v($set->number(Setting::AngleDeg))->widthMm($depth),
                ),
                Figure::of(new Said('technique.figures.wire'), Measure::Mm, $wire), Figure::of(
                    new Said('technique.burnt-line.turn-at'), Measure::Rpm, $rpm,
                ),
                Figure::of(new Said('technique.figures.hold'), Measure::Seconds, $seconds), ...$left->figures(),
            ],
            $left->findings(
                new Said('technique.burnt-line.the-grooves'), new Said('technique.burnt-line.cut-them-less-deep'),
                new Said('technique.burnt-line.burn-uncut-line'),
            ),
            [
                new Said('technique.burnt-line.deep-bare-wire-handle', [
                    'what' => $count === 1 ? new Said(
                        'technique.burnt-line.one-v-groove',
                    ) : new Said('technique.burnt-line.v-grooves-evenly-spread', [
                        'count' => Quantity::count($count),
                    ]),
                    'depth' => Quantity::mm($depth),
                    'wire' => Quantity::mm(ceil($wire)),
                ]),
                new Said('technique.burnt-line.rim-runs-press-about', [
                    'rpm' => Quantity::rpm($rpm),
                    'wireLeast' => Quantity::mPerS($rates->wireLeastMPerS),
                    'seconds' => Quantity::seconds($seconds),
                ]),
            ],
        );
    }

    public function pattern(Settings $set, Ground $ground): Pattern
    {
        return Pattern::rings(
            self::linesMm($set, $ground),
            max(0.8, FluteCutter::v($set->number(Setting::AngleDeg))->widthMm($set->number(Setting::DepthMm))),
            Ink::Burnt,
        );
    }

    public function waitHours(MarkRates $rates): float
    {
        return 0.0;
    }

    public function nature(): Nature
    {
        return Nature::Burns;
    }

    public function hold(Said $mounted): Said
    {
        return Said::at($mounted, new Said('technique.spinning'));
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

    public function notches(Settings $set, Ground $ground): array
    {
        $depth = $set->number(Setting::DepthMm);
        $half = FluteCutter::v($set->number(Setting::AngleDeg))->widthMm($depth) / 2;
        $line = [];
        foreach (self::linesMm($set, $ground) as $along) {
            $line = [...$line, [$along - $half, 0.0], [$along, $depth], [$along + $half, 0.0]];
        }

        return $line;
    }

    /** @return list<float> */
    private static function linesMm(Settings $set, Ground $ground): array
    {
        $count = $set->whole(Setting::Count);

        return array_map(fn (int $i): float => ($i + 0.5) / $count * $ground->lengthMm(), range(0, $count - 1));
    }
}
