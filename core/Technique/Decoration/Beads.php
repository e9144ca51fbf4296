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

/** Beads cut proud, each between two fillets. */
final readonly class Beads implements Decoration
{
    public function key(): string
    {
        return 'beads';
    }

    public function label(): string
    {
        return 'Beads';
    }

    public function character(): Character
    {
        return Grounds::cut(Work::Spinning)->hurts(Hazard::Lathe);
    }

    public function action(): string
    {
        return 'Cut the beads';
    }

    public function because(): string
    {
        return 'On a sanded ground: a bead that is sanded hard loses its edges.';
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
