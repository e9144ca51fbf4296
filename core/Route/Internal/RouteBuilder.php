<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Coating\Amount;
use HonestGrain\Coating\Coating;
use HonestGrain\Coating\Cure;
use HonestGrain\Coating\Denib;
use HonestGrain\Coating\FilmKind;
use HonestGrain\Coating\FoodUse;
use HonestGrain\Coating\Humidity;
use HonestGrain\Coating\Kinetics;
use HonestGrain\Coating\Laying;
use HonestGrain\Coating\Solvent;
use HonestGrain\Geometry\Form;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Zone;
use HonestGrain\Holding\Holding;
use HonestGrain\Piece\BuffWith;
use HonestGrain\Piece\Coat;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Purpose;
use HonestGrain\Route\LayerWaits;
use HonestGrain\Route\Sanding;
use HonestGrain\Route\Step;
use HonestGrain\Route\StepKind;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Lag;
use HonestGrain\Schedule\Wait;
use HonestGrain\Technique\MarkKind;

/**
 * Lays the steps of one piece out. Up to the first coat every step follows the one before; each coat
 * plan is then a chain of its own, and the foot waits for all of them.
 *
 * @internal
 *
 * @phpstan-type More array{needs?: array<string, int>, hold: string, because: string, hazards?: list<Hazard>,
 *     how?: list<string>, product?: string|null, amount?: Amount, rpm?: int, film?: FilmKind}
 */
final class RouteBuilder
{
    /** Oxidative finishes dry this much slower on an oily wood that is not sealed (workshop). */
    private const OILY_WOOD_SLOWS = 2.5;

    /** Getting a product out, stirred, and put away again (workshop). */
    private const COAT_SETUP_MINUTES = 3.0;

    private const DENIB_MINUTES_PER_100CM2 = 0.8;

    private const DAMP_MINUTES_PER_100CM2 = 0.3;

    private const KNOCK_BACK_MINUTES_PER_100CM2 = 0.4;

    /** @var list<Step> */
    private array $steps = [];

    /** @var list<string> the last step of each chain of coats */
    private array $ends = [];

    /** @var list<array{step: string, zones: list<string>, coating: Coating, slowed: float}> every coat laid */
    private array $laid = [];

    /** @param  array<string, Sanding>  $sandings  by zone */
    public function __construct(
        private readonly Piece $piece,
        private readonly Measurement $measured,
        private readonly array $sandings,
    ) {
    }

    /** @return list<Step> */
    public function steps(): array
    {
        $this->mount();
        foreach ($this->sandings as $sanding) {
            $this->sand($sanding);
        }
        $this->raiseGrain();
        $this->marks();
        $this->beforeCoats();
        $trunk = $this->last()->id;
        foreach ($this->piece->coatPlans as $plan) {
            if ($plan->zones !== ['foot'] && $plan->coats !== []) {
                $this->coats($plan, [new Lag($trunk, $this->last($trunk)->wait)]);
            }
        }
        $this->foot($trunk);
        $this->cure();

        return $this->steps;
    }

    private function mount(): void
    {
        $this->add(StepKind::Hold, 'hold', 'whole', $this->piece->holding->mount(), 8, Wait::none(), '', [
            'needs' => ['turner' => 1, 'lathe' => 1], 'hold' => $this->piece->holding->mounted(),
            'because' => $this->piece->holding->because(),
            'hazards' => [Hazard::Lathe],
        ]);
    }

    private function sand(Sanding $sanding): void
    {
        $zone = $sanding->zone;
        $grits = $sanding->gritNames();
        $title = "Sand the $zone->id".($grits === [] ? '' : ', '.implode(', ', $grits));
        $discs = $sanding->discs();
        $this->add(StepKind::Sand, "sand-$zone->id", $zone->id, $title, max(1.0, $sanding->minutes()), Wait::none(), '', [
            'needs' => ['turner' => 1, 'lathe' => 1],
            'hold' => $this->piece->holding->mounted().', spinning; the last grit along the grain, lathe stopped',
            'because' => $zone->id === 'outside' || $zone->id === 'top'
                ? 'Before all that comes on it: scratches left now show through.'
                : 'While it still runs true: scratches left now show through all that comes on it.',
            'hazards' => [Hazard::Lathe, Hazard::ofDust($this->piece->wood)],
            'how' => self::said([
                $sanding->missing === null || $sanding->own !== null ? '' : $sanding->missing.($sanding->borrowed
                    ? ' The minutes are those of the usual set.'
                    : ' These grits go as far as the shelf does.'),
                sprintf('%d %s; take every scratch of the grit before.', $discs, $discs === 1 ? 'disc' : 'discs'),
                $sanding->with === [] ? '' : sprintf(
                    'In one go with the %s: each grit is changed once for all.', implode(' and the ', $sanding->with),
                ),
                'Between grits: wipe off, look along the surface under a low raking light, pencil round what is left.',
                $sanding->tooSlowForPower() ? 'The surface moves too slowly here for a power disc: sand by hand.' : '',
            ]),
            'rpm' => $sanding->rpm,
        ]);
    }

    private function raiseGrain(): void
    {
        $plans = array_filter(
            $this->piece->coatPlans, fn (CoatPlan $plan): bool => $plan->first()?->solvent === Solvent::Water,
        );
        $marks = array_filter(
            $this->piece->marks,
            fn (Mark $mark): bool => $mark->stain?->raisesGrain === true && $mark->stain->carrier === Solvent::Water,
        );
        if ($plans === [] && $marks === []) {
            return;
        }
        $area = array_sum(array_map(fn (Sanding $sanding): float => $sanding->zone->areaMm2, $this->sandings));
        $dry = Wait::hours(1.0, null, Kinetics::of(1.5, Humidity::WaterBorne));
        $damp = 1 + self::per100Cm2(self::DAMP_MINUTES_PER_100CM2, $area);
        $this->add(StepKind::RaiseGrain, 'raise-grain', 'whole', 'Damp the wood to raise '
            .'the grain', $damp, $dry, 'to dry', [
                'hold' => $this->piece->holding->mounted(),
                'because' => 'Water will raise the fibres anyway: better now than under the colour or the coat.',
            ]);
        $knock = 1 + self::per100Cm2(self::KNOCK_BACK_MINUTES_PER_100CM2, $area);
        $title = 'Knock the raised grain back with the last grit';
        $this->add(StepKind::RaiseGrain, 'knock-back', 'whole', $title, $knock, Wait::none(), '', [
            'hold' => 'by hand, along the grain',
            'because' => 'Only the standing fibres go; stop before bare new wood shows.',
            'hazards' => [Hazard::ofDust($this->piece->wood)],
        ]);
    }

    private function marks(): void
    {
        foreach ($this->piece->marksInOrder() as $mark) {
            $zone = $mark->band->on->zone();
            $id = $mark->band->id;
            $title = sprintf('%s, %s', $mark->action(), $zone);
            $wait = Wait::hours($mark->waitHours, null, $mark->stain?->kinetics());
            $minutes = $this->piece->minutesOf($mark, $this->measured);
            $this->add(StepKind::Mark, "mark-$id", $id, $title, $minutes, $wait, $mark->waitHours > 0 ? 'to dry' : '', [
                'needs' => $mark->kind->needs(), 'hold' => $mark->kind->hold($this->piece->holding->mounted()),
                'because' => $mark->because(),
                'hazards' => $this->markHazards($mark),
                'how' => self::said([
                    sprintf(
                        '%.0f to %.0f mm along the %s from its %s.',
                        $mark->band->fromMm, $mark->band->toMm, $zone, $zone === 'outside' ? 'foot' : 'outer edge',
                    ),
                    $mark->stain === null ? '' : sprintf(
                        'With %s; keep a wet edge: it stays open '
                            .'for %s min.', lcfirst($mark->stain->class), $mark->stain->openMinutes,
                    ),
                    $mark->stain->aftercare ?? '',
                    $mark->kind === MarkKind::Dye && $mark->stain === null
                        ? 'Its class is not chosen: read the label for its cautions and its drying time.' : '',
                    $mark->note ?? '',
                ]),
                'product' => $mark->stain?->class,
            ]);
        }
    }

    /** @return list<Hazard> */
    private function markHazards(Mark $mark): array
    {
        $hazards = [...$mark->kind->hazards(), ...Hazard::ofProduct($mark->stain->hazards ?? [])];
        if (in_array(Hazard::Dust, $hazards, true)) {
            $hazards = [
                ...array_filter($hazards, fn (Hazard $one): bool => $one !== Hazard::Dust),
                Hazard::ofDust($this->piece->wood),
            ];
        }

        return array_values(array_unique($hazards, SORT_REGULAR));
    }

    private function beforeCoats(): void
    {
        $isCoated = array_filter($this->piece->coatPlans, fn (CoatPlan $plan): bool => $plan->coats !== []) !== [];
        if ($this->piece->form === Form::LiddedBox) {
            $this->add(StepKind::FitLid, 'fit-lid', 'whole', 'Fit the lid, then ease it off', 15, Wait::none(), '', [
                'needs' => ['turner' => 1, 'lathe' => 1], 'hold' => $this->piece->holding->mounted(),
                'because' => $isCoated
                    ? 'Before any film is built, or the coats glue it shut.'
                    : 'While the mouth still runs true on the lathe.',
                'hazards' => [Hazard::Lathe],
            ]);
        }
        $title = 'Dust off and look it over under a raking light';
        $this->add(StepKind::DustOff, 'dust-off', 'whole', $title, 6, Wait::none(), '', [
            'hold' => 'on the bench', 'because' => $isCoated
                ? 'The last chance to see a scratch before a coat shows it for good.'
                : 'The last chance to take a scratch out while the piece is still held.',
            'hazards' => [Hazard::ofDust($this->piece->wood)],
        ]);
    }

    /** @param  list<Lag>  $after */
    private function coats(CoatPlan $plan, array $after, string $prefix = 'coat'): void
    {
        $zones = $this->zonesOf($plan, $prefix);
        if ($zones === []) {
            return;
        }
        $where = count($zones) > 2 || $zones === ['outside', 'top'] ? 'all over' : implode(', ', $zones);
        $count = count($plan->coats);
        $name = $prefix === 'foot' ? 'foot' : $plan->name();
        $sealed = false;
        $filmUm = 0.0;
        foreach ($plan->coats as $i => $coat) {
            $id = "$prefix-$name-".($i + 1);
            if ($coat->denib !== null && $i > 0) {
                $this->denib($coat->denib, $id, $where, $zones, $filmUm, $after[0]);
                $filmUm = max(0.0, $filmUm - $coat->denib->removesUm());
                $after[] = new Lag("denib-$id", Wait::none());
            }
            $slowed = $this->slowed($coat->coating, $sealed);
            $next = $plan->coats[$i + 1] ?? null;
            $wait = $this->waitAfter($coat->coating, $next?->coating, $next?->denib, $slowed);
            $onLathe = $coat->coating->applied === Laying::OnTheLathe;
            $title = sprintf('%s, coat %d of %d, %s', $coat->coating->class, $i + 1, $count, $where);
            $minutes = $this->coatMinutes($coat->coating, $zones);
            $waitFor = $next === null ? 'to harden' : 'before the next coat';
            $this->addAfter($after, StepKind::Coat, $id, $where, $title, $minutes, $wait, $waitFor, [
                'needs' => ['turner' => 1] + ($coat->coating->isSprayed() ? ['spray-corner' => 1] : [])
                    + ($onLathe ? ['lathe' => 1] : []),
                'hold' => $this->coatHold($onLathe, $prefix),
                'because' => $i === 0
                    ? 'On clean, sanded wood, as soon as the dust is off.'
                    : self::onceDry($after[0]->wait),
                'hazards' => Hazard::ofProduct($coat->coating->hazards),
                'how' => self::said([
                    ucfirst($coat->coating->applied->value).'.',
                    $coat->coating->wipe?->inWords($coat->coating->isWax()) ?? '',
                    $coat->coating->note === '' ? '' : ucfirst($coat->coating->note).'.',
                    $slowed > 1 ? sprintf(
                        'The oil in %s slows it: every wait is counted '
                            .'%s times.', lcfirst($this->piece->wood->name), $slowed,
                    ) : '',
                ]),
                'product' => $coat->coating->class,
                'amount' => Amount::forCoat($coat->coating, $this->zones($zones), $i === 0),
                'film' => $coat->coating->film,
            ]);
            $this->laid[] = ['step' => $id, 'zones' => $zones, 'coating' => $coat->coating, 'slowed' => $slowed];
            $after = [new Lag($id, $wait)];
            $filmUm += $coat->coating->standsUm(onBareWood: $i === 0);
            $sealed = $sealed || $coat->coating->isShellac() || $coat->coating->seals;
        }
        if ($plan->buff !== null) {
            $after = $this->buff($plan->buff, "buff-$prefix-$name", $prefix, $where, $zones, $after[0]);
        }
        $this->ends[] = $after[0]->task;
    }

    /** @return list<string> */
    private function zonesOf(CoatPlan $plan, string $prefix): array
    {
        return array_values(array_filter(
            $plan->zones,
            fn (string $zone): bool => isset(
                $this->measured->zones[$zone],
            ) && ($prefix === 'foot') === $this->piece->holding->covers($zone),
        ));
    }

    private function coatHold(bool $onLathe, string $prefix): string
    {
        $holding = $this->piece->holding;

        return match (true) {
            $prefix === 'foot' => $onLathe ? $holding->hold() : 'upside down on a soft pad, foot up',
            $onLathe => $holding->mounted().', spinning slowly at first',
            default => $holding->drying(),
        };
    }

    /** @param  list<string>  $zones */
    private function denib(Denib $denib, string $coat, string $where, array $zones, float $filmUm, Lag $before): void
    {
        $dry = new Lag($before->task, Wait::hours($before->wait->minHours, null, $before->wait->kinetics));
        $minutes = 1 + self::per100Cm2(self::DENIB_MINUTES_PER_100CM2, $this->area($zones));
        $title = 'Rub down with '.$denib->words().", $where";
        $this->addAfter([$dry], StepKind::Denib, "denib-$coat", $where, $title, $minutes, Wait::none(), '', [
            'hold' => 'by hand',
            'because' => sprintf(
                'Takes the nibs and about %.0f µm off, so that the next coat lies flat.', $denib->removesUm(),
            ),
            'hazards' => [Hazard::Dust],
            'how' => [$filmUm > 0
                ? sprintf(
                    '%.0f µm of film stands, all coats so far. Lightly, and lightest on rims and edges, until it is '
                        .'evenly dull.', $filmUm,
                )
                : 'No film stands yet: only knock the nibs off, with the grain.'],
        ]);
    }

    /**
     * @param  list<string>  $zones
     * @return list<Lag>
     */
    private function buff(BuffWith $buff, string $id, string $prefix, string $where, array $zones, Lag $last): array
    {
        $laid = $this->laid[count($this->laid) - 1];
        $harden = Wait::hours(
            $buff->afterHours($laid['coating']) * $laid['slowed'], null, $laid['coating']->kinetics(),
        );
        $minutes = 2 + self::per100Cm2($buff->minutesPer100Cm2(), $this->area($zones));
        $title = 'Buff '.$buff->label().", $where";
        $onLathe = $prefix !== 'foot' && $buff === BuffWith::Hand;
        $this->addAfter([
            new Lag($last->task, $harden),
        ], StepKind::Buff, $id, $where, $title, $minutes, Wait::none(), '', [
            'needs' => ['turner' => 1, 'lathe' => 1],
            'hold' => match (true) {
                $onLathe => $this->piece->holding->mounted().', slowly',
                $buff === BuffWith::Wheel => 'in both hands, the wheel on the lathe',
                default => 'by hand',
            },
            'because' => $buff === BuffWith::Wheel
                ? 'Only once the last coat is hard right through: the wheel heats it, and drags it while it is soft.'
                : 'As soon as the last coat is hard enough for a cloth: earlier it drags.',
            'hazards' => [Hazard::Lathe],
        ]);

        return [new Lag($id, Wait::none())];
    }

    private function foot(string $trunk): void
    {
        $holding = $this->piece->holding;
        $waits = [];
        foreach ($this->ends === [] ? [$trunk] : $this->ends as $end) {
            $waits[] = new Lag($end, $this->handleWait($end));
        }
        $stands = $this->piece->form !== Form::Spindle;
        $minutes = $holding === Holding::Tenon && $stands ? 18 : 12;
        $this->addAfter($waits, StepKind::Foot, 'foot', 'foot', $holding->release($stands), $minutes, Wait::none(), '', [
            'needs' => ['turner' => 1, 'lathe' => 1], 'hold' => $holding->hold(),
            'because' => $holding->releaseBecause($this->ends !== [], $stands),
            'hazards' => [Hazard::Lathe, Hazard::ofDust($this->piece->wood)],
            'how' => [$holding->releaseHow(isset($this->measured->zones['inside']))],
        ]);
        $footPlan = $this->footPlan();
        $isCoated = $footPlan !== null && isset($this->measured->zones['foot']);
        $this->add(StepKind::Sign, 'sign', 'foot', 'Sign and date the foot', 4, Wait::none(), '', [
            'hold' => 'in the lap',
            'because' => $isCoated ? 'On bare wood, before the foot is coated.' : 'On bare wood, now that nothing '
                .'will rub it off.',
        ]);
        if ($isCoated) {
            $this->coats($footPlan, [new Lag('sign', Wait::none())], 'foot');
        }
    }

    private function cure(): void
    {
        $holding = $this->piece->purpose === Purpose::Food ? $this->piece->foodZones($this->measured) : [];
        // One product that is not for food, cured or not, and no date can be given for it.
        $refused = array_filter($this->laid, fn (array $laid): bool => $laid['coating']->food === FoodUse::No
            && array_intersect($laid['zones'], $holding) !== []);
        $isFood = $holding !== [] && $refused === [];
        $lags = [];
        $cures = $renewed = false;
        foreach ($this->laid as ['step' => $step, 'zones' => $zones, 'coating' => $coating, 'slowed' => $slowed]) {
            $holdsFood = $isFood && array_intersect($zones, $holding) !== [];
            $renewed = $renewed || ($holdsFood && $coating->food === FoodUse::AtOnce);
            $cures = $cures || ($holdsFood && ! $coating->neverCures());
            $hours = $holdsFood && ! $coating->neverCures() ? $coating->fullCureHours() : $coating->handleHours;
            $lags[] = new Lag($step, Wait::hours($hours * $slowed, null, $coating->kinetics()));
        }
        $food = $isFood ? [Hazard::FoodClaim] : [];
        if ($lags !== []) {
            $title = match (true) {
                $cures => 'Cured through: may hold food, as the label says',
                $renewed => 'Hard enough to be handled; usable for food at once, as the label says',
                default => 'Hard enough to be handled',
            };
            $this->addAfter([
                ...$lags, new Lag('sign', Wait::none()),
            ], StepKind::Cure, 'cure', 'whole', $title, 0, Wait::none(), '', [
                'needs' => [], 'hold' => 'on the rack, air all round',
                'because' => 'Cure is longer than dry: the piece is not ready while a coat is still moving.',
                'hazards' => $food,
            ]);
        }
        $print = array_map(
            fn (array $laid): float => $laid['coating']->buffableHours * $laid['slowed'],
            array_values(array_filter($this->laid, fn (array $laid): bool => ! $laid['coating']->neverCures())),
        );
        $this->add(StepKind::Ready, 'ready', 'whole', 'Look it over and weigh it', 6, Wait::none(), '', [
            'hold' => 'on the table', 'because' => 'The last look, and the weight for the card.',
            'how' => self::said([
                'The weight goes on the Record.',
                $print !== [] && max($print) > 24 ? sprintf(
                    'Wrap it loosely in paper: a tight wrap prints until the last coat has had %.0f days '
                        .'at 21 °C.', ceil(max($print) / 24),
                ) : '',
                $renewed ? 'Write on the card that the oil is to be renewed.' : '',
            ]),
            'hazards' => $lags === [] ? $food : [],
        ]);
    }

    /** The foot's own plan, or one coat of the last film or oil that the rest of the piece gets. */
    private function footPlan(): ?CoatPlan
    {
        $plan = $this->piece->coatPlanFor('foot') ?? $this->piece->coatPlanFor('outside');
        if ($plan === null || $plan->coats === [] || $plan->zones === ['foot']) {
            return $plan !== null && $plan->coats !== [] ? $plan : null;
        }
        // What is laid on with the lathe running cannot be once both ends are parted off.
        $isOffTheLathe = $this->piece->holding === Holding::BetweenCentres;
        $coats = array_values(array_filter(
            $plan->coats, fn (Coat $coat): bool => ! ($isOffTheLathe && $coat->coating->applied === Laying::OnTheLathe),
        ));
        $unwaxed = array_values(array_filter($coats, fn (Coat $coat): bool => ! $coat->coating->isWax()));
        $coat = $unwaxed === [] ? $coats[0] ?? null : $unwaxed[count($unwaxed) - 1];

        return $coat === null ? null : CoatPlan::single(['foot', 'top'], $coat->coating);
    }

    private function waitAfter(Coating $coating, ?Coating $next, ?Denib $denib, float $slowed): Wait
    {
        if ($next === null) {
            return Wait::hours($coating->handleHours * $slowed, null, $coating->kinetics());
        }
        $from = LayerWaits::before($coating, $next, $denib);
        $until = $coating->recoatUntilHours < $from ? null : $coating->recoatUntilHours;

        return Wait::hours($from * $slowed, $until === null ? null : $until * $slowed, $coating->kinetics());
    }

    private static function onceDry(Wait $wait): string
    {
        $until = $wait->maxHours === null ? '' : sprintf(
            ', and before its window closes at %s h', round($wait->maxHours, 1),
        );

        return $wait->minHours < 1
            ? sprintf(
                'Once the coat below has had its %d min at 21 °C%s.', max(1, (int) round($wait->minHours * 60)),
                $until,
            )
            : sprintf('Once the coat below has had its %s h at 21 °C%s.', round($wait->minHours, 1), $until);
    }

    /** How many times longer the waits of a coat are on this wood. */
    private function slowed(Coating $coating, bool $sealed): float
    {
        return $this->piece->wood->oily && ! $sealed && $coating->cure === Cure::Oxidative ? self::OILY_WOOD_SLOWS : 1.0;
    }

    private function handleWait(string $id): Wait
    {
        $step = $this->last($id);

        return $step->kind === StepKind::Coat ? $step->wait : Wait::none();
    }

    /** @param  list<string>  $zones */
    private function coatMinutes(Coating $coating, array $zones): float
    {
        return self::COAT_SETUP_MINUTES + self::per100Cm2($coating->applied->minutesPer100Cm2(), $this->area($zones));
    }

    /** @param  list<string>  $zones */
    private function area(array $zones): float
    {
        return array_sum(array_map(fn (Zone $zone): float => $zone->areaMm2, $this->zones($zones)));
    }

    /**
     * @param  list<string>  $zones
     * @return list<Zone>
     */
    private function zones(array $zones): array
    {
        return array_map(fn (string $zone): Zone => $this->measured->zones[$zone], $zones);
    }

    private static function per100Cm2(float $minutes, float $areaMm2): float
    {
        return $minutes * $areaMm2 / 10_000;
    }

    /** @param  More  $more */
    private function add(
        StepKind $kind,
        string $id,
        string $zone,
        string $title,
        float $minutes,
        Wait $wait,
        string $waitFor,
        array $more,
    ): void {
        $after = $this->steps === [] ? [] : [new Lag($this->last()->id, $this->last()->wait)];
        $this->addAfter($after, $kind, $id, $zone, $title, $minutes, $wait, $waitFor, $more);
    }

    /**
     * @param  list<Lag>  $after
     * @param  More  $more
     */
    private function addAfter(
        array $after,
        StepKind $kind,
        string $id,
        string $zone,
        string $title,
        float $minutes,
        Wait $wait,
        string $waitFor,
        array $more,
    ): void {
        $this->steps[] = new Step(
            $id, $kind, $zone, $title, ceil($minutes - 1e-9), $after, $wait, $waitFor,
            $more['needs'] ?? ['turner' => 1], $more['hold'], $more['because'], $more['hazards'] ?? [],
            $more['how'] ?? [],
            $more['product'] ?? null, $more['amount'] ?? null, $more['rpm'] ?? null, $more['film'] ?? null,
        );
    }

    /**
     * @param  list<string>  $lines
     * @return list<string> without the empty ones
     */
    private static function said(array $lines): array
    {
        return array_values(array_filter($lines, fn (string $line): bool => $line !== ''));
    }

    private function last(?string $id = null): Step
    {
        foreach (array_reverse($this->steps) as $step) {
            if ($id === null || $step->id === $id) {
                return $step;
            }
        }

        throw new \LogicException("The route has no step $id.");
    }
}
