<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Calibration\MarkRates;
use HonestGrain\Layout\Groove;
use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Binds;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\Decoration;
use HonestGrain\Technique\Figure;
use HonestGrain\Technique\Finding;
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

/** A groove filled with powder, resin, metal or wire. */
final readonly class Inlay implements Binds, Decoration
{
    public function key(): string
    {
        return 'inlay';
    }

    public function label(): Said
    {
        return new Said('technique.inlay.label');
    }

    public function character(): Character
    {
        return Grounds::cut(Work::Spinning)->hurts(Hazard::Lathe, Hazard::Dust)->dusty();
    }

    public function action(): Said
    {
        return new Said('technique.inlay.action');
    }

    public function because(): Said
    {
        return new Said('technique.inlay.because');
    }

    public function settings(): array
    {
        return [
            Setting::Filling, Setting::Binder, Setting::WidthMm, Setting::DepthMm, Setting::Section, Setting::Count,
        ];
    }

    public function likely(Ground $ground, Calibration $calibration): Settings
    {
        return Settings::of([
            'filling' => 'powder', 'binder' => 'ca', 'width_mm' => max(0.5, min(3.0, round($ground->lengthMm(), 1))),
            'depth_mm' => $ground->likelyDepthMm(2.0, $calibration), 'section' => 'square', 'count' => 1.0,
        ]);
    }

    public function worked(Settings $set, Ground $ground, Calibration $calibration): Worked
    {
        $count = $set->whole(Setting::Count);
        $long = $count * 2 * M_PI * $ground->middle()->radiusMm;
        $groove = new Groove(
            max(0.1, $long), $set->number(Setting::WidthMm), $set->number(Setting::DepthMm),
            $set->choice(Setting::Section) === 'v',
        );
        $rates = $calibration->marks;
        $fills = $groove->fills($calibration->repairs);
        $isWire = $set->choice(Setting::Filling) === 'wire';
        $isResin = $set->choice(Setting::Filling) === 'resin';
        $powder = $isWire || $isResin ? 0.0 : $groove->powderMl($calibration->repairs);
        $left = WallLeft::under($ground, array_fill(0, count($ground->levels), $groove->depthMm), $calibration);

        return new Worked(
            $isWire ? $rates->beginMinutes + $long / 10 * $rates->wireMinutesPerCm
                : max(1.0, $long / 1000 * ($rates->grooveMinutesPerM + $fills * $rates->inlayMinutesPerM)),
            [
                ...$isWire ? [Figure::of(new Said('technique.figures.wire'), Measure::Mm, $long)] : [
                    Figure::of(new Said('technique.inlay.to-fill'), Measure::Ml, $groove->volumeMl()),
                    ...$powder > 0 ? [Figure::of(new Said('technique.figures.powder'), Measure::Ml, $powder)] : [],
                    Figure::of(new Said('technique.figures.binder'), Measure::Ml, $groove->volumeMl() - $powder),
                    Figure::of(new Said('technique.figures.fills'), Measure::Count, $fills),
                ], ...$left->figures(),
            ],
            [
                ...$left->findings(
                    new Said('technique.inlay.the-grooves'), new Said('technique.inlay.cut-them-less-deep'),
                ),
                ...$count * $groove->widthMm > $ground->lengthMm() + 0.05 ? [Finding::refuse(
                    new Said('technique.inlay.grooves-do-not-lie', [
                        'count' => Quantity::count($count),
                        'width' => Quantity::mm($groove->widthMm),
                        'length' => Quantity::mm($ground->lengthMm()),
                    ]),
                    new Said('technique.inlay.cut-them-narrower'), new Said('technique.inlay.widen-band'),
                )] : [],
            ],
            [$isWire ? new Said(
                'technique.inlay.wire-bedded-tapped-down', ['long' => Quantity::mm($long)],
            ) : new Said('technique.inlay.fill-fill-most-bound', [
                'volume' => Quantity::ml($groove->volumeMl()),
                'fills' => Quantity::count($fills),
                'fillDepth' => Quantity::mm($calibration->repairs->fillDepthMm),
                'what' => new Said("technique.inlay.bound.{$this->binder($set)}"),
            ])],
            hazards: $isWire || $isResin ? [] : [Hazard::HardDust],
        );
    }

    public function binder(Settings $set): string
    {
        return match (true) {
            $set->choiceOr(Setting::Filling, 'powder') === 'resin' => 'resin',
            $set->choiceOr(Setting::Binder, 'ca') === 'epoxy' => 'epoxy',
            default => 'powder-ca',
        };
    }

    public function pattern(Settings $set, Ground $ground): Pattern
    {
        $count = $set->whole(Setting::Count);

        return Pattern::rings(array_map(
            fn (int $i): float => ($i + 0.5) / $count * $ground->lengthMm(), range(0, $count - 1),
        ), $set->number(Setting::WidthMm), Ink::Metal);
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
        return $mounted;
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
        return '#7a7466';
    }
}
