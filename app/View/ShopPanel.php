<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Workshop;
use HonestGrain\Calibration\CoatFigures;
use HonestGrain\Coating\DewPoint;
use HonestGrain\Wood\Emc;
use HonestGrain\Words\Unit;

/** Hours, air and limits of a shop as its page shows them. */
final readonly class ShopPanel
{
    public function __construct(private Workshop $workshop, private Show $show, private CoatFigures $figures)
    {
    }

    /** "08:00-12:00, 13:00-17:00" */
    public function hours(string $day): string
    {
        return implode(', ', array_map(
            fn (array $stretch): string => "$stretch[0]-$stretch[1]", $this->workshop->hours->on($day),
        ));
    }

    /** "2026-12-05 09:00-13:00; …" */
    public function also(): string
    {
        $days = [];
        foreach ($this->workshop->also->dates as $date => $stretches) {
            $days[] = "$date ".implode(', ', array_map(fn (array $one): string => "$one[0]-$one[1]", $stretches));
        }

        return implode('; ', $days);
    }

    public function limit(string $name): string
    {
        return $name === 'min_wall_mm' ? $this->show->field(Unit::Length, $this->workshop->min_wall_mm)
            : $this->show->field(Unit::Speed, $this->workshop->sanding_cap_m_s);
    }

    /** What this air does to wood and to coats. */
    public function air(): string
    {
        $emc = fn (string $part): string => number_format(Emc::at(...$this->at($part))->percent, 1).' %';
        $dew = fn (string $part): string => $this->show->temperature(round(DewPoint::of(...$this->at($part)), 1));

        return say('view.shop-panel.every-wait-runs-through', [
            'emcDay' => $emc('day'),
            'emcNight' => $emc('night'),
            'dewDay' => $dew('day'),
            'dewNight' => $dew('night'),
        ]);
    }

    public function blushes(string $part): bool
    {
        return DewPoint::isNear($this->figures, ...$this->at($part));
    }

    /** @return array<string, array{string, array<array-key, string>}> label and choices by preference */
    public function preferences(): array
    {
        return [
            'units' => [say('view.shop-panel.units'), lines('view.shop-panel.unit')],
            'grits' => [
                say('view.shop-panel.grit-scale-you-think'),
                lines('view.shop-panel.scale'),
            ],
            'clock' => [say('view.shop-panel.clock'), lines('view.shop-panel.hours')],
            'theme' => [
                say('view.shop-panel.shop-light'), lines('view.shop-panel.light'),
            ],
            'tone' => [say('view.shop-panel.tone'), lines('view.shop-panel.tones')],
            'letters' => [say('view.shop-panel.by-letter'), lines('view.shop-panel.letters')],
        ];
    }

    /** @return array{float, float} °C and % RH */
    private function at(string $part): array
    {
        $air = $this->workshop->climate;

        return $part === 'day' ? [$air->dayC, $air->dayRh] : [$air->nightC, $air->nightRh];
    }
}
