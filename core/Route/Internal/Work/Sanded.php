<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Abrasive\Lubricant;
use HonestGrain\Abrasive\Method;
use HonestGrain\Abrasive\Rung;
use HonestGrain\Abrasive\Wiping;
use HonestGrain\Coating\Humidity;
use HonestGrain\Coating\Kinetics;
use HonestGrain\Coating\Solvent;
use HonestGrain\Geometry\Face;
use HonestGrain\Holding\Holding;
use HonestGrain\Holding\Stance;
use HonestGrain\Lathework\Speed;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Piece\Flaw;
use HonestGrain\Piece\Wish;
use HonestGrain\Route\Internal\Doing;
use HonestGrain\Route\Internal\Operation;
use HonestGrain\Route\Internal\Precedence;
use HonestGrain\Route\Internal\Setup;
use HonestGrain\Route\Internal\Timing;
use HonestGrain\Route\Look;
use HonestGrain\Route\Sanding;
use HonestGrain\Route\StepKind;
use HonestGrain\Route\StepWords;
use HonestGrain\Route\Supplies;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Wait;
use HonestGrain\Shelf\Goods;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * The sanding of a part, the raising of its grain and the look that ends it.
 *
 * @internal
 */
final class Sanded
{
    /** Which face comes first where nothing else decides: the inside, while all the wood there is still stands. */
    private const RANKS = [Face::Inside, Face::Bore, Face::Rim, Face::Top, Face::Outside, Face::Foot];

    /** @return list<Operation> */
    public static function of(PartContext $subject): array
    {
        return [
            ...array_merge(...array_map(
                fn (Sanding $sanding): array => self::sanded($subject, $sanding), array_values($subject->sandings),
            )),
            ...self::settled($subject),
            ...self::wipedClean($subject),
        ];
    }

    /** @return list<Precedence> */
    public static function chains(PartContext $subject): array
    {
        $damp = $subject->id('raise-grain');
        $chains = self::wetFaces($subject) === [] ? [] : [Precedence::rule(
            $damp, $subject->id('knock-back'), self::dryWait($subject), new Said('route.sanded.once-wood-dry-again'),
        )];
        foreach ($subject->sandings as $sanding) {
            $before = [];
            foreach (SandingRun::all($subject, $sanding) as $run) {
                foreach ($before as $earlier) {
                    $chains[] = Precedence::rule(
                        $earlier, $run->id, Wait::none(), new Said('route.sanded.coarse-grits-come-before'),
                    );
                }
                $before = [$run->id];
                foreach ($run->breaks as $break) {
                    $wipe = self::wipeId($subject, $sanding, $break);
                    $chains[] = Precedence::rule(
                        $run->id, $wipe, Wait::none(), new Said('route.sanded.there-nothing-wipe-off'),
                    );
                    $before[] = $wipe;
                }
            }
            if ($sanding->way->wet !== null) {
                $chains[] = Precedence::rule(
                    $subject->id('sand', $sanding->face), $subject->id('slurry', $sanding->face),
                    Wait::hours(
                        0, $subject->calibration->bench->slurryHours,
                    ), new Said('route.sanded.left-dry-sets-pores'),
                );
            }
        }

        return $chains;
    }

    /** @return list<Operation> in as many goes as the maker breaks it off */
    private static function sanded(PartContext $subject, Sanding $sanding): array
    {
        $operations = [];
        foreach (SandingRun::all($subject, $sanding) as $n => $run) {
            $operations[] = self::sand($subject, $sanding, $run, $n);
            foreach ($run->breaks as $break) {
                $operations[] = self::wipe($subject, $sanding, $break, $n);
            }
        }

        return $sanding->way->wet === null ? $operations : [...$operations, self::slurry($subject, $sanding)];
    }

    private static function wipeId(PartContext $subject, Sanding $sanding, SandingBreak $break): string
    {
        return $subject->id("wipe-$break->until", $sanding->face);
    }

    private static function wipe(PartContext $subject, Sanding $sanding, SandingBreak $break, int $number): Operation
    {
        $face = $sanding->face;

        return new Operation(
            id: self::wipeId($subject, $sanding, $break), kind: StepKind::DustOff, part: $subject->part->id,
            doing: new Doing(
                $subject->technique('wipe-clean'),
                $subject->places([$face]),
                on: [$face],
                character: Character::done(Work::Hand)
                    ->needs(State::Shaped, new Said('route.sanded.wiped-sanded'))->dusty(),
            ),
            timing: new Timing(
                1.0 + $subject->minutesOver($subject->calibration->coats->wipeOffMinutesPer100Cm2, [$face]),
                self::rank($face, $number) + 0.005,
                wait: $break->with === Wiping::Alcohol ? Wait::hours(
                    $subject->calibration->bench->flashHours,
                ) : null,
            ),
            setup: new Setup(hazards: [Hazard::ofDust($subject->part->wood), ...self::wipingHazards($break->with)]),
            words: new StepWords(
                Said::at($break->title, $face->said()),
                $break->because,
                how: PartContext::said($break->with->how(), $break->insteadOf === null ? null
                : new Said('route.sanded.not-among-grits-face', ['insteadOf' => $break->insteadOf])),
                brief: new Said('route.sanded.wipe-off'),
                waitFor: new Said('route.sanded.to-flash'),
            ),
        );
    }

    /** What wet paper leaves on the work: fine dust in oil or water. */
    private static function slurry(PartContext $subject, Sanding $sanding): Operation
    {
        $face = $sanding->face;
        $isOil = $sanding->way->wet === Lubricant::Oil;

        return new Operation(
            id: $subject->id('slurry', $face), kind: StepKind::DustOff, part: $subject->part->id,
            doing: new Doing(
                $subject->technique('wipe-off'),
                $subject->places([$face]),
                on: [$face],
                character: Character::done(Work::Hand)
                    ->needs(State::Shaped, new Said('route.sanded.comes-sanding'))->leaves(State::Smooth),
            ),
            timing: new Timing(
                1.0 + $subject->minutesOver($subject->calibration->coats->wipeOffMinutesPer100Cm2, [$face]),
                self::rank($face, 9),
                wait: $isOil ? null : self::dryWait($subject),
            ),
            setup: new Setup(hazards: $isOil ? [Hazard::Rags] : []),
            words: new StepWords(
                new Said('route.sanded.wipe-slurry-off', ['face' => $face->said()]),
                new Said('route.sanded.while-wet-dry-stands'),
                how: [$isOil ? new Said(
                    'route.sanded.clean-cloth-across-grain',
                ) : new Said('route.sanded.damp-cloth-rinsed-often')],
                brief: new Said('route.sanded.wipe-slurry-off-2'),
                waitFor: $isOil ? null : new Said('route.sanded.to-dry'),
            ),
        );
    }

    /** @return list<Hazard> */
    private static function wipingHazards(Wiping $with): array
    {
        return match ($with) {
            Wiping::Alcohol => [Hazard::SolventVapour, Hazard::Flame],
            Wiping::Air => [Hazard::CompressedAir],
            Wiping::Cloth => [],
        };
    }

    private static function rank(Face $face, int $number): float
    {
        return 30.0 + (int) array_search($face, self::RANKS, true) / 10 + $number / 100;
    }

    private static function sand(PartContext $subject, Sanding $sanding, SandingRun $run, int $number): Operation
    {
        $face = $sanding->face;
        $isEnd = ($subject->part->holding === Holding::BetweenCentres && in_array($face, [Face::Foot, Face::Top], true))
            || ($face === Face::Foot && $subject->isPartedWhole());
        $isStopped = $sanding->stopped() || $isEnd;
        $way = $sanding->way;

        return new Operation(
            id: $run->id, kind: StepKind::Sand, part: $subject->part->id,
            doing: new Doing(
                $subject->technique($way->wet === null ? 'sand' : 'wet-sand'),
                $subject->places([$face]),
                on: [$face],
            ),
            supplies: new Supplies(
                abrading: $sanding->abrading($subject->part->wood->nature->pore, self::RANKS)->only($run->gritNames()),
            ),
            timing: new Timing(max(1.0, $run->minutes), self::rank($face, $number)),
            setup: new Setup(
                work: match (true) {
                    $isEnd => Work::Hand,
                    $sanding->stopped() => Work::Locked,
                    default => Work::Spinning,
                },
                speed: $isStopped ? null : $way->turns,
                whenSound: $isStopped ? null : $subject->soundRimSpeed()?->under(Speed::rim(
                    $subject->part->profile->diameterMm(), $subject->bench->sandingCapMPerS, 'sanding-rim',
                )),
                hazards: [
                    ...$way->wet === null ? [Hazard::ofDust($subject->part->wood)] : [],
                    ...$isStopped ? [] : $subject->spinning(),
                    ...$way->wet === Lubricant::Water ? [Hazard::WetElectrics] : [],
                    ...$way->wet === Lubricant::Oil ? [Hazard::Rags] : [],
                    ...$subject->wiping() === Wiping::Air ? [Hazard::CompressedAir] : [],
                ],
                hold: match (true) {
                    $isEnd => new Said('route.sanded.hand-grain'),
                    $way->method === Method::SmallDisc => new Said('route.sanded.lathe-stopped-small-disc'),
                    $sanding->stopped() => $way->method->label(),
                    default => new Said('route.sanded.hold', [
                        'how' => $way->method === Method::Hand ? new Said('technique.spinning') : $way->method->label(),
                        'last' => $run->isLast ? new Said('route.sanded.last-grit-along-grain') : null,
                    ]),
                },
            ),
            words: new StepWords(
                self::title($sanding, $run),
                $face === Face::Foot
                ? new Said('route.sanded.once-free-like-rest')
                : new Said('route.sanded.scratches-left-now-show'),
                how: self::how($subject, $sanding, $run, $isStopped),
                brief: new Said('route.sanded.sand-the', ['face' => $face->said()]),
                looks: [Look::RakingLight],
            ),
        );
    }

    private static function title(Sanding $sanding, SandingRun $run): Said
    {
        $names = fn (bool $forTorn): array => array_values(array_map(
            fn (Rung $rung): Said => $rung->grit->said(),
            array_filter($run->rungs, fn (Rung $rung): bool => $rung->isForTorn === $forTorn),
        ));
        $torn = $names(true);
        $rest = $names(false);

        return new Said('route.sanded.sand-the-2', [
            'id' => $sanding->face->said(),
            'what' => $run->isFirst ? null : new Said('route.sanded.on'),
            'what2' => match (true) {
                $torn === [] && $rest === [] => '',
                $torn === [] => new Said('route.sanded.grits', ['rest' => $rest]),
                $rest === [] => new Said('route.sanded.torn-grits', ['torn' => $torn]),
                default => new Said('route.sanded.torn-grits-then', ['torn' => $torn, 'rest' => $rest]),
            },
        ]);
    }

    /** @return list<Said> */
    private static function how(PartContext $subject, Sanding $sanding, SandingRun $run, bool $isStopped): array
    {
        $discs = $run->discs();
        $way = $sanding->way;
        $torn = array_filter($run->rungs, fn (Rung $rung): bool => $rung->isForTorn);

        return PartContext::said(
            $sanding->missing === null || $sanding->own !== null ? null : new Said($sanding->borrowed
                ? 'route.sanded.minutes-those-usual-set' : 'route.sanded.these-grits-go-far', [
                    'missing' => $sanding->missing,
                ]),
            new Said('route.sanded.take-every-scratch-grit', ['discs' => Quantity::count($discs)]),
            $isStopped ? null : new Said('route.sanded.sweep-up-first-take'),
            $isStopped ? null : self::underEdge($subject, $sanding->face),
            $isStopped || $subject->bench->equipment->lathe?->reverses !== true ? null : new Said(
                $subject->part->holding === Holding::BetweenCentres ? 'route.sanded.every-other-way'
                    : 'route.sanded.every-other-way-locked',
            ),
            $torn === [] ? null : new Said('route.sanded.torn-quarters-first-alone'),
            $sanding->shared->with === [] ? null : new Said('route.sanded.one-go-each-grit', [
                'what' => array_map(fn (Face $face): Said => $face->said(), $sanding->shared->with),
            ]),
            match (true) {
                $way->wet === Lubricant::Oil => new Said('route.sanded.paper-wetted-finishing-oil'),
                $way->wet === Lubricant::Water => new Said('route.sanded.paper-wetted-water-no'),
                $subject->isTurnedOnce() => new Said('route.sanded.wet-wood-clogs-paper'),
                default => null,
            },
            $run->isOverSealer ? new Said('route.sanded.through-sealer-light-hand') : null,
            count($run->rungs) < 2 && ! $run->isFirst ? null : new Said('route.sanded.between-grits-look-along', [
                'between' => $subject->wiping()->between(),
            ]),
            in_array($way->method, [Method::Hand, Method::AlongGrain], true) ? null : $way->method->how(),
            $way->isThin && ! $way->method->isPowered()
                ? new Said('route.sanded.so-thin-wall-heats') : null,
            $way->objection === null ? null : new Said('route.sanded.not-that-way', [
                'method' => ($subject->part->surface->of($sanding->face)->method ?? Method::Hand)->label(),
                'objection' => $way->objection,
            ]),
            ! $isStopped && $sanding->tooSlowForPower()
                ? new Said('route.sanded.surface-moves-too-slowly') : null,
        );
    }

    /** How high it may be sanded while it turns, where its rim is not level. */
    private static function underEdge(PartContext $subject, Face $face): ?Said
    {
        $profile = $subject->part->profile;

        return $subject->part->isEdged() && in_array($face, [Face::Outside, Face::Inside], true)
            ? new Said('route.sanded.edge-by-hand', ['level' => Quantity::mm(
                $profile->heightMm() - ($profile->edge->dropMm ?? 0.0),
            )]) : null;
    }

    /** @return list<Operation> the grain raised and cut back where water will come on it */
    private static function settled(PartContext $subject): array
    {
        $faces = self::wetFaces($subject);
        if ($faces === []) {
            return [];
        }
        $coats = $subject->calibration->coats;
        $places = $subject->places($faces);

        return [
            new Operation(
                id: $subject->id('raise-grain'), kind: StepKind::RaiseGrain, part: $subject->part->id,
                doing: new Doing($subject->technique('raise-grain'), $places, on: $faces),
                timing: new Timing(
                    1.0 + $subject->minutesOver($coats->dampMinutesPer100Cm2, $faces),
                    40.0,
                    wait: self::dryWait($subject),
                ),
                words: new StepWords(
                    new Said('route.sanded.damp-wood-raise-grain'),
                    new Said('route.sanded.water-will-raise-fibres'),
                    brief: new Said('route.sanded.raise-grain'),
                    waitFor: new Said('route.sanded.to-dry'),
                ),
            ),
            new Operation(
                id: $subject->id('knock-back'), kind: StepKind::RaiseGrain, part: $subject->part->id,
                doing: new Doing($subject->technique('knock-back'), $places, on: $faces),
                timing: new Timing(1.0 + $subject->minutesOver($coats->knockBackMinutesPer100Cm2, $faces), 41.0),
                setup: new Setup(
                    hazards: [Hazard::ofDust($subject->part->wood)],
                    hold: new Said('route.sanded.hand-along-grain'),
                ),
                words: new StepWords(
                    new Said('route.sanded.knock-raised-grain-back'),
                    new Said('route.sanded.only-standing-fibres-go'),
                    brief: new Said('route.sanded.knock-grain-back'),
                ),
            ),
        ];
    }

    private static function dryWait(PartContext $subject): Wait
    {
        return Wait::hours(
            $subject->calibration->bench->dampHours, null, Kinetics::of(1.5, Humidity::WaterBorne),
        );
    }

    /** @return list<Face> faces that a coat or a colour in water comes on */
    private static function wetFaces(PartContext $subject): array
    {
        $wet = [];
        foreach ($subject->part->coatPlans as $plan) {
            $wet = [...$wet, ...$plan->first()?->solvent === Solvent::Water ? $plan->zones : []];
        }
        foreach ($subject->part->marks as $mark) {
            if ($mark->stain?->raisesGrain === true && $mark->stain->carrier === Solvent::Water) {
                $wet[] = $mark->band->on->face();
            }
        }

        return array_values(array_filter(
            Face::cases(),
            fn (Face $face): bool => in_array($face, $wet, true) && $face !== Face::Foot && $subject->has($face)
                && ! $subject->part->surface->leaves($face),
        ));
    }

    /**
     * Every face that is free is looked over before any coat, all in one, but for what is coated before the rest is
     * turned.
     *
     * @return list<Operation>
     */
    private static function wipedClean(PartContext $subject): array
    {
        if ($subject->isPlug()) {
            return [];
        }
        // What is coated free all round is looked over once it is, its ends with the rest.
        $isFree = $subject->hasCoats() && Coats::releasesEarly($subject);
        $free = array_values(array_filter(
            $subject->faces(), fn (Face $face): bool => ($isFree || ! $subject->isCovered($face))
                // A foot that is done before it is turned round and stays bare is not taken off the jaws for.
                && ($face !== Face::Foot || $subject->part->coatPlanFor($face) !== null
                    || $subject->positions->at(Stance::Main)->reachesAll([$face])
                    || ! $subject->part->holding->leavesFoot()),
        ));
        $wiped = [];
        foreach ($subject->part->coatPlans as $plan) {
            $early = $subject->coatedEarly($plan);
            $wiped = $early === [] ? $wiped
                : [...$wiped, self::wipeClean($subject, "$plan->id/wipe-clean", $early, true)];
            $free = Face::except($free, $early);
        }
        $isCoated = array_filter(
            $subject->part->coatPlans, fn (CoatPlan $plan): bool => $plan->coats !== [],
        ) !== [];

        return [...$wiped, self::wipeClean($subject, $subject->id('wipe-clean'), $free, $isCoated)];
    }

    /** @param  list<Face>  $faces */
    private static function wipeClean(PartContext $subject, string $id, array $faces, bool $isCoated): Operation
    {
        $open = array_map(
            fn (Flaw $flaw): Said => Said::lower($flaw->kind->label()),
            array_values(array_filter($subject->part->flaws, fn (Flaw $flaw): bool => $flaw->wish === Wish::Keep
                && $flaw->kind->isOpen() && in_array($flaw->on->face(), $faces, true))),
        );

        return new Operation(
            id: $id, kind: StepKind::DustOff, part: $subject->part->id,
            doing: new Doing($subject->technique('wipe-clean'), $subject->places($faces), on: $faces),
            supplies: new Supplies(goods: Goods::ofWiping($subject->calibration->shelf)),
            timing: new Timing($subject->calibration->bench->lookMinutes, 70.0),
            setup: new Setup(
                hazards: [
                    Hazard::ofDust($subject->part->wood),
                    ...$open === [] ? [] : [Hazard::CompressedAir],
                    ...self::wipingHazards($subject->wiping()),
                ],
            ),
            words: new StepWords(
                new Said('route.sanded.dust-off-look-over'),
                $isCoated ? new Said('route.sanded.last-chance-see-scratch')
                : new Said('route.sanded.last-chance-take-scratch'),
                how: PartContext::said(
                    $subject->wiping()->how(),
                    $open === [] ? null : new Said('route.sanded.blow-open-out-dust', [
                        'what' => array_values(array_unique($open, SORT_REGULAR)),
                    ]),
                ),
                brief: new Said('route.sanded.dust-off'),
                looks: [$subject->wiping() === Wiping::Alcohol ? Look::Alcohol : Look::RakingLight],
            ),
        );
    }
}
