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

/** A pigment stain wiped on and off. */
final readonly class Stain implements Decoration
{
    public function key(): string
    {
        return 'stain';
    }

    public function label(): string
    {
        return 'Stained';
    }

    public function character(): Character
    {
        return Grounds::coloured();
    }

    public function action(): string
    {
        return 'Stain';
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
        return '#6b4a2c';
    }
}
