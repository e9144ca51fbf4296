<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Calibration\MarkRates;
use HonestGrain\Layout\Chatter;
use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
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

/** A texture spun with a wheel or a chattering tip. */
final readonly class SpunTexture implements Decoration
{
    public function key(): string
    {
        return 'spun-texture';
    }

    public function label(): Said
    {
        return new Said('technique.spun-texture.label');
    }

    public function character(): Character
    {
        return Grounds::cut(Work::Spinning)->hurts(Hazard::Lathe)->chips();
    }

    public function action(): Said
    {
        return new Said('technique.spun-texture.action');
    }

    public function because(): Said
    {
        return new Said('technique.spun-texture.because');
    }

    public function settings(): array
    {
        return [Setting::Texture, Setting::PitchMm, Setting::FrequencyHz, Setting::Rpm, Setting::DepthMm];
    }

    public function likely(Ground $ground, Calibration $calibration): Settings
    {
        return Settings::of([
            'texture' => 'chatter', 'pitch_mm' => 2.0, 'frequency_hz' => 400.0, 'rpm' => 600.0,
            'depth_mm' => $ground->likelyDepthMm(0.4, $calibration),
        ]);
    }

    public function worked(Settings $set, Ground $ground, Calibration $calibration): Worked
    {
        $isChatter = $set->choice(Setting::Texture) === 'chatter';
        $chatter = new Chatter($set->number(Setting::FrequencyHz), $set->number(Setting::Rpm));
        $pitch = $set->number(Setting::PitchMm);
        $rows = max(1, (int) floor($ground->lengthMm() / $pitch + 1e-9));
        $left = WallLeft::under(
            $ground, array_fill(0, count($ground->levels), $set->number(Setting::DepthMm)), $calibration,
        );
        $spacings = array_map(fn (float $radius): float => $isChatter ? $chatter->spacingMm($radius) : $pitch,
            $ground->radiiMm());

        return new Worked(
            max(1.0, $calibration->marks->spunMinutesPer100Cm2 * $ground->areaMm2 / 10_000),
            [
                Figure::of(new Said('technique.figures.rows'), Measure::Count, $rows),
                ...$isChatter ? [
                    Figure::of(new Said('technique.spun-texture.marks-turn'), Measure::Count, $chatter->marksPerTurn()),
                ] : [],
                Figure::atLevels(
                    new Said('technique.figures.apart'), Measure::Mm, $ground->levels, $spacings,
                ), ...$left->figures(),
            ],
            $left->findings(
                new Said('technique.spun-texture.the-marks'), new Said('technique.spun-texture.press-less'),
            ),
            [$isChatter ? new Said('technique.spun-texture.tip-sings-hz-cuts', [
                'number' => Quantity::count($set->number(Setting::FrequencyHz)),
                'number2' => Quantity::rpm($set->number(Setting::Rpm)),
                'marksPerTurn' => Quantity::count($chatter->marksPerTurn()),
                'pitch' => Quantity::mm($pitch),
            ]) : new Said('technique.spun-texture.wheel-pitch-rows-next', [
                'pitch' => Quantity::mm($pitch),
                'rows' => Quantity::count($rows),
            ])],
        );
    }

    public function pattern(Settings $set, Ground $ground): Pattern
    {
        $pitch = $set->number(Setting::PitchMm);
        $rows = max(1, (int) floor($ground->lengthMm() / $pitch + 1e-9));
        $lines = [];
        for ($row = 0; $row < $rows; $row++) {
            $along = ($row + 0.5) / $rows * $ground->lengthMm();
            $marks = $set->choice(Setting::Texture) === 'chatter'
                ? (new Chatter($set->number(Setting::FrequencyHz), $set->number(Setting::Rpm)))->marksPerTurn()
                : max(1.0, round(2 * M_PI * $ground->radiusAtMm($along) / $pitch));
            $long = 0.4 / $marks;
            for ($i = 0; $i < $marks && count($lines) < Pattern::MOST; $i++) {
                $turn = ($i + ($row % 2) / 2) / $marks;
                $lines[] = [
                    [[$turn - $long / 2, $along - 0.3 * $pitch], [$turn + $long / 2, $along + 0.3 * $pitch]],
                    max(0.3, 0.25 * $pitch), Ink::Cut,
                ];
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
}
