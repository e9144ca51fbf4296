<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\MarkRates;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\Decoration;
use HonestGrain\Technique\Drawn;
use HonestGrain\Technique\Ground;
use HonestGrain\Technique\Nature;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Work;

/** A dye, a stain, a bleach or iron liquor: colour put on or taken out. */
final readonly class Dye implements Decoration
{
    public function key(): string
    {
        return 'dye';
    }

    public function label(): string
    {
        return 'Dye';
    }

    public function character(): Character
    {
        return Character::done(Work::Hand)
            ->needs(State::Shaped, 'It is laid on wood that has its last shape.')
            ->needs(State::Sound, 'CA and resin take no colour, and stain coloured wood round them.')
            ->needs(State::Smooth, 'Sanding takes colour off again, and colour shows every scratch.')
            ->needs(State::Bare, 'Nothing colours wood through oil or a film.')
            ->prefers(State::Settled, 'Water in it would raise the grain.')
            ->leaves(State::Decorated)
            ->spoils(State::Undyed);
    }

    public function action(): string
    {
        return 'Dye';
    }

    public function because(): string
    {
        return 'On bare, sanded wood after everything that cuts or burns; under the coats, which close it off.';
    }

    public function minutes(Ground $ground, MarkRates $rates): float
    {
        return $rates->ofBand($this->key(), $ground->areaMm2);
    }

    public function waitHours(MarkRates $rates): float
    {
        return $rates->dyeDryHours;
    }

    public function nature(): Nature
    {
        return Nature::Colours;
    }

    public function hold(string $mounted): string
    {
        return 'on a turntable';
    }

    public function drawn(): Drawn
    {
        return Drawn::Filled;
    }

    public function ink(): string
    {
        return '#2f4a63';
    }
}
