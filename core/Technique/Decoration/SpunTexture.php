<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\MarkRates;
use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Drawn;
use HonestGrain\Technique\Ground;
use HonestGrain\Technique\Nature;
use HonestGrain\Technique\Technique;

/** A pattern spun in with a wheel or a chattering tip. */
final readonly class SpunTexture implements Technique
{
    public function key(): string
    {
        return 'spun-texture';
    }

    public function label(): string
    {
        return 'Spun texture';
    }

    public function action(): string
    {
        return 'Spin the texture';
    }

    public function because(): string
    {
        return 'A texture is not sanded afterwards, so its ground is finished first.';
    }

    public function minutes(Ground $ground, MarkRates $rates): float
    {
        return $rates->spunTextureMinutes;
    }

    public function waitHours(MarkRates $rates): float
    {
        return 0.0;
    }

    public function nature(): Nature
    {
        return Nature::Cuts;
    }

    public function needs(): array
    {
        return ['turner' => 1, 'lathe' => 1];
    }

    public function hold(string $mounted): string
    {
        return "$mounted, spinning";
    }

    public function hazards(): array
    {
        return [Hazard::Lathe];
    }

    public function drawn(): Drawn
    {
        return Drawn::Ripples;
    }

    public function ink(): string
    {
        return '#1c120a';
    }
}
