<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Calibration\MarkRates;
use HonestGrain\Colour\Scorch as Charring;
use HonestGrain\Colour\Tissues;
use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\Decoration;
use HonestGrain\Technique\Figure;
use HonestGrain\Technique\Finding;
use HonestGrain\Technique\Ground;
use HonestGrain\Technique\Nature;
use HonestGrain\Technique\Pattern;
use HonestGrain\Technique\Setting;
use HonestGrain\Technique\Settings;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Tinting;
use HonestGrain\Technique\Tints;
use HonestGrain\Technique\Work;
use HonestGrain\Technique\Worked;
use HonestGrain\Words\Measure;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** A band charred with a torch and brushed back. */
final readonly class Scorch implements Decoration, Tints
{
    public function key(): string
    {
        return 'scorch';
    }

    public function label(): Said
    {
        return new Said('technique.scorch.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Lap)
            ->needs(State::Shaped, new Said('technique.scorch.burnt-into-wood-has'))
            ->needs(State::Sound, new Said('technique.scorch.fill-put-later-would'))
            ->needs(State::Smooth, new Said('technique.scorch.scratches-show-pale-lines'))
            ->needs(State::Bare, new Said('technique.scorch.burning-through-finish-gives'))
            ->prefers(State::Undyed, new Said('technique.scorch.coloured-wood-gives-off'))
            ->leaves(State::Decorated)
            ->spoils(State::Plain, State::Unburnt)
            ->hurts(Hazard::Flame, Hazard::Torch, Hazard::BurntFumes);
    }

    public function action(): Said
    {
        return new Said('technique.scorch.action');
    }

    public function because(): Said
    {
        return new Said('technique.scorch.because');
    }

    public function settings(): array
    {
        return [Setting::Level];
    }

    public function likely(Ground $ground, Calibration $calibration): Settings
    {
        return Settings::of(['level' => 'brown']);
    }

    public function worked(Settings $set, Ground $ground, Calibration $calibration): Worked
    {
        $level = Charring::from($set->choice(Setting::Level));
        $wall = $ground->wallMm();
        $least = $level->leastWallMm($calibration->colour);

        return new Worked(
            $calibration->colour->scorchBeginMinutes + max(1.0, ($level->minutesPer100Cm2($calibration->colour)
                + ($level->leavesLooseChar() ? $calibration->marks->charBackMinutesPer100Cm2 : 0.0))
                * $ground->areaMm2 / 10_000),
            [Figure::of(new Said('technique.scorch.wall-takes'), Measure::Mm, $least)],
            $wall !== null && $wall < $least ? [Finding::warn(
                new Said('technique.scorch.wall-thinnest-there-torch', [
                    'wall' => Quantity::mm(round($wall, 1)),
                    'least' => Quantity::mm($least),
                ]), new Said(
                    'technique.scorch.scorch-before-thinning',
                ), new Said('technique.scorch.keep-flame-moving-use'),
            )] : [],
            [
                new Said(
                    'technique.scorch.moving-all-time-end',
                    ['level' => new Said("technique.choices.level.$level->value")],
                ),
                $level->leavesLooseChar() ? new Said('technique.scorch.brush-loose-char-off') : null,
            ],
        );
    }

    public function pattern(Settings $set, Ground $ground): Pattern
    {
        return new Pattern;
    }

    public function tinted(Tissues $wood, Tinting $how): Tissues
    {
        $depth = $how->figures->scorchDepth[$how->set->choice(Setting::Level)] * (1 + $how->endGrain);

        return $wood->plus(array_map(
            fn (float $channel): float => $depth * $channel, $how->figures->scorchByChannel,
        ));
    }

    public function waitHours(MarkRates $rates): float
    {
        return $rates->scorchWatchHours;
    }

    public function nature(): Nature
    {
        return Nature::Flames;
    }

    public function hold(Said $mounted): Said
    {
        return new Said('technique.scorch.hold');
    }

    public function isFilled(): bool
    {
        return true;
    }

    public function takesColour(): bool
    {
        return false;
    }

    public function ink(): string
    {
        return '#2a1c12';
    }
}
