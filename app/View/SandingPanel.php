<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Abrasive\Grit;
use HonestGrain\Abrasive\Progression;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Sanding;

/** One zone's sanding as the Surface tab shows it, with the falling scratch line. */
final readonly class SandingPanel
{
    private const WIDTH = 560;

    private const HEIGHT = 150;

    private const LEFT = 40;

    private const BOTTOM = self::HEIGHT - 18;

    private function __construct(public Sanding $sanding, public string $own)
    {
    }

    /** @return list<self> */
    public static function all(CorePiece $core, Bench $bench): array
    {
        return array_values(array_map(
            fn (Sanding $sanding): self => new self($sanding, implode(', ', array_map(
                fn (Grit $grit): string => $grit->name, $core->ownGrits[$sanding->zone->id] ?? [],
            ))),
            Sanding::all($core, $bench, $core->measure($bench->minWallMm)),
        ));
    }

    /**
     * What all zones that share their changes of grit take together, minutes.
     *
     * @param  list<self>  $panels
     */
    public static function together(array $panels): float
    {
        return array_sum(array_map(
            fn (self $panel): float => $panel->sanding->with === [] ? 0.0 : $panel->sanding->minutes(), $panels,
        ));
    }

    public function endGrainPercent(): int
    {
        return (int) round($this->sanding->zone->endGrainMean * 100);
    }

    /** Minutes of the zone on the ladder shown, with its part of the shared changes. */
    public function minutes(): string
    {
        $minutes = $this->sanding->own === null ? $this->sanding->minutes() : $this->sanding->best->totalMinutes ?? 0.0;

        return number_format($minutes, 1);
    }

    public function comparison(): string
    {
        $best = $this->sanding->best;

        return match (true) {
            $this->sanding->missing !== null || $best === null => '',
            $this->sanding->shared === null => 'The least there is from your shelf.',
            default => sprintf(
                'With its part of the shared changes; alone the least would be %s, %s min.',
                implode(', ', $best->gritNames()), number_format($best->totalMinutes, 1),
            ),
        };
    }

    /** How the maker's own ladder compares with the shortest for this zone alone. */
    public function ownAgainst(): string
    {
        $own = $this->sanding->own;
        $best = $this->sanding->best;
        if ($own === null || $best === null || $this->sanding->missing !== null) {
            return '';
        }
        $more = $own->totalMinutes - $best->totalMinutes;

        return sprintf(' (%s%s min)', $more >= 0 ? '+' : '−', number_format(abs($more), 1));
    }

    /**
     * The scratch depth over the minutes, as steps down to the limit.
     *
     * @return array{
     *     path: string, limitY: float, floorY: float|null, labels: list<array{x: float, y: float, grit: string}>,
     *     top: float, minutes: float, endX: float, width: int, height: int, left: int, bottom: int,
     * }
     */
    public function line(Progression $progression): array
    {
        $job = $this->sanding->job;
        $scale = max(1.0, $this->longest());
        $x = fn (float $minutes): float => round(self::LEFT + $minutes / $scale * (self::WIDTH - self::LEFT - 70), 1);
        // A root scale: the last few µm decide, and would be a flat line otherwise.
        $y = fn (float $um): float => round(
            self::BOTTOM - sqrt(min(1.0, $um / $job->toolMarkUm)) * (self::HEIGHT - 44), 1,
        );
        $path = sprintf('M%s %s', $x(0), $y($job->toolMarkUm));
        $minutes = 0.0;
        $labels = [];
        foreach ($progression->steps as $step) {
            $minutes += $step->minutes;
            $path .= sprintf(' L%s %s', $x($minutes), $y($step->scratchUm));
            $labels[] = ['x' => $x($minutes), 'y' => $y($step->scratchUm), 'grit' => $step->grit->name];
        }

        return [
            'path' => $path, 'limitY' => $y($job->limitUm),
            'floorY' => $job->floorUm === null ? null : $y($job->floorUm),
            'labels' => $labels, 'top' => $job->toolMarkUm, 'minutes' => $minutes, 'endX' => $x($minutes),
            'width' => self::WIDTH, 'height' => self::HEIGHT, 'left' => self::LEFT, 'bottom' => self::BOTTOM,
        ];
    }

    private function longest(): float
    {
        $s = $this->sanding;

        return max($s->best->totalMinutes ?? 0.0, $s->own->totalMinutes ?? 0.0, $s->shared->totalMinutes ?? 0.0);
    }
}
