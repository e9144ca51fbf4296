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
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Zone;
use HonestGrain\Holding\Holding;
use HonestGrain\Holding\Mount;
use HonestGrain\Piece\BuffWith;
use HonestGrain\Piece\Coat;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Piece\Flaw;
use HonestGrain\Piece\FlawPlace;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Purpose;
use HonestGrain\Piece\Tables;
use HonestGrain\Route\LayerWaits;
use HonestGrain\Route\Sanding;
use HonestGrain\Route\Step;
use HonestGrain\Route\StepKind;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Lag;
use HonestGrain\Schedule\Wait;

/**
 * Lays the steps of one part out. Up to the first coat every step follows the one before; each coat
 * plan is then a chain of its own, and the foot waits for all of them.
 *
 * @internal
 *
 * @phpstan-type More array{needs?: array<string, int>, hold: string, because: string, hazards?: list<Hazard>,
 *     how?: list<string>, product?: string|null, amount?: Amount|null, rpm?: int, film?: FilmKind, brief?: string,
 *     technique?: string, mount?: Mount, of?: list<string>}
 */
final class RouteBuilder
{
    /** @var list<Step> */
    private array $steps = [];

    /** @var list<string> the last step of each chain of coats */
    private array $ends = [];

    /** @var list<array{step: string, zones: list<string>, coating: Coating, slowed: float}> every coat laid */
    private array $laid = [];

    /** @var list<Lag> what the next step of the trunk waits for besides the one before it */
    private array $joining = [];

    /** Whether its oil is to be renewed. */
    public bool $renewed = false;

    /** Whether food is to touch it. */
    public bool $isFood = false;

    /** The step before the foot is coated. */
    private string $bare = '';

    /** The step that every chain of coats follows. */
    private string $trunk = '';

    /** @param  array<string, Sanding>  $sandings  by zone */
    public function __construct(
        private readonly Piece $piece,
        private readonly Part $part,
        private readonly Measurement $measured,
        private readonly array $sandings,
        private readonly Tables $tables,
    ) {
    }

    /** @return list<Step> */
    public function steps(): array
    {
        return $this->steps;
    }

    /** All that comes before the part is fitted to another, or coated. */
    public function prepare(): void
    {
        $this->mount();
        $this->repair();
        foreach ($this->sandings as $sanding) {
            $this->sand($sanding);
        }
        $this->raiseGrain();
        $this->marks();
    }

    /** The next step waits for this one of another part too. */
    public function join(string $step, Wait $wait): void
    {
        $this->joining[] = new Lag($step, $wait);
    }

    /** All that comes after it. */
    public function finish(): void
    {
        $this->wipeClean();
        $this->trunk = $this->last()->id;
        foreach ($this->part->coatPlansByFace() as $plan) {
            if ($plan->zones !== ['foot'] && $plan->coats !== []) {
                $this->coats($plan, [new Lag($this->trunk, $this->last($this->trunk)->wait)]);
            }
        }
        $this->foot($this->trunk);
        $this->cure();
    }

    /** The last step so far. */
    public function end(): Step
    {
        return $this->last();
    }

    public function measured(): Measurement
    {
        return $this->measured;
    }

    private function mount(): void
    {
        $holding = $this->part->holding;
        $weak = array_filter(
            $this->part->flaws, fn (Flaw $flaw): bool => $flaw->on === FlawPlace::Foot && $flaw->kind->weakensHold(),
        );
        $this->add(StepKind::Hold, $this->id('mount'), 'whole', $holding->mount(), 8, Wait::none(), '', [
            'needs' => ['turner' => 1, 'lathe' => 1], 'hold' => $holding->mounted(),
            'because' => $holding->because(),
            'hazards' => $this->spinning(),
            'how' => $weak === []
                ? [] : ['The wood at the foot is flawed: bring the tail centre up and leave it there.'],
        ]);
    }

    private function repair(): void
    {
        foreach ($this->part->flaws as $flaw) {
            foreach (Repair::of($flaw, $this->part, $this->tables) as $repair) {
                $id = $repair->goesWith === null ? $flaw->id : "$flaw->id/$repair->goesWith";
                $spins = $repair->onLathe;
                $waits = $repair->wait->minHours > 0 ? 'to set' : '';
                [$zone, $title] = [$flaw->on->zone(), $repair->title];
                $this->add(StepKind::Repair, $id, $zone, $title, $repair->minutes, $repair->wait, $waits, [
                    'needs' => ['turner' => 1] + ($spins ? ['lathe' => 1] : []),
                    'hold' => $spins ? $this->part->holding->mounted().', spinning' : $this->part->holding->mounted()
                        .', lathe stopped',
                    'because' => $repair->because,
                    'hazards' => [...$repair->hazards, ...($spins ? $this->spinning() : [])],
                    'how' => $repair->how, 'product' => $repair->product, 'amount' => $repair->amount,
                    'technique' => $repair->technique, 'mount' => $this->part->holding->on(), 'of' => [$flaw->id],
                ]);
            }
        }
    }

    /** @return list<Hazard> what spinning this part puts at risk */
    private function spinning(): array
    {
        return $this->part->mayFly() ? [Hazard::Lathe, Hazard::FlawedWork] : [Hazard::Lathe];
    }

    private function sand(Sanding $sanding): void
    {
        $zone = $sanding->zone;
        $grits = $sanding->gritNames();
        $title = "Sand the $zone->id".($grits === [] ? '' : ', '.implode(', ', $grits));
        $discs = $sanding->discs();
        $this->add(StepKind::Sand, $this->id('sand', $zone->id), $zone->id, $title, max(
            1.0, $sanding->minutes(),
        ), Wait::none(), '', [
            'needs' => ['turner' => 1, 'lathe' => 1],
            'hold' => $this->part->holding->mounted().($sanding->stopped
                ? ', lathe stopped: a broken edge is never sanded spinning'
                : ', spinning; the last grit along the grain, lathe stopped'),
            'because' => $zone->id === 'outside' || $zone->id === 'top'
                ? 'Before all that comes on it: scratches left now show through.'
                : 'While it still runs true: scratches left now show through all that comes on it.',
            'hazards' => [
                ...($sanding->stopped ? [] : $this->spinning()), Hazard::ofDust($this->part->wood),
            ],
            'how' => self::said([
                $sanding->missing === null || $sanding->own !== null ? '' : $sanding->missing.($sanding->borrowed
                    ? ' The minutes are those of the usual set.'
                    : ' These grits go as far as the shelf does.'),
                sprintf('%d %s; take every scratch of the grit before.', $discs, $discs === 1 ? 'disc' : 'discs'),
                $sanding->with === [] ? '' : sprintf(
                    'In one go with the %s: each grit is changed once for all.', implode(' and the ', $sanding->with),
                ),
                'Between grits: wipe off, look along the surface under a low raking light, pencil round what is left.',
                $sanding->zone->id === 'bore' ? 'With paper round a stick: never a finger in a spinning bore.' : '',
                ! $sanding->stopped && $sanding->tooSlowForPower()
                    ? 'The surface moves too slowly here for a power disc: sand by hand.' : '',
            ]),
            ...($sanding->stopped ? [] : ['rpm' => $sanding->rpm]),
        ]);
    }

    private function raiseGrain(): void
    {
        $plans = array_filter(
            $this->part->coatPlans, fn (CoatPlan $plan): bool => $plan->first()?->solvent === Solvent::Water,
        );
        $marks = array_filter(
            $this->part->marks,
            fn (Mark $mark): bool => $mark->stain?->raisesGrain === true && $mark->stain->carrier === Solvent::Water,
        );
        if ($plans === [] && $marks === []) {
            return;
        }
        $area = array_sum(array_map(fn (Sanding $sanding): float => $sanding->zone->areaMm2, $this->sandings));
        $dry = Wait::hours(1.0, null, Kinetics::of(1.5, Humidity::WaterBorne));
        $damp = 1 + self::per100Cm2($this->tables->calibration->coats->dampMinutesPer100Cm2, $area);
        $this->add(StepKind::RaiseGrain, $this->id('raise-grain'), 'whole', 'Damp the wood to raise '
            .'the grain', $damp, $dry, 'to dry', [
                'hold' => $this->part->holding->mounted(),
                'because' => 'Water will raise the fibres anyway: better now than under the colour or the coat.',
            ]);
        $knock = 1 + self::per100Cm2($this->tables->calibration->coats->knockBackMinutesPer100Cm2, $area);
        $title = 'Knock the raised grain back with the last grit';
        $this->add(StepKind::RaiseGrain, $this->id('knock-back'), 'whole', $title, $knock, Wait::none(), '', [
            'technique' => 'knock-back', 'hold' => 'by hand, along the grain',
            'because' => 'Only the standing fibres go; stop before bare new wood shows.',
            'hazards' => [Hazard::ofDust($this->part->wood)],
        ]);
    }

    private function marks(): void
    {
        foreach ($this->part->marksInOrder($this->piece->order) as $mark) {
            $zone = $mark->band->on->zone();
            $id = $mark->band->id;
            $title = sprintf('%s, %s', $mark->action(), $zone);
            $wait = Wait::hours($mark->waitHours, null, $mark->stain?->kinetics());
            $minutes = $this->part->minutesOf($mark, $this->measured, $this->tables);
            $needs = $mark->technique->needs();
            $this->add(StepKind::Mark, $id, $id, $title, $minutes, $wait, $mark->waitHours > 0 ? 'to dry' : '', [
                'needs' => $needs, 'hold' => $mark->technique->hold($this->part->holding->mounted()),
                'technique' => $mark->technique->key(), 'of' => [$id],
                'mount' => isset($needs['lathe']) ? $this->part->holding->on() : Mount::Lap,
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
                    $mark->colours() && $mark->stain === null
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
        $hazards = [...$mark->technique->hazards(), ...Hazard::ofProduct($mark->stain->hazards ?? [])];
        if (in_array(Hazard::Dust, $hazards, true)) {
            $hazards = [
                ...array_filter($hazards, fn (Hazard $one): bool => $one !== Hazard::Dust),
                Hazard::ofDust($this->part->wood),
            ];
        }

        return array_values(array_unique($hazards, SORT_REGULAR));
    }

    private function wipeClean(): void
    {
        $isCoated = array_filter($this->part->coatPlans, fn (CoatPlan $plan): bool => $plan->coats !== []) !== [];
        $title = 'Dust off and look it over under a raking light';
        $this->add(StepKind::DustOff, $this->id('wipe-clean'), 'whole', $title, 6, Wait::none(), '', [
            'hold' => 'on the bench', 'because' => $isCoated
                ? 'The last chance to see a scratch before a coat shows it for good.'
                : 'The last chance to take a scratch out while the piece is still held.',
            'hazards' => [Hazard::ofDust($this->part->wood)],
        ]);
    }

    /**
     * @param  list<Lag>  $after
     * @param  bool  $again  whether its coats go on the foot after they went on other faces
     */
    private function coats(CoatPlan $plan, array $after, bool $isFoot = false, bool $again = false): void
    {
        $zones = $this->zonesOf($plan, $isFoot);
        if ($zones === []) {
            return;
        }
        $where = count($zones) > 2 || $zones === ['outside', 'top'] ? 'all over' : implode(', ', $zones);
        $count = count($plan->coats);
        $sealed = false;
        $filmUm = 0.0;
        foreach ($plan->coats as $i => $coat) {
            $id = $again ? "$coat->id/foot" : $coat->id;
            if ($coat->denib !== null && $i > 0) {
                $this->denib($coat, $plan, $where, $zones, $filmUm, $after[0]);
                $filmUm = max(0.0, $filmUm - $coat->denib->removesUm($this->tables->calibration->coats));
                $after[] = new Lag("$coat->id/denib", Wait::none());
            }
            $slowed = $this->slowed($coat->coating, $sealed);
            $next = $plan->coats[$i + 1] ?? null;
            $wait = $this->waitAfter($coat->coating, $next?->coating, $next?->denib, $slowed);
            $onLathe = $coat->coating->applied === Laying::OnTheLathe;
            $title = sprintf('%s, coat %d of %d, %s', $coat->coating->class, $i + 1, $count, $where);
            $minutes = $this->coatMinutes($coat->coating, $zones);
            $waitFor = $next === null ? 'to harden' : 'before the next coat';
            $this->addAfter($after, StepKind::Coat, $id, implode(', ', $zones), $title, $minutes, $wait, $waitFor, [
                'needs' => ['turner' => 1] + ($coat->coating->isSprayed() ? ['spray-corner' => 1] : [])
                    + ($onLathe ? ['lathe' => 1] : []),
                'hold' => $this->coatHold($onLathe, $isFoot),
                'mount' => match (true) {
                    $onLathe => $isFoot ? $this->part->holding->reversed() : $this->part->holding->on(),
                    default => Mount::Points,
                },
                'of' => [$coat->id, $plan->id],
                'brief' => $isFoot ? 'the foot\'s coat' : sprintf('coat %d of %d', $i + 1, $count),
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
                            .'%s times.', lcfirst($this->part->wood->name), $slowed,
                    ) : '',
                ]),
                'product' => $coat->coating->class,
                'amount' => Amount::forCoat(
                    $coat->coating, $this->zones($zones), $i === 0, $this->tables->calibration->coats,
                ),
                'film' => $coat->coating->film,
            ]);
            $this->laid[] = ['step' => $id, 'zones' => $zones, 'coating' => $coat->coating, 'slowed' => $slowed];
            $after = [new Lag($id, $wait)];
            $filmUm += $coat->coating->standsUm($i === 0, $this->tables->calibration->coats);
            $sealed = $sealed || $coat->coating->isShellac() || $coat->coating->seals;
        }
        if ($plan->buff !== null) {
            $after = $this->buff($plan, $plan->buff, $isFoot, $where, $zones, $after[0]);
        }
        $this->ends[] = $after[0]->task;
    }

    /** @return list<string> */
    private function zonesOf(CoatPlan $plan, bool $isFoot): array
    {
        return array_values(array_filter(
            $plan->zones,
            fn (string $zone): bool => isset(
                $this->measured->zones[$zone],
            ) && $isFoot === $this->part->holding->covers($zone),
        ));
    }

    private function coatHold(bool $onLathe, bool $isFoot): string
    {
        $holding = $this->part->holding;

        return match (true) {
            $isFoot => $onLathe ? $holding->hold() : 'upside down on a soft pad, foot up',
            $onLathe => $holding->mounted().', spinning slowly at first',
            default => $holding->drying(),
        };
    }

    /** @param  list<string>  $zones */
    private function denib(Coat $coat, CoatPlan $plan, string $where, array $zones, float $filmUm, Lag $before): void
    {
        $denib = $coat->denib ?? throw new \LogicException('Only a coat with a rub before it is rubbed.');
        $dry = new Lag($before->task, Wait::hours($before->wait->minHours, null, $before->wait->kinetics));
        $minutes = 1 + self::per100Cm2($this->tables->calibration->coats->denibMinutesPer100Cm2, $this->area($zones));
        $title = 'Rub down with '.$denib->words().", $where";
        $this->addAfter([$dry], StepKind::Denib, "$coat->id/denib", implode(
            ', ', $zones,
        ), $title, $minutes, Wait::none(), '', [
            'of' => [$coat->id, $plan->id],
            'hold' => 'by hand',
            'because' => sprintf(
                'Takes the nibs and about %.0f µm off, so that the next coat lies flat.', $denib->removesUm(
                    $this->tables->calibration->coats,
                ),
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
    private function buff(CoatPlan $plan, BuffWith $buff, bool $isFoot, string $where, array $zones, Lag $last): array
    {
        $id = "$plan->id/buff";
        $laid = $this->laid[count($this->laid) - 1];
        $harden = Wait::hours(
            $buff->afterHours($laid['coating']) * $laid['slowed'], null, $laid['coating']->kinetics(),
        );
        $minutes = 2 + self::per100Cm2($buff->minutesPer100Cm2($this->tables->calibration->coats), $this->area($zones));
        $title = 'Buff '.$buff->label().", $where";
        $onLathe = ! $isFoot && $buff === BuffWith::Hand;
        $this->addAfter([
            new Lag($last->task, $harden),
        ], StepKind::Buff, $id, implode(', ', $zones), $title, $minutes, Wait::none(), '', [
            'needs' => ['turner' => 1, 'lathe' => 1],
            'mount' => $onLathe ? $this->part->holding->on() : Mount::Lap, 'of' => [$plan->id],
            'hold' => match (true) {
                $onLathe => $this->part->holding->mounted().', slowly',
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
        $holding = $this->part->holding;
        $waits = [];
        foreach ($this->ends === [] ? [$trunk] : $this->ends as $end) {
            $waits[] = new Lag($end, $this->handleWait($end));
        }
        $stands = $this->part === $this->piece->body() && $this->piece->form->stands();
        $minutes = in_array($holding, [Holding::Tenon, Holding::Faceplate], true) && $stands ? 18 : 12;
        [$id, $title] = [$this->id('part-off'), $holding->release($stands)];
        $this->addAfter($waits, StepKind::Foot, $id, 'foot', $title, $minutes, Wait::none(), '', [
            'mount' => $holding->reversed(), 'needs' => ['turner' => 1, 'lathe' => 1], 'hold' => $holding->hold(),
            'because' => $holding->releaseBecause($this->ends !== [], $stands),
            'hazards' => [...$this->spinning(), Hazard::ofDust($this->part->wood)],
            'how' => [$holding->releaseHow(isset($this->measured->zones['inside']))],
        ]);
        [$footPlan, $again] = $this->footPlan();
        $isCoated = $footPlan !== null && isset($this->measured->zones['foot']);
        if ($this->part === $this->piece->body()) {
            $this->add(StepKind::Sign, $this->id('sign'), 'foot', 'Sign and date the foot', 4, Wait::none(), '', [
                'hold' => 'in the lap',
                'because' => $isCoated ? 'On bare wood, before the foot is coated.' : 'On bare wood, now that nothing '
                    .'will rub it off.',
            ]);
        }
        $this->bare = $this->last()->id;
        if ($isCoated) {
            $this->coats($footPlan, [new Lag($this->bare, Wait::none())], true, $again);
        }
    }

    private function cure(): void
    {
        $holding = $this->piece->purpose->holds() ? $this->part->foodZones($this->measured) : [];
        // One product that is not for food, cured or not, and no date can be given for it.
        $eats = $this->piece->purpose === Purpose::Food;
        $refused = array_filter($this->laid, fn (array $laid): bool => $eats && $laid['coating']->food === FoodUse::No
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
        $food = $isFood && $eats ? [Hazard::FoodClaim] : [];
        if ($lags !== []) {
            $title = match (true) {
                $cures && ! $eats => 'Cured through: prove it with standing water, as the label says',
                $cures => 'Cured through: may hold food, as the label says',
                $renewed && ! $eats => 'Hard enough to be handled; the oil is renewed as it wears',
                $renewed => 'Hard enough to be handled; usable for food at once, as the label says',
                default => 'Hard enough to be handled',
            };
            $this->addAfter([
                ...$lags, new Lag($this->bare, Wait::none()),
            ], StepKind::Cure, $this->id('cure'), 'whole', $title, 0, Wait::none(), '', [
                'needs' => [], 'hold' => 'on the rack, air all round',
                'because' => 'Cure is longer than dry: the piece is not ready while a coat is still moving.',
                'hazards' => $food,
            ]);
        }
        $this->renewed = $renewed;
        $this->isFood = $food !== [];
    }

    /** How many reference hours a tight wrap prints on its coats. */
    public function printsHours(): float
    {
        return max([0.0, ...array_map(
            fn (array $laid): float => $laid['coating']->buffableHours * $laid['slowed'],
            array_values(array_filter($this->laid, fn (array $laid): bool => ! $laid['coating']->neverCures())),
        )]);
    }

    /**
     * The foot's own plan, or one coat of the last film or oil that the rest of the part gets, and whether that coat
     * has been laid elsewhere before.
     *
     * @return array{CoatPlan|null, bool}
     */
    private function footPlan(): array
    {
        $plan = $this->part->coatPlanFor('foot') ?? $this->part->coatPlanFor('outside');
        if ($plan === null || $plan->coats === [] || $plan->zones === ['foot']) {
            return [$plan !== null && $plan->coats !== [] ? $plan : null, false];
        }
        // What is laid on with the lathe running cannot be once both ends are parted off.
        $isOffTheLathe = $this->part->holding === Holding::BetweenCentres;
        $coats = array_values(array_filter(
            $plan->coats, fn (Coat $coat): bool => ! ($isOffTheLathe && $coat->coating->applied === Laying::OnTheLathe),
        ));
        $unwaxed = array_values(array_filter($coats, fn (Coat $coat): bool => ! $coat->coating->isWax()));
        $coat = $unwaxed === [] ? $coats[0] ?? null : $unwaxed[count($unwaxed) - 1];

        return [$coat === null ? null : $plan->single(['foot', 'top'], $coat), true];
    }

    private function waitAfter(Coating $coating, ?Coating $next, ?Denib $denib, float $slowed): Wait
    {
        if ($next === null) {
            return Wait::hours($coating->handleHours * $slowed, null, $coating->kinetics());
        }
        $from = LayerWaits::before($this->tables->calibration->coats, $coating, $next, $denib);
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
        return $this->part->wood->oily && ! $sealed && $coating->cure === Cure::Oxidative
            ? $this->tables->calibration->coats->oilyWoodSlows : 1.0;
    }

    private function handleWait(string $id): Wait
    {
        $step = $this->last($id);

        return $step->kind === StepKind::Coat ? $step->wait : Wait::none();
    }

    /** @param  list<string>  $zones */
    private function coatMinutes(Coating $coating, array $zones): float
    {
        return $this->tables->calibration->coats->setupMinutes + self::per100Cm2(
            $coating->applied->minutesPer100Cm2($this->tables->calibration->coats), $this->area($zones),
        );
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

    /** An operation of this part, or of one of its faces. */
    private function id(string $what, ?string $face = null): string
    {
        return $face === null ? "{$this->part->id}/$what" : "{$this->part->id}.$face/$what";
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
        $after = [...$after, ...$this->joining];
        $this->joining = [];
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
        $faces = array_diff(
            array_keys($this->measured->zones), array_map(fn (Mark $mark) => $mark->id(), $this->part->marks),
        );
        $this->steps[] = new Step(
            id: $id, kind: $kind, part: $this->part->id,
            zone: $zone === 'whole' ? implode(', ', $faces) : $zone,
            title: $this->piece->hasParts() ? "{$this->part->name}: ".lcfirst($title) : $title,
            minutes: ceil($minutes - 1e-9), after: $after, wait: $wait, waitFor: $waitFor,
            needs: $more['needs'] ?? ['turner' => 1], hold: $more['hold'], because: $more['because'],
            hazards: $more['hazards'] ?? [], how: $more['how'] ?? [],
            product: $more['product'] ?? null, amount: $more['amount'] ?? null, rpm: $more['rpm'] ?? null,
            film: $more['film'] ?? null, technique: $more['technique'] ?? $kind->technique(),
            mount: $more['mount'] ?? (isset($more['needs']['lathe']) ? $this->part->holding->on() : Mount::Lap),
            of: [$this->part->id, ...$more['of'] ?? []], brief: $more['brief'] ?? lcfirst(explode(',', $title)[0]),
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
