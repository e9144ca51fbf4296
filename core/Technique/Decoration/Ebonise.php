<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\MarkRates;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\Decoration;
use HonestGrain\Technique\Drawn;
use HonestGrain\Technique\Ground;
use HonestGrain\Technique\Grounds;
use HonestGrain\Technique\Nature;

/** Wood blackened with iron where it holds tannin. */
final readonly class Ebonise implements Decoration
{
    public function key(): string
    {
        return 'ebonise';
    }

    public function label(): string
    {
        return 'Ebonised';
    }

    public function character(): Character
    {
        return Grounds::coloured();
    }

    public function action(): string
    {
        return 'Ebonise';
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
        return '#1d1b1a';
    }
}
