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

/** Colour of the wood taken out with a two-part bleach. */
final readonly class Bleach implements Decoration
{
    public function key(): string
    {
        return 'bleach';
    }

    public function label(): string
    {
        return 'Bleached';
    }

    public function character(): Character
    {
        return Grounds::coloured()->spoils()->hurts(Hazard::Caustic);
    }

    public function action(): string
    {
        return 'Bleach';
    }

    public function because(): string
    {
        return 'On bare, sanded wood and before every colour, which it would take out.';
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
        return 'on a turntable, outdoors or by an open door';
    }

    public function drawn(): Drawn
    {
        return Drawn::Filled;
    }

    public function ink(): string
    {
        return '#efe6d2';
    }
}
