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

/** A band charred with a torch and brushed back. */
final readonly class Scorch implements Decoration, Tints
{
    public function key(): string
    {
        return 'scorch';
    }

    public function label(): string
    {
        return 'Scorch';
    }

    public function character(): Character
    {
        return Character::done(Work::Lap)
            ->needs(State::Shaped, 'It is burnt into wood that has its last shape.')
            ->needs(State::Sound, 'A fill put in later would run into the burn, and glue must not be burnt.')
            ->needs(State::Smooth, 'Scratches show as pale lines in the char.')
            ->needs(State::Bare, 'Burning through a finish gives off fumes, and its vapour must not meet a flame.')
            ->prefers(State::Undyed, 'Coloured wood gives off fumes when it is burnt.')
            ->leaves(State::Decorated)
            ->spoils(State::Plain, State::Unburnt)
            ->hurts(Hazard::Flame, Hazard::Torch, Hazard::BurntFumes);
    }

    public function action(): string
    {
        return 'Scorch and brush back';
    }

    public function because(): string
    {
        return 'After cutting, so that the char lies in the hollows too; before pen, dye and any finish, whose '
            .'vapour must not meet a flame.';
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
            [Figure::of('Wall that it takes', Measure::Mm, $least)],
            $wall !== null && $wall < $least ? [Finding::warn(
                sprintf(
                    'The wall is %s mm at its thinnest there: a torch cracks walls under %.0f mm.', round($wall, 1),
                    $least,
                ), 'Scorch before thinning', 'Keep the flame moving and use short passes',
            )] : [],
            [
                sprintf(
                    'To %s, moving all the time; end grain takes it darker, so pass over it faster.', $level->value,
                ),
                $level->leavesLooseChar() ? 'Brush the loose char off along the grain, and wipe.' : '',
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

    public function hold(string $mounted): string
    {
        return 'outside, on a brick or a stone';
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
