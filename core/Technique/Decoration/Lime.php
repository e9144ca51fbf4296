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

/** White in brushed or open pores. */
final readonly class Lime implements Decoration
{
    public function key(): string
    {
        return 'lime';
    }

    public function label(): string
    {
        return 'Limed';
    }

    public function character(): Character
    {
        return Grounds::coloured();
    }

    public function action(): string
    {
        return 'Lime';
    }

    public function because(): string
    {
        return 'After every other colour: it lies in what pores are left open.';
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
        return '#e9e4d8';
    }
}
