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

/** Openings cut right through the wall. */
final readonly class Piercing implements Decoration
{
    public function key(): string
    {
        return 'piercing';
    }

    public function label(): string
    {
        return 'Pierced';
    }

    public function character(): Character
    {
        return Grounds::cut(Work::Lap)->hurts(Hazard::SpinningCutter, Hazard::Dust)->dusty();
    }

    public function action(): string
    {
        return 'Pierce the openings';
    }

    public function because(): string
    {
        return 'After sanding, since paper tears at every opening; each is cleaned with a twisted strip of cloth, the '
            .'work at rest.';
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
        return 'in a padded cradle, a light behind it';
    }

    public function drawn(): Drawn
    {
        return Drawn::Upright;
    }

    public function ink(): string
    {
        return '#1c120a';
    }
}
