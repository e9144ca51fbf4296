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

/** Paint brushed on a band. */
final readonly class Paint implements Decoration
{
    public function key(): string
    {
        return 'paint';
    }

    public function label(): string
    {
        return 'Painted';
    }

    public function character(): Character
    {
        return Grounds::coloured();
    }

    public function action(): string
    {
        return 'Paint';
    }

    public function because(): string
    {
        return 'On a sanded ground, after everything that cuts or burns; its edges are cut or taped.';
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
        return '#556b5a';
    }
}
