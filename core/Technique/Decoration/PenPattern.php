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

/** A pattern drawn with a hot pen. */
final readonly class PenPattern implements Decoration
{
    public function key(): string
    {
        return 'pen-pattern';
    }

    public function label(): string
    {
        return 'Pen-burnt pattern';
    }

    public function character(): Character
    {
        return Grounds::burnt(Work::Lap)->hurts(Hazard::BurntFumes);
    }

    public function action(): string
    {
        return 'Burn the pattern';
    }

    public function because(): string
    {
        return 'On the last grit, so that the pen does not skip; before dye and before any finish.';
    }

    /** Workshop: strokes 2 mm apart at 6·(6000/H)^½ mm/s, with the constants of the calibration. */
    public function minutes(Ground $ground, MarkRates $rates): float
    {
        $softness = $rates->referenceHardnessN / ($ground->hardnessN ?? $rates->referenceHardnessN);
        $mmPerS = $rates->penMmPerS * $softness ** 0.5;

        return max(1.0, $ground->areaMm2 / $rates->penStrokesApartMm / $mmPerS / 60);
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
        return 'in the lap or a padded cradle';
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
