<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\MarkRates;
use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\Decoration;
use HonestGrain\Technique\Drawn;
use HonestGrain\Technique\Ground;
use HonestGrain\Technique\Grounds;
use HonestGrain\Technique\Nature;
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
        return Grounds::cut(Work::Spinning)->hurts(Hazard::Lathe, Hazard::Dust, Hazard::Cyanoacrylate)->dusty();
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
