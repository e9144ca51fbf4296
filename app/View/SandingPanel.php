<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Abrasive\Grit;
use HonestGrain\Abrasive\HabitPrice;
use HonestGrain\Abrasive\Lubricant;
use HonestGrain\Abrasive\Method;
use HonestGrain\Abrasive\ProgressionFault;
use HonestGrain\Abrasive\Rung;
use HonestGrain\Abrasive\SandingStep;
use HonestGrain\Abrasive\ToolMark;
use HonestGrain\Abrasive\Wiping;
use HonestGrain\Calibration\Calibration;
use HonestGrain\Drawing\ScratchLine;
use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Piece\FacePlan;
use HonestGrain\Piece\FaceUse;
use HonestGrain\Piece\Part;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Sanding;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** One face's sanding as the Surface tab shows it, with the falling scratch line and every other way, priced. */
final readonly class SandingPanel
{
    public FacePlan $plan;

    /** @param  array<string, float>  $prices  of a disc, by grit, where the shelf says */
    private function __construct(
        public Sanding $sanding,
        private Part $part,
        private Bench $bench,
        private array $prices,
        private Show $show,
    ) {
        $this->plan = $part->surface->of($sanding->face);
    }

    /**
     * @param  list<list<Face>>|null  $mounts  faces that are sanded in one mount each
     * @param  array<string, float>  $prices  of a disc, by grit
     * @return list<self>
     */
    public static function all(
        Part $part,
        Bench $bench,
        Measurement $measured,
        ?array $mounts,
        array $prices,
        Show $show,
    ): array {
        return array_values(array_map(
            fn (Sanding $sanding): self => new self($sanding, $part, $bench, $prices, $show),
            Sanding::all($part, $bench, $measured, $mounts),
        ));
    }

    /**
     * Faces that are left as the tool left them.
     *
     * @return list<Face>
     */
    public static function left(Part $part): array
    {
        return array_values(array_filter(
            $part->faces(),
            fn (Face $face): bool => $part->surface->leaves($face),
        ));
    }

    /** "412 cm², 40 % end grain; 360 rpm is 3.2 m/s here" */
    public function place(): string
    {
        $s = $this->sanding;

        return say('view.sanding-panel.end-grain', [
            'area' => $this->show->area($s->zone->areaMm2),
            'endGrainMean' => round($s->zone->endGrainMean * 100),
            'speed' => $s->stopped() ? '' : say('view.sanding-panel.rpm-here', [
                'rpm' => $s->way->rpm,
                'speed' => $this->show->speed($s->way->speedMPerS),
            ]),
        ]);
    }

    /** @return array<string, Said|string> what the tool left, by value */
    public function cuts(): array
    {
        return array_column(array_map(
            fn (ToolMark $mark): array => [$mark->value, $mark->label()], ToolMark::cases(),
        ), 1, 0);
    }

    /** @return array<string, string> what it can be wiped with as a step of its own, by value */
    public function wipings(): array
    {
        return ['' => say('view.sanding-panel.go')] + array_column(array_map(
            fn (Wiping $with): array => [
                $with->value, say('view.sanding-panel.wipe', ['with' => $with->label()]),
            ], Wiping::cases(),
        ), 1, 0);
    }

    /** @return list<string> grits after which it is to be wiped and that it is not sanded with */
    public function wipedElsewhere(): array
    {
        return array_values(array_diff(array_keys($this->plan->wiped), $this->sanding->gritNames()));
    }

    public function cut(): string
    {
        return ($this->plan->cut->by ?? ToolMark::Scraped)->value;
    }

    /** @return array<string, Said|string> the ways that the face allows, by value */
    public function methods(): array
    {
        $offers = $this->sanding->way->offers;
        $open = array_filter(Method::cases(), fn (Method $one): bool => $offers[$one->value] === null);
        $usual = $this->plan->method === null ? ': '.$this->show->said($this->sanding->way->method->label()) : '';

        return ['' => say('view.sanding-panel.usual', ['usual' => $usual])] + array_column(array_map(
            fn (Method $one): array => [$one->value, $one->label()], array_values($open),
        ), 1, 0);
    }

    /** @return list<string> why not in the other ways */
    public function whyNot(): array
    {
        return array_map(
            fn (string $method, Said|string $why): string => mb_ucfirst(
                $this->show->said(Method::from($method)->label()),
            ).': '
                .$this->show->said($why).'.',
            array_keys(array_filter($this->sanding->way->offers)), array_filter($this->sanding->way->offers),
        );
    }

    /** @return array<string, Said|string> */
    public function lubricants(): array
    {
        return ['' => say('view.sanding-panel.dry')] + array_column(array_map(
            fn (Lubricant $one): array => [$one->value, $one->label()], Lubricant::cases(),
        ), 1, 0);
    }

    /** @return array<string, Said|string> what may touch the face */
    public function uses(): array
    {
        return ['' => say('view.sanding-panel.what-piece')] + array_column(array_map(
            fn (FaceUse $one): array => [$one->value, $one->label()], FaceUse::cases(),
        ), 1, 0);
    }

    /** What the way leaves on the wood, in a sentence. */
    public function leaves(): string
    {
        $way = $this->sanding->way;

        return say('view.sanding-panel.leaves', [
            'leaves' => $this->show->said($way->method->leaves()),
            'wet' => match ($way->wet) {
                Lubricant::Oil => say('view.sanding-panel.wet-with-oil'),
                Lubricant::Water => say('view.sanding-panel.wet-with-water'),
                null => '.',
            },
        ]);
    }

    /** "torn over 38 % of it, in two quarters"; empty where it is not. */
    public function torn(): string
    {
        $share = $this->sanding->tornShare;

        return match (true) {
            $share > 0 => say('view.sanding-panel.torn-over-first-grits', [
                'share' => number_format(100 * $share),
            ]),
            $this->plan->cut->by === ToolMark::Torn => say('view.sanding-panel.no-end-grain-stands'),
            default => '',
        };
    }

    public function own(): string
    {
        return implode(', ', array_map(fn (Grit $grit): string => $grit->name, $this->plan->own));
    }

    public function isBare(): bool
    {
        return $this->part->coatPlanFor($this->sanding->face) === null;
    }

    /** @return list<Rung> of the least there is */
    public function rungs(): array
    {
        return $this->sanding->rungs(false);
    }

    /** "P120, P180, P240", those for torn grain first and named so */
    public function grits(): string
    {
        return implode(', ', array_map(
            fn (Rung $rung): string => $this->show->grit($rung->grit->name)
                .($rung->isForTorn ? say('view.sanding-panel.is-torn') : ''),
            $this->rungs(),
        ));
    }

    /** "125 µm, where it is torn" */
    public function grain(Rung $rung): string
    {
        return $this->show->plain($rung->grit->micron).' µm'.($rung->isForTorn
            ? say('view.sanding-panel.where-torn')
            : '');
    }

    /** "24.1 min, 7 discs, 4.20"; minutes with its part of the shared changes */
    public function takes(): string
    {
        $discs = array_sum(array_column($this->rungs(), 'discs'));
        $cost = $this->costOf(array_column(array_map(
            fn (Rung $rung): array => [$rung->grit->name, $rung->discs], $this->rungs(),
        ), 1, 0));

        return say('view.sanding-panel.min', [
            'leastMinutes' => number_format($this->sanding->leastMinutes(), 1),
            'discs' => Quantity::count($discs),
            'cost' => $cost === '' ? '' : ", $cost",
        ]);
    }

    /** Where the hardness of the wood comes from. */
    public function why(): string
    {
        return say('view.sanding-panel.grain-sizes-fepa-iso', [
            'said' => $this->show->said(new Said('figures.sanding')),
            'hardness' => $this->hardness(),
        ]);
    }

    public function powerFloor(): string
    {
        return $this->show->speed($this->calibration()->sanding->powerFloorMPerS);
    }

    /** On what wood the minutes are reckoned where the hardness of this one is unknown. */
    public function reckonedOn(): string
    {
        return $this->show->said(new Said('figures.reckoned'));
    }

    public function missing(): string
    {
        return $this->show->said($this->sanding->missing).($this->sanding->borrowed
            ? say('view.sanding-panel.minutes-those-usual-set') : say('view.sanding-panel.far-goes'));
    }

    /** How fine the last grit must be, and why. */
    public function asked(): string
    {
        $s = $this->sanding;

        return say('view.sanding-panel.asked-last-grain-or', [
            'limitMicron' => $this->show->plain($s->asked->limitMicron),
            'limitUm' => $this->show->plain($s->job->limitUm),
            'because' => $this->show->said($s->asked->because),
        ]);
    }

    /** @return list<string> what would be quicker than the coarsest grits */
    public function advice(): array
    {
        $saves = fn (float $minutes): string => say('view.sanding-panel.saves-min-cut-itself', [
            'minutes' => $this->show->plain($minutes),
        ]);
        $recut = $this->sanding->recutSavesMinutes;
        $stiffen = $this->sanding->stiffenSavesMinutes;

        return array_values(array_filter([
            $recut === null ? '' : say('view.sanding-panel.first-grit-takes-over', [
                'saves' => $saves($recut),
            ]),
            $stiffen === null ? '' : say('view.sanding-panel.where-tears-again-under', [
                'saves' => $saves($stiffen),
            ]),
        ]));
    }

    public function yours(): string
    {
        $own = $this->sanding->own;
        $discs = $own?->discs() ?? 0;

        $cost = $this->costOf(array_column(array_map(
            fn (SandingStep $step): array => [$step->grit->name, $step->discs], $own->steps ?? [],
        ), 1, 0));

        return say('view.sanding-panel.yours-min', [
            'totalMinutes' => number_format($own->totalMinutes ?? 0.0, 1),
            'discs' => Quantity::count($discs),
            'cost' => $cost === '' ? '' : ", $cost",
            'against' => $this->against($own->totalMinutes ?? 0.0),
            'faults' => $own?->faults === [] ? say('view.sanding-panel.no-faulty-step') : '',
        ]);
    }

    public function comparison(): string
    {
        $best = $this->sanding->best;

        return match (true) {
            $this->sanding->missing !== null || $best === null => '',
            $this->sanding->shared->with === []
                && $this->sanding->tornShare <= 0 => say('view.sanding-panel.least-there-from-your'),
            default => say(
                $this->sanding->tornShare > 0 ? 'view.sanding-panel.sanded-alike-all-round'
                    : 'view.sanding-panel.with-part-shared-changes',
                ['grits' => implode(', ', $best->gritNames()), 'minutes' => number_format($best->totalMinutes, 1)],
            ),
        };
    }

    /** @return list<array{string, string, string, string, string, string, list<string>}> every other way, priced */
    public function habits(): array
    {
        $available = Sanding::graded($this->part, $this->bench);

        return array_map(fn (HabitPrice $one): array => [
            $this->show->said($one->habit->label()), implode(
                ', ', array_map($this->show->grit(...), $one->progression->gritNames()),
            ),
            number_format($one->minutes, 1).$this->against($one->minutes), (string) $one->progression->discs(),
            $this->costOf(array_column(array_map(
                fn (SandingStep $step): array => [$step->grit->name, $step->discs], $one->progression->steps,
            ), 1, 0)), number_format($one->scratchUm, 1).' µm', [...$one->habit->besides() === null ? []
                : [mb_ucfirst($this->show->said($one->habit->besides())).'.'], ...array_map(
                    fn (ProgressionFault $fault): string => $this->show->said($fault->message),
                    $one->progression->faults,
                )],
        ], HabitPrice::all($this->sanding->job, $available, $this->bench->table, $this->calibration()));
    }

    /** The scratch depth over the minutes, as steps down to the limit. */
    public function line(): string
    {
        $own = $this->sanding->own === null ? [] : $this->sanding->rungs();
        $minutes = fn (array $rungs): float => array_sum(array_column($rungs, 'minutes'));

        return (new ScratchLine(
            $this->sanding->job, $this->rungs(), $own, max($minutes($this->rungs()), $minutes($own)),
        ))->svg($this->show->plain(...));
    }

    /** "(+4.2 min)" against the least for this face alone; empty where nothing leads there. */
    private function against(float $minutes): string
    {
        $best = $this->sanding->best;
        if ($best === null || $this->sanding->missing !== null) {
            return '';
        }
        $more = $minutes - $best->totalMinutes;

        return abs($more) < 0.05 ? '' : sprintf(' (%s%s)', $more >= 0 ? '+' : '−', number_format(abs($more), 1));
    }

    /**
     * @param  array<string, int>  $discs  by grit
     * @return string empty where one of them has no price
     */
    private function costOf(array $discs): string
    {
        if ($discs === [] || array_diff_key($discs, $this->prices) !== []) {
            return '';
        }

        return number_format(array_sum(array_map(
            fn (string $grit, int $count): float => $this->prices[$grit] * $count, array_keys($discs), $discs,
        )), 2);
    }

    private function hardness(): string
    {
        $wood = $this->part->wood;

        return match (true) {
            $wood->figures->jankaN === null => say('view.sanding-panel.no-hardness-known', [
                'wood' => $wood->said(),
            ]),
            $wood->about('hardness') !== null => $this->show->said($wood->said()).': '
                .number_format($wood->figures->jankaN).' N. '
                .$this->show->said($wood->about('hardness')),
            default => $this->show->said($wood->said()).': '.number_format($wood->figures->jankaN)
                ." N ({$this->show->said($wood->source)}).",
        };
    }

    private function calibration(): Calibration
    {
        return $this->bench->calibration;
    }
}
