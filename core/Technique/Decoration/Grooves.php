<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Calibration\MarkRates;
use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\CutsProfile;
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

/** Grooves round the piece: a V, a square fillet or a round one. */
final readonly class Grooves implements CutsProfile, Decoration
{
    private const PIECES = 8;

    public function key(): string
    {
        return 'grooves';
    }

    public function label(): Said
    {
        return new Said('technique.grooves.label');
    }

    public function character(): Character
    {
        return Grounds::cut(Work::Spinning)->hurts(Hazard::Lathe)->chips();
    }

    public function action(): Said
    {
        return new Said('technique.grooves.action');
    }

    public function because(): Said
    {
        return new Said('technique.grooves.because');
    }

    public function settings(): array
    {
        return [Setting::Count, Setting::Section, Setting::WidthMm, Setting::DepthMm];
    }

    public function likely(Ground $ground, Calibration $calibration): Settings
    {
        return Settings::of([
            'count' => 1.0, 'section' => 'v', 'width_mm' => max(0.1, min(2.0, $ground->lengthMm())),
            'depth_mm' => $ground->likelyDepthMm(1.5, $calibration),
        ]);
    }

    public function worked(Settings $set, Ground $ground, Calibration $calibration): Worked
    {
        $count = $set->whole(Setting::Count);
        $width = $set->number(Setting::WidthMm);
        $depth = $set->number(Setting::DepthMm);
        $land = $count < 2 ? null : ($ground->lengthMm() - $count * $width) / $count;
        $left = WallLeft::under($ground, array_fill(0, count($ground->levels), $depth), $calibration);
        $roundM = 2 * M_PI * $ground->middle()->radiusMm / 1000;

        return new Worked(
            max(1.0, $count * $roundM * $calibration->marks->grooveMinutesPerM),
            [
                ...$land === null ? [] : [Figure::of(new Said('technique.grooves.land-between'), Measure::Mm, $land)],
                ...$left->figures(),
            ],
            [
                ...$count * $width > $ground->lengthMm() + 0.05 ? [Finding::refuse(
                    new Said('technique.grooves.grooves-do-not-lie', [
                        'count' => Quantity::count($count),
                        'width' => Quantity::mm($width),
                        'length' => Quantity::mm($ground->lengthMm()),
                    ]),
                    new Said('technique.grooves.cut-them-narrower'), new Said('technique.grooves.widen-band'),
                )] : [],
                ...$left->findings(
                    new Said('technique.grooves.the-grooves'), new Said('technique.grooves.cut-them-less-deep'),
                ),
            ],
            [new Said('technique.grooves.groove-wide-deep', [
                'count' => Quantity::count($count),
                'choice' => $set->choice(Setting::Section),
                'width' => Quantity::mm($width),
                'depth' => Quantity::mm($depth),
            ])],
        );
    }

    public function pattern(Settings $set, Ground $ground): Pattern
    {
        return Pattern::rings(self::linesMm($set, $ground), $set->number(Setting::WidthMm), Ink::Cut);
    }

    public function notches(Settings $set, Ground $ground): array
    {
        $half = $set->number(Setting::WidthMm) / 2;
        $depth = $set->number(Setting::DepthMm);
        $line = [];
        foreach (self::linesMm($set, $ground) as $along) {
            $line = [...$line, ...match ($set->choice(Setting::Section)) {
                'v' => [[$along - $half, 0.0], [$along, $depth], [$along + $half, 0.0]],
                'square' => [
                    [$along - $half, 0.0], [$along - $half, $depth], [$along + $half, $depth], [$along + $half, 0.0],
                ],
                default => array_map(fn (int $k): array => [
                    $along - $half * cos(M_PI * $k / self::PIECES), $depth * sin(M_PI * $k / self::PIECES),
                ], range(0, self::PIECES)),
            }];
        }

        return $line;
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

    /** @return list<float> */
    private static function linesMm(Settings $set, Ground $ground): array
    {
        $count = $set->whole(Setting::Count);

        return array_map(fn (int $i): float => ($i + 0.5) / $count * $ground->lengthMm(), range(0, $count - 1));
    }
}
