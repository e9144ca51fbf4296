<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Coating\Amount;
use HonestGrain\Coating\Coating;
use HonestGrain\Coating\Cure;
use HonestGrain\Coating\CureClock;
use HonestGrain\Coating\Denib;
use HonestGrain\Coating\Exception\Stalled;
use HonestGrain\Coating\Humidity;
use HonestGrain\Coating\Kinetics;
use HonestGrain\Coating\Layer;
use HonestGrain\Coating\PairVerdict;
use HonestGrain\Coating\Stack;
use HonestGrain\Coating\Verdict;
use HonestGrain\Drawing\CoatStrip;
use HonestGrain\Drawing\Strata;
use HonestGrain\Geometry\Face;
use HonestGrain\Piece\Coat;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Tables;
use HonestGrain\Route\CoatRun;
use HonestGrain\Route\LayerWaits;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;
use HonestGrain\Words\Unit;
use Illuminate\Support\Carbon;

/** One coat plan as the Coats tab shows it: verdicts, amounts, film so far and every wait in this shop's air. */
final readonly class CoatsPanel
{
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
        private ?CoatRun $run,
        private string $woodRgb,
        private Tables $tables,
        private Show $show,
    ) {
    }

    public function strata(): string
    {
        return Strata::svg($this->plan, $this->stack, $this->woodRgb);
    }

    /** The same over time; empty where this air never lets it end. */
    public function strip(): string
    {
        return $this->run === null ? '' : (new CoatStrip($this->run->stretches, (string) $this->index))->svg();
    }

    /** "Each coat as soon as it may: the last after 9 h, handled after 1 day, cured after 30 days." */
    public function told(): string
    {
        if ($this->run === null) {
            return '';
        }
        $after = fn (int $at): string => $this->show->hours(($at - $this->run->startAt()) / 3600);

        return say('view.coats-panel.run', [
            'last' => count($this->run->stretches) < 2 ? ''
                : say('view.coats-panel.run-last', ['time' => $after($this->run->lastAt())]),
            'handle' => $after($this->run->handleAt),
            'cure' => $this->run->curedAt === null ? say('view.coats-panel.run-never')
                : say('view.coats-panel.run-cured', ['time' => $after($this->run->curedAt)]),
        ]);
    }

    /** "3 coats, 42 µm of film" */
    public function counted(): string
    {
        return say('view.coats-panel.counted', [
            'coats' => Quantity::count(count($this->plan->coats)), 'film' => $this->isBuilt(),
        ]);
    }

    private function isBuilt(): string
    {
        $um = $this->stack->totalUm();

        return $um > 0
            ? say('view.coats-panel.film', ['um' => number_format($um)])
            : say('view.coats-panel.no-film-wood');
    }

    /** @return list<array{string, string}> verdict and reason, of what a coat goes over and had better not */
    public function objections(int $coat): array
    {
        $pair = $this->stack->pairs[$coat - 1] ?? null;
        $objections = $pair === null || $pair->verdict === Verdict::Fine ? []
            : [[$this->show->said($pair->verdict->words()), $this->judged($pair)]];
        foreach ($this->overColours($coat, false) as [$under, $one]) {
            $objections[] = [
                $this->show->said($one->verdict->words()), say('view.coats-panel.over', [
                    'under' => $under,
                    'judged' => mb_lcfirst($this->judged($one)),
                ]),
            ];
        }

        return $objections;
    }

    private function judged(PairVerdict $pair): string
    {
        return trim($this->show->said($pair->reason).' '.$this->show->said($pair->mend));
    }

    /**
     * What the first coat does to the colours below it, each verdict once with all that it is said of.
     *
     * @return list<array{string, PairVerdict}>
     */
    private function overColours(int $coat, bool $isFine): array
    {
        $said = [];
        foreach ($coat === 0 ? $this->overColours : [] as $over) {
            if (($over->verdict === Verdict::Fine) === $isFine) {
                $said[$over->verdict->value.' '.$this->judged($over)][] = $over;
            }
        }

        return array_values(array_map(fn (array $same): array => [
            implode(', ', array_unique(
                array_map(fn (PairVerdict $one): string => mb_lcfirst($this->show->said($one->under)), $same),
            )),
            $same[0],
        ], $said));
    }

    /** @return list<array{string, string}> what of a coat is looked up when it comes to it: label and words */
    public function later(int $coat): array
    {
        $rows = [[say('view.coats-panel.film-so-far'), $this->film($coat)]];
        foreach (lines('view.coats-panel.later') as $key => $label) {
            $rows[] = [$label, $this->waits[$coat][$key]];
        }

        return $rows;
    }

    /** "under coat 2, oil-varnish blend" */
    public function under(int $number, Coat $coat): string
    {
        return say('view.coats-panel.under', ['number' => $number, 'coat' => $coat->coating->name()]);
    }

    public function lastProduct(): ?string
    {
        return $this->plan->coats[count($this->plan->coats) - 1]->coating->class ?? null;
    }

    /** @return list<string> what lies under a coat and does not mind it, with the reason */
    public function fine(int $coat): array
    {
        $pair = $this->stack->pairs[$coat - 1] ?? null;
        $fine = $pair !== null && $pair->verdict === Verdict::Fine ? [
            say('view.coats-panel.fine', ['reason' => mb_lcfirst($this->show->said($pair->reason))]),
        ] : [];
        foreach ($this->overColours($coat, true) as [$under, $one]) {
            $fine[] = say('view.coats-panel.over-fine', [
                'under' => $under,
                'reason' => mb_lcfirst($this->show->said($one->reason)),
            ]);
        }

        return $fine;
    }

    public function film(int $coat): string
    {
        return $this->stack->filmUm[$coat] > 0 ? number_format($this->stack->filmUm[$coat]).' µm' : '–';
    }

    /** @return list<self> */
    public static function all(Part $part, CureClock $clock, Tables $tables, Show $show): array
    {
        $calibration = $tables->calibration;
        $measured = $part->measure($calibration->shape);
        $panels = [];
        foreach ($part->coatPlans as $index => $plan) {
            $layers = $amounts = $waits = $warnings = [];
            $zones = array_values(array_intersect_key($measured->zones, array_flip(Face::names($plan->zones))));
            foreach ($plan->coats as $i => $coat) {
                $layers[] = new Layer(
                    $coat->coating, $coat->denib,
                    $i === 0 ? null : LayerWaits::before(
                        $tables->pairs, $plan->coats[$i - 1]->coating, $coat->coating, $coat->denib,
                    ),
                );
                $amounts[] = Amount::forCoat($coat->coating, $zones, $i === 0, $calibration->coats);
                [$waits[], $warned] = self::waits($coat->coating, $clock, $show);
                $name = $show->said($coat->coating->name());
                $warnings = [
                    ...$warnings, ...array_map(fn (string $warning): string => "$name: $warning", $warned),
                ];
            }
            $panels[] = new self(
                $index, $plan, Stack::judge($tables->pairs, $part->wood, $layers), $amounts, $waits,
                array_values(array_unique($warnings)),
                array_column($plan->overColours($part->marks, $tables->pairs), 1),
                self::run($plan, $clock, $tables), $part->wood->nature->rgb, $tables, $show,
            );
        }

        return $panels;
    }

    private static function run(CoatPlan $plan, CureClock $clock, Tables $tables): ?CoatRun
    {
        try {
            return $plan->coats === [] ? null
                : CoatRun::of($plan->coats, $tables->pairs, $clock, Carbon::now()->getTimestamp());
        } catch (Stalled) {
            return null;
        }
    }

    /** How waits, amounts and film are worked out, with the figures of the catalogue. */
    public function why(): string
    {
        $rubbed = array_map(
            fn (Denib $denib): float => $denib->removesUm($this->tables->calibration->coats), Denib::cases(),
        );
        $speeds = array_map(fn (Cure $cure): float => $cure->q(), Cure::cases());
        $stays = array_map(
            fn (Coating $coating): float => $coating->residueMl, array_values($this->tables->coatings->coatings()),
        );

        return $this->show->said(new Said('figures.coats', [
            'temp' => Quantity::celsius(Kinetics::REFERENCE_C), 'rh' => Quantity::percent(Humidity::REFERENCE_PERCENT),
            'degree' => $this->show->unit(Unit::Temperature),
            'fast' => Quantity::number(max($speeds)), 'slow' => Quantity::number(min($speeds)),
            'most' => Quantity::ml(max([0.0, ...$stays])),
            'gentle' => Quantity::um(min($rubbed)), 'hard' => Quantity::um(max($rubbed)),
        ]));
    }

    /** @return array<string, bool> names of the faces that take coats, and whether they are ticked to begin with */
    public static function faces(Part $part): array
    {
        $free = self::freeFaces($part);
        $faces = [];
        foreach ($part->faces() as $face) {
            $all = $part->coatPlans !== [] && $free === [] && ! in_array($face, [Face::Foot, Face::Bore], true);
            $faces[$face->value] = in_array($face, $free, true) || $all;
        }

        return $faces;
    }

    /** @return list<Face> those of the part that no coat covers; the foot follows the outside by itself */
    public static function freeFaces(Part $part): array
    {
        return array_values(array_filter(
            $part->faces(),
            fn (Face $face): bool => ! in_array($face, [Face::Foot, Face::Bore], true)
                && $part->coatPlanFor($face) === null,
        ));
    }

    /** @return array{array<string, string>, list<string>} */
    private static function waits(Coating $coating, CureClock $clock, Show $show): array
    {
        $start = Carbon::now()->getTimestamp();
        $warnings = [];
        $timed = function (?float $hours) use ($coating, $clock, $show, $start, &$warnings): string {
            if ($hours === null) {
                return say('view.coats-panel.no-end');
            }
            try {
                $run = $clock->run($hours, $coating->kinetics(), $start);
                $warnings = [...$warnings, ...$run->warnings];

                return $show->hours($run->elapsedHours());
            } catch (Stalled $e) {
                $warnings[] = $e->said;

                return say('view.coats-panel.never-air');
            }
        };

        return [[
            'recoat' => $timed($coating->recoatFromHours)
                .($coating->recoatUntilHours === null ? '' : say('view.coats-panel.to', [
                    'timed' => $timed($coating->recoatUntilHours),
                ])),
            'wax' => $coating->waxAfterHours === null ? '–' : $timed($coating->waxAfterHours),
            'buff' => $coating->buffableHours > 0 ? $timed($coating->buffableHours) : '–',
            'handle' => $timed($coating->handleHours), 'cure' => $coating->neverCures()
                ? say('view.coats-panel.never-cures') : $timed($coating->fullCureHours()),
        ], array_values(array_unique(array_map($show->said(...), $warnings)))];
    }
}
