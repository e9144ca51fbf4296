<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Abrasive\Grit;
use HonestGrain\Abrasive\Progression;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Piece as CorePiece;
use HonestGrain\Route\Sanding;

/** One zone's sanding as the Surface tab shows it, with the falling scratch line. */
final readonly class SandingPanel
{
    private const WIDTH = 560;

    private const HEIGHT = 150;

    private const LEFT = 40;

    private function __construct(public Sanding $sanding, public string $own)
    {
    }

    /** @return list<self> */
    public static function all(CorePiece $core, Bench $bench): array
    {
        return array_values(array_map(
            fn (Sanding $sanding): self => new self($sanding, implode(', ', array_map(fn (Grit $grit): string => $grit->name, $core->ownGrits[$sanding->zone->id] ?? []))),
            Sanding::all($core, $bench, $core->measure($bench->minWallMm)),
        ));
    }

    /**
     * The scratch depth over the minutes, as steps down to the limit.
     *
     * @return array{path: string, limitY: float, floorY: float|null, labels: list<array{x: float, y: float, grit: string, end: bool}>, top: float, minutes: float, width: int, height: int, left: int}
     */
    public function line(Progression $progression): array
    {
        $job = $this->sanding->job;
        $scale = max(1.0, $this->longest());
        $x = fn (float $minutes): float => round(self::LEFT + $minutes / $scale * (self::WIDTH - self::LEFT - 70), 1);
        // A root scale: the last few µm decide, and would be a flat line otherwise.
        $y = fn (float $um): float => round(self::HEIGHT - 18 - sqrt(min(1.0, $um / $job->toolMarkUm)) * (self::HEIGHT - 44), 1);
        $path = sprintf('M%s %s', $x(0), $y($job->toolMarkUm));
        $minutes = 0.0;
        $labels = [];
        foreach ($progression->steps as $i => $step) {
            $minutes += $step->minutes;
            $path .= sprintf(' L%s %s', $x($minutes), $y($step->scratchUm));
            $labels[] = ['x' => $x($minutes), 'y' => $y($step->scratchUm), 'grit' => $step->grit->name, 'end' => $i === count($progression->steps) - 1];
        }

        return ['path' => $path, 'limitY' => $y($job->limitUm), 'floorY' => $job->floorUm === null ? null : $y($job->floorUm), 'labels' => $labels, 'top' => $job->toolMarkUm, 'minutes' => $minutes, 'width' => self::WIDTH, 'height' => self::HEIGHT, 'left' => self::LEFT];
    }

    private function longest(): float
    {
        return max($this->sanding->best->totalMinutes ?? 0.0, $this->sanding->own->totalMinutes ?? 0.0);
    }
}
