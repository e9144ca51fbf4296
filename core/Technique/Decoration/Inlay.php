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

/** A groove filled with powder, resin, metal or wire. */
final readonly class Inlay implements Decoration
{
    public function key(): string
    {
        return 'inlay';
    }

    public function label(): string
    {
        return 'Inlay';
    }

    public function character(): Character
    {
        return Character::done(Work::Spinning)
            ->needs(State::Shaped, 'It is cut into wood that has its last shape.')
            ->needs(State::Sound, 'A fill put in later would run into the cut.')
            ->needs(State::Smooth, 'It is not sanded afterwards, so the ground under it is finished first.')
            ->needs(State::Bare, 'Cut through a coat, its edge chips and drinks.')
            ->prefers(State::Unburnt, 'A cut through char shows pale wood.')
            ->prefers(State::Undyed, 'A cut through colour shows pale wood.')
            ->leaves(State::Decorated)
            ->spoils(State::Plain)
            ->hurts(Hazard::Lathe, Hazard::Dust, Hazard::Cyanoacrylate)
            ->dusty();
    }

    public function action(): string
    {
        return 'Cut and fill the inlay';
    }

    public function because(): string
    {
        return 'Cut on a sanded ground, filled proud, and taken back level with the last grits before any colour.';
    }

    public function minutes(Ground $ground, MarkRates $rates): float
    {
        return $rates->ofBand($this->key(), $ground->areaMm2);
    }

    public function waitHours(MarkRates $rates): float
    {
        return $rates->inlaySetHours;
    }

    public function nature(): Nature
    {
        return Nature::Cuts;
    }

    public function hold(string $mounted): string
    {
        return "$mounted";
    }

    public function drawn(): Drawn
    {
        return Drawn::Filled;
    }

    public function ink(): string
    {
        return '#7a7466';
    }
}
