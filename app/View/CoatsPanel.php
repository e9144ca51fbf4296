<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Coating\Amount;
use HonestGrain\Coating\Coating;
use HonestGrain\Coating\CureClock;
use HonestGrain\Coating\Exception\Stalled;
use HonestGrain\Coating\Layer;
use HonestGrain\Coating\PairVerdict;
use HonestGrain\Coating\Stack;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Route\LayerWaits;
use Illuminate\Support\Carbon;

/** One coat plan as the Coats tab shows it: verdicts, amounts, film so far and every wait in this shop's air. */
final readonly class CoatsPanel
{
    /** The drawn strata, px: where the wood begins, what the whole film takes at most, and the least a layer is drawn. */
    private const WOOD_Y = 120.0;

    private const FILM_PX = 70.0;

    private const LEAST_PX = 6.0;

    private const WAX_PX = 3.0;

    /**
     * @param  list<Amount>  $amounts
     * @param  list<array<string, string>>  $waits by coat: words for recoat, wax by hand, buff by wheel, handle, full
     *     cure
     * @param  list<string>  $warnings
     * @param  list<PairVerdict>  $overColours  what the first coat does to the colours below it
     */
    private function __construct(
        public int $index,
        public CoatPlan $plan,
        public Stack $stack,
        public array $amounts,
        public array $waits,
        public array $warnings,
        public array $overColours,
    ) {
    }

    /**
     * The coats as strata, first on the wood lowest: films to one scale of thickness, oils as a line within the wood.
     *
     * @return list<array{within: bool, y: float, height: float, fill: string}>
     */
    public function strata(): array
    {
        $total = max([40.0, ...$this->stack->filmUm]);
        $y = self::WOOD_Y;
        $strata = [];
        foreach ($this->plan->coats as $i => $coat) {
            $within = ! $coat->coating->buildsFilm() && ! $coat->coating->isWax();
            $height = $coat->coating->buildsFilm() ? max(self::LEAST_PX, self::FILM_PX * $coat->coating->dryUm() / $total) : self::WAX_PX;
            $y -= $within ? 0 : $height;
            $strata[] = ['within' => $within, 'y' => $within ? self::WOOD_Y + 6 * ($i + 1) : round($y, 1), 'height' => round($height, 1), 'fill' => match (true) {
                $coat->coating->isWax() => '#f3ead0',
                $coat->coating->isShellac() => '#d9a441',
                default => '#e8cf96',
            }];
        }

        return $strata;
    }

    /** @return list<self> */
    public static function all(CorePiece $core, CureClock $clock): array
    {
        $measured = $core->measure();
        $panels = [];
        foreach ($core->coatPlans as $index => $plan) {
            $layers = $amounts = $waits = $warnings = [];
            $zones = array_values(array_intersect_key($measured->zones, array_flip($plan->zones)));
            foreach ($plan->coats as $i => $coat) {
                $layers[] = new Layer(
                    $coat->coating, $coat->denib,
                    $i === 0 ? null : LayerWaits::before($plan->coats[$i - 1]->coating, $coat->coating, $coat->denib),
                );
                $amounts[] = Amount::forCoat($coat->coating, $zones, $i === 0);
                [$waits[], $warned] = self::waits($coat->coating, $clock);
                $warnings = [...$warnings, ...array_map(fn (string $warning): string => "{$coat->coating->class}: $warning", $warned)];
            }
            $panels[] = new self($index, $plan, Stack::judge($core->wood, $layers), $amounts, $waits, array_values(array_unique($warnings)), array_column($plan->overColours($core->marks), 1));
        }

        return $panels;
    }

    /** @return list<string> zones of the piece that no coat covers; the foot follows the outside by itself */
    public static function freeZones(CorePiece $core): array
    {
        return array_values(array_filter(array_keys($core->measure()->zones), fn (string $zone): bool => in_array($zone, CoatPlan::ZONES, true) && $zone !== 'foot' && $core->coatPlanFor($zone) === null));
    }

    /** @return array{array<string, string>, list<string>} */
    private static function waits(Coating $coating, CureClock $clock): array
    {
        $show = app(Show::class);
        $start = Carbon::now()->getTimestamp();
        $warnings = [];
        $timed = function (?float $hours) use ($coating, $clock, $show, $start, &$warnings): string {
            if ($hours === null) {
                return 'no end';
            }
            try {
                $run = $clock->run($hours, $coating->kinetics(), $start);
                $warnings = [...$warnings, ...$run->warnings];

                return $show->hours($run->elapsedHours());
            } catch (Stalled $e) {
                $warnings[] = $e->getMessage();

                return 'never in this air';
            }
        };

        return [[
            'recoat' => $timed($coating->recoatFromHours)
                .($coating->recoatUntilHours === null ? '' : ' to '.$timed($coating->recoatUntilHours)),
            'wax' => $coating->waxAfterHours === null ? '–' : $timed($coating->waxAfterHours),
            'buff' => $coating->buffableHours > 0 ? $timed($coating->buffableHours) : '–',
            'handle' => $timed($coating->handleHours), 'cure' => $coating->neverCures() ? 'never cures' : $timed($coating->fullCureHours()),
        ], array_values(array_unique($warnings))];
    }
}
