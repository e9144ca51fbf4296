<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\MarkRates;
use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\Decoration;
use HonestGrain\Technique\Drawn;
use HonestGrain\Technique\Ground;
use HonestGrain\Technique\Nature;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Work;

/** A band charred with a torch and brushed back. */
final readonly class Scorch implements Decoration
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

    public function minutes(Ground $ground, MarkRates $rates): float
    {
        return $rates->ofBand($this->key(), $ground->areaMm2);
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

    public function drawn(): Drawn
    {
        return Drawn::Filled;
    }

    public function ink(): string
    {
        return '#2a1c12';
    }
}
