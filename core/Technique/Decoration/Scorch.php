<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\MarkRates;
use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Drawn;
use HonestGrain\Technique\Ground;
use HonestGrain\Technique\Nature;
use HonestGrain\Technique\Technique;

/** A torch, and the loose char brushed back. */
final readonly class Scorch implements Technique
{
    public function key(): string
    {
        return 'scorch';
    }

    public function label(): string
    {
        return 'Scorch';
    }

    public function action(): string
    {
        return 'Scorch and brush back';
    }

    public function because(): string
    {
        return 'After cutting, so that the char lies in the hollows too; before pen, '
            .'dye and any finish, whose vapour must not meet a flame.';
    }

    public function minutes(Ground $ground, MarkRates $rates): float
    {
        return $rates->scorchMinutes;
    }

    public function waitHours(MarkRates $rates): float
    {
        return $rates->scorchWatchHours;
    }

    public function nature(): Nature
    {
        return Nature::Flames;
    }

    public function needs(): array
    {
        return ['turner' => 1];
    }

    public function hold(string $mounted): string
    {
        return 'outside, on a brick or a stone';
    }

    public function hazards(): array
    {
        return [Hazard::Flame, Hazard::Torch, Hazard::BurntFumes];
    }

    public function drawn(): Drawn
    {
        return Drawn::Filled;
    }

    public function ink(): string
    {
        return '#2a1c12';
    }
}
