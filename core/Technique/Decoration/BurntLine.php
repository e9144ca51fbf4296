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

/** A V-groove cut and burnt black with a wire. */
final readonly class BurntLine implements Decoration
{
    public function key(): string
    {
        return 'burnt-line';
    }

    public function label(): string
    {
        return 'V-groove, burnt line';
    }

    public function character(): Character
    {
        return Grounds::burnt(Work::Spinning)->hurts(Hazard::Lathe, Hazard::HotWire, Hazard::BurntFumes);
    }

    public function action(): string
    {
        return 'Cut the groove and burn the line';
    }

    public function because(): string
    {
        return 'After sanding, so that its edge stays crisp; before any colour, because a burnt line is a dam that '
            .'dye does not cross.';
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
        return Nature::Burns;
    }

    public function hold(string $mounted): string
    {
        return "$mounted, spinning";
    }

    public function drawn(): Drawn
    {
        return Drawn::Groove;
    }

    public function ink(): string
    {
        return '#1c120a';
    }
}
