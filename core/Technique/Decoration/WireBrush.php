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

/** Soft early wood brushed out between the hard late wood. */
final readonly class WireBrush implements Decoration
{
    public function key(): string
    {
        return 'wire-brush';
    }

    public function label(): string
    {
        return 'Wire-brushed';
    }

    public function character(): Character
    {
        return Grounds::cut(Work::Locked)->hurts(Hazard::Dust)->dusty();
    }

    public function action(): string
    {
        return 'Brush out the early wood';
    }

    public function because(): string
    {
        return 'On a sanded ground, before fire and colour, which it would brush off.';
    }

    public function minutes(Ground $ground, MarkRates $rates): float
    {
        return $rates->ofBand($this->key(), $ground->areaMm2);
    }

    public function waitHours(MarkRates $rates): float
    {
        return 0.0;
    }

    public function nature(): Nature
    {
        return Nature::Cuts;
    }

    public function hold(string $mounted): string
    {
        return "$mounted, lathe stopped, along the grain";
    }

    public function drawn(): Drawn
    {
        return Drawn::Waves;
    }

    public function ink(): string
    {
        return '#1c120a';
    }
}
