<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Coating\Kinetics;
use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Holding\Stance;
use HonestGrain\Piece\Joint;
use HonestGrain\Piece\JointKind;
use HonestGrain\Piece\OwnStep;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\School;
use HonestGrain\Piece\School\Liner;
use HonestGrain\Piece\School\Sealer;
use HonestGrain\Piece\School\Underside;
use HonestGrain\Piece\School\Wet;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Piece\Tables;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\Internal\Work\Bored;
use HonestGrain\Route\Internal\Work\Coats;
use HonestGrain\Route\Internal\Work\Fittings;
use HonestGrain\Route\Internal\Work\Foot;
use HonestGrain\Route\Internal\Work\Green;
use HonestGrain\Route\Internal\Work\Holes;
use HonestGrain\Route\Internal\Work\Joints;
use HonestGrain\Route\Internal\Work\Marked;
use HonestGrain\Route\Internal\Work\PartContext;
use HonestGrain\Route\Internal\Work\Poles;
use HonestGrain\Route\Internal\Work\Repairs;
use HonestGrain\Route\Internal\Work\Roughing;
use HonestGrain\Route\Internal\Work\Sanded;
use HonestGrain\Route\Internal\Work\SandingRun;
use HonestGrain\Route\Internal\Work\Stocks;
use HonestGrain\Route\Internal\Work\Turning;
use HonestGrain\Route\Past;
use HonestGrain\Route\Sanding;
use HonestGrain\Route\Step;
use HonestGrain\Route\StepKind;
use HonestGrain\Route\StepWords;
use HonestGrain\Route\Supplies;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Wait;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * Derives a route: makes the operations of every part, finds what must come before what, and arranges them in mounts.
 *
 * @internal
 */
final class Router
{
    private readonly Piece $piece;

    /** @var array<string, PartContext> by part */
    private array $subjects = [];

    /** @var array<string, Coats> by part */
    private array $coats = [];

    /** @var list<Operation> */
    private array $operations = [];

    /** @var list<Precedence> */
    private array $precedences = [];

    /** @var list<Precedence> what the maker's school asks for: before every other custom */
    private array $preferred = [];

    /** @var list<Precedence> */
    private array $wishes = [];

    /** @var list<Conflict> */
    private array $conflicts;

    /** @var list<Stage>|null how it was arranged */
    private ?array $stages = null;

    private ?Ordering $ordering = null;

    /** @param  array<string, list<list<Face>>>  $mounts  part => faces that are sanded in one mount each */
    private function __construct(
        private readonly Holdings $holdings,
        private readonly Bench $bench,
        private readonly Tables $tables,
        private readonly School $school,
        private readonly Past $past,
        private readonly array $mounts,
    ) {
        $this->piece = $holdings->piece;
        $this->conflicts = $holdings->conflicts;
    }

    /**
     * @return array{list<Step>, list<Conflict>}
     */
    public static function of(Piece $piece, Bench $bench, Tables $tables, Past $past): array
    {
        $school = School::of($piece->school, $bench->school);
        $tables = $tables->calibratedBy($school->speeds($tables->calibration));
        $holdings = Holdings::of($piece, $bench, $tables);
        $piece = $holdings->piece;
        $guessed = [];
        foreach ($piece->parts as $part) {
            $guessed[$part->id] = Sandings::guessed($piece, $part, $school);
        }
        $router = self::derived(
            holdings: $holdings, bench: $bench, tables: $tables, school: $school, past: $past, mounts: $guessed,
        );
        $made = $router->arrange();
        $mounts = Sandings::mounts($made[0]);

        // What shares a change of grit must be in one mount: which those are is known once they are arranged. That
        // changes minutes and no order, so that it need not be searched for again.
        return Sandings::agree($guessed, $mounts) ? $made : $router->resanded($mounts);
    }

    /**
     * @param  array<string, list<list<Face>>>  $mounts
     */
    private static function derived(
        Holdings $holdings,
        Bench $bench,
        Tables $tables,
        School $school,
        Past $past,
        array $mounts,
    ): self {
        $piece = $holdings->piece;
        $router = new self(
            holdings: $holdings, bench: $bench, tables: $tables, school: $school, past: $past, mounts: $mounts,
        );
        foreach ($piece->partsInOrder() as $part) {
            $router->prepare($part);
        }
        foreach ($piece->stock as $stock) {
            [$operations, $chains, $conflicts] = Stocks::of($stock, $router->subjects);
            $router->take($operations, $chains);
            $router->conflicts = [...$router->conflicts, ...$conflicts];
        }
        foreach ($piece->joints as $joint) {
            [$operations, $chains] = Joints::of($joint, $router->subjects, $router->coats);
            $router->take($operations, $chains);
            $router->conflicts = [...$router->conflicts, ...JointConflicts::of($joint, $piece, $tables)];
        }
        $router->precedences = [...$router->precedences, ...Precedences::among($router->operations)];
        foreach ($router->subjects as $subject) {
            $router->take([], [
                ...Green::chains($subject, $router->operations, $router->subjects),
                ...Roughing::chains($subject, $router->operations),
                ...Bored::chains($subject, $router->operations),
            ]);
            $router->held($subject);
            $router->inPartner($subject);
            $router->customs($subject);
        }
        $router->weigh();
        foreach ($piece->steps as $own) {
            $router->own($own);
        }
        foreach ($piece->order as $i => $pair) {
            $router->wish($i, ...$pair);
        }

        return $router;
    }

    private function prepare(Part $part): void
    {
        $measured = $part->measure($this->bench->calibration->shape, $this->bench->minWallMm);
        $sandings = $this->sanded($part, $measured, $this->mounts[$part->id] ?? null);
        $subject = new PartContext(
            piece: $this->piece, part: $part, measured: $measured, sandings: $sandings, tables: $this->tables,
            bench: $this->bench, school: $this->school, instead: $this->holdings->instead[$part->id] ?? null,
        );
        $coats = Coats::of($subject);
        $this->subjects[$part->id] = $subject;
        $this->coats[$part->id] = $coats;
        $this->take(Roughing::of($subject), []);
        $this->take(Turning::of($subject), Turning::chains($subject));
        $this->take(Bored::of($subject), []);
        $this->take(Poles::of($subject), Poles::chains($subject));
        $this->take(Holes::of($subject), Holes::chains($subject));
        $this->take(Repairs::of($subject), Repairs::chains($subject));
        $this->take(Sanded::of($subject), Sanded::chains($subject));
        $this->take(Marked::of($subject), Marked::chains($subject));
        $this->take($coats->operations(), $coats->chains());
        $this->take(Fittings::of($subject), Fittings::chains($subject, $coats));
        $this->take(Foot::of($subject, $coats), Foot::chains($subject, $coats));
        $this->take(Green::of($subject), Fire::chains($subject, $coats));
        $this->conflicts = [
            ...$this->conflicts, ...PartConflicts::of($this->piece, $part, $measured, $this->tables),
            ...SandingConflicts::of($subject), ...Fire::of($subject),
            ...Wetness::of($subject, $this->past), ...LatheLimits::of($subject), ...BoreLimits::of($subject),
            ...ReachLimits::of($subject), ...HoleLimits::of($subject), ...FittingLimits::of($subject),
            ...Holdings::conflicts($subject),
        ];
    }

    /**
     * What is sanded of a part: nothing of a plug, no hole that one closes, no end that is glued in.
     *
     * @param  list<list<Face>>|null  $mounts  faces that are sanded in one mount each
     * @return array<string, Sanding> by face
     */
    private function sanded(Part $part, Measurement $measured, ?array $mounts): array
    {
        $isWet = $this->school->wet === Wet::TurnedOnce && $this->bench->isWet($part->moisturePercent);
        $without = [];
        foreach ($this->piece->joints as $joint) {
            if ($joint->kind === JointKind::Plug && $joint->spigot === $part->id) {
                return [];
            }
            $without = [
                ...$without, ...$joint->kind === JointKind::Plug && $joint->socket === $part->id ? [Face::Bore] : [],
                ...$joint->kind === JointKind::GluedTenon && $joint->spigot === $part->id
                    ? [$joint->entersByFoot($part) ? Face::Foot : Face::Top] : [],
            ];
        }

        return Sanding::all(
            part: $part, bench: $this->bench->inSchool($this->piece->school), measured: $measured, mounts: $mounts,
            isWet: $isWet, without: $without,
        );
    }

    /**
     * @param  list<Operation>  $operations
     * @param  list<Precedence>  $chains
     */
    private function take(array $operations, array $chains): void
    {
        $this->operations = [...$this->operations, ...$operations];
        $this->precedences = [...$this->precedences, ...$chains];
    }

    /** What can only be done on the hold that part-off takes away comes before it. */
    private function held(PartContext $subject): void
    {
        $off = $subject->id('part-off');
        foreach ($subject->isPartedOff() ? $this->operations : [] as $operation) {
            $isHeld = $operation->part === $subject->part->id && $operation->id !== $off
                && $operation->work()->isOnLathe() && $operation->setup->stances === null
                && ! in_array(Face::Foot, $operation->faces(), true) && $operation->doing->places !== [];
            if ($isHeld) {
                $wait = $operation->kind === StepKind::Coat
                    ? $operation->timing->handling ?? $operation->timing->wait : $operation->timing->wait;
                $this->precedences[] = Precedence::rule(
                    $operation->id, $off, $wait, new Said('route.router.done-hold-comes-off'),
                );
            }
        }
    }

    /** What is done to a lid in its box is done while the box sits on its hold, and once they are fitted. */
    private function inPartner(PartContext $subject): void
    {
        $stance = match (true) {
            $subject->isInPartner() => Stance::Main,
            $subject->isFootInPartner() => Stance::Foot,
            default => null,
        };
        $box = $stance === null ? null : $this->piece->boxOf($subject->part) ?? $this->piece->boxUnder($subject->part);
        if ($box === null) {
            return;
        }
        $off = $this->subjects[$box->id]->id('part-off');
        $fits = array_filter($this->piece->joints, fn (Joint $joint): bool => $joint->spigot === $subject->part->id);
        $there = $stance === Stance::Main ? [Face::Outside, Face::Top] : [Face::Foot];
        foreach ($this->operations as $operation) {
            $faces = Face::among($operation->faces(), $there);
            $isIn = $operation->setup->stances === [$stance]
                || ($operation->setup->stances === null && $faces !== []);
            if ($operation->part === $subject->part->id && $operation->work()->isOnLathe() && $isIn) {
                $this->precedences[] = Precedence::rule(
                    $operation->id, $off, $operation->timing->handling ?? $operation->timing->wait,
                    new Said('route.holdings.partner-still-held'),
                );
                // A film in the mouth would bind, or print.
                $isCut = in_array($operation->kind, [StepKind::Turn, StepKind::Sand], true);
                foreach ($isCut ? $this->coats[$box->id]->firsts() : [] as $first) {
                    $this->custom($operation->id, $first->id, new Said('route.holdings.film-in-the-mouth'));
                }
                foreach ($operation->setup->stances === [$stance] ? $fits : [] as $joint) {
                    $this->precedences[] = Precedence::rule(
                        "$joint->id/fit", $operation->id, Wait::none(), new Said('route.turning.in-its-partner'),
                    );
                }
            }
        }
    }

    /** What the maker's school asks for, where more than one way is sound. */
    private function customs(PartContext $subject): void
    {
        $isTurned = $subject->startsAs === StartsAs::Turned;
        if (! $isTurned && $subject->has(Face::Inside)) {
            $isFirst = $this->school->isInsideFirst($subject->part);
            foreach (['hollow', 'sand'] as $what) {
                [$inside, $shape] = [$subject->id($what, Face::Inside), $subject->id('shape', Face::Outside)];
                if ($isFirst) {
                    $this->custom(
                        $inside, $shape, new Said('route.router.inside-finished-while-there'),
                    );
                }
            }
            if (! $isFirst) {
                $this->custom(
                    $subject->id('shape', Face::Outside), $subject->id('hollow', Face::Inside),
                    new Said('route.router.outside-gets-last-line'),
                );
            }
        }
        $this->undersideFirst($subject);
        if (! $isTurned && $this->school->underside === Underside::WithTheRest) {
            $this->custom(
                $subject->id('hollow', Face::Inside), SandingRun::firstId($subject, Face::Outside),
                new Said('route.router.all-sanded-from-hold'),
            );
        }
        if ($this->school->liner === Liner::Last) {
            $this->linerLast($subject);
        }
        $this->sealerEarly($subject);
    }

    /** The sealer before the sanding of its faces, or between two ladders of it. */
    private function sealerEarly(PartContext $subject): void
    {
        $way = $this->school->sealer;
        foreach ($way === Sealer::AfterSanding ? [] : $this->coats[$subject->part->id]->firsts() as $first) {
            foreach ($first->doing->stiffens ? $first->faces() : [] as $face) {
                $before = SandingRun::firstId($subject, $face);
                $last = $subject->id('sand', $face);
                if ($way === Sealer::BeforeSanding || $before !== $last) {
                    $this->custom(
                        $first->id, $way === Sealer::BeforeSanding ? $before : $last,
                        new Said('route.router.sealer-stiffens-fibres-so'),
                    );
                }
                $this->custom(
                    $subject->id('wipe-to-seal', $face), $first->id, new Said('route.router.dust-under-sealer-stays'),
                );
            }
        }
    }

    private function undersideFirst(PartContext $subject): void
    {
        $early = $subject->allCoatedEarly();
        foreach ($early === [] ? [] : $this->coats[$subject->part->id]->beforeRelease() as $last) {
            if (Face::except($last->faces(), $early) === []) {
                $this->preferred[] = Precedence::custom(
                    $last->id, $subject->id('hollow', Face::Inside), $last->timing->handling ?? $last->timing->wait,
                    new Said('route.router.underside-finished-whole-before'),
                );
            }
        }
    }

    private function linerLast(PartContext $subject): void
    {
        $liners = array_filter(
            $this->operations, fn (Operation $one): bool => $one->part === $subject->part->id
                && $one->doing->technique->key() === 'liner',
        );
        foreach ($liners as $liner) {
            foreach ($this->coats[$subject->part->id]->beforeRelease() as $last) {
                if (! in_array(Face::Inside, $last->faces(), true)) {
                    $this->preferred[] = Precedence::custom(
                        $last->id, $liner->id, $last->timing->handling ?? $last->timing->wait,
                        new Said('route.router.outside-finished-first-masked'),
                    );
                }
            }
        }
    }

    private function custom(string $first, string $later, Said $because): void
    {
        $this->preferred[] = Precedence::custom($first, $later, Wait::none(), $because);
    }

    /** The last look at the piece, after all else. */
    private function weigh(): void
    {
        $subject = $this->subjects[$this->piece->body()->id];
        $prints = max(0.0, ...array_values(array_map(
            fn (Coats $coats): float => $coats->printsHours(), $this->coats,
        )));
        $isFood = array_filter($this->coats, fn (Coats $coats): bool => $coats->isFood()) !== [];
        $isRenewed = array_filter($this->coats, fn (Coats $coats): bool => $coats->isRenewed()) !== [];
        $cures = array_filter($this->operations, fn (Operation $one): bool => $one->kind === StepKind::Cure) !== [];
        $weigh = new Operation(
            id: $subject->id('weigh'), kind: StepKind::Ready, part: $subject->part->id,
            doing: new Doing($subject->technique('weigh'), []),
            timing: new Timing($this->tables->calibration->bench->weighMinutes, 200.0),
            setup: new Setup(
                hazards: ! $cures && $isFood ? [Hazard::FoodClaim] : [],
                hold: new Said('route.router.on-the-table'),
            ),
            words: new StepWords(
                new Said('route.router.look-over-weigh'),
                new Said('route.router.last-look-weight-card'),
                how: PartContext::said(
                    new Said('route.router.weight-goes-record'),
                    $prints > 24 ? new Said('route.router.wrap-loosely-paper-tight', [
                        'prints' => Quantity::count(ceil($prints / 24)),
                        'at' => Quantity::celsius(Kinetics::REFERENCE_C),
                    ]) : null,
                    $isRenewed ? new Said('route.router.write-card-oil-renewed') : null,
                ),
                brief: new Said('route.router.look-over-weigh-2'),
            ),
        );
        foreach ($this->operations as $operation) {
            $this->precedences[] = Precedence::rule(
                $operation->id, $weigh->id, $operation->timing->handling ?? $operation->timing->wait, new Said(
                    'route.router.nothing-left-do-then',
                ),
            );
        }
        $this->operations[] = $weigh;
    }

    /** A step of the maker's own: between what it names, or before the part is wiped clean for its coats. */
    private function own(OwnStep $own): void
    {
        $subject = $this->subjects[$own->part ?? $this->piece->body()->id] ?? $this->subjects[$this->piece->body()->id];
        $this->conflicts = [...$this->conflicts, ...OwnStepConflicts::of($own, $subject)];
        $spins = $own->mount?->spins() === true;
        $wait = Wait::hours($own->waitHours);
        $stance = $subject->positions->has(Stance::Foot) && $own->mount === $subject->positions->at(Stance::Foot)->mount
            && $own->mount !== $subject->part->holding->on() ? Stance::Foot : Stance::Main;
        $technique = $this->tables->techniques->named($own->technique);
        $this->operations[] = new Operation(
            id: $own->id, kind: StepKind::Own, part: $subject->part->id,
            doing: new Doing($technique, [], of: [$own->id], on: $own->on === null ? null : [$own->on->face()]),
            supplies: new Supplies(product: $own->product?->class),
            timing: new Timing($own->minutes, 69.0, wait: $wait),
            setup: new Setup(
                work: match (true) {
                    $spins => Work::Spinning,
                    $own->mount === null => $technique->character()->work,
                    default => Work::Lap,
                },
                stances: $spins ? [$stance] : null,
                hazards: [
                    ...Hazard::ofProduct($own->product->hazards ?? []),
                    ...$spins ? [Hazard::Lathe, ...Hazard::ofMount($own->mount), ...$subject->spinning()] : [],
                ],
                hold: $own->mount === null && $technique->character()->work === Work::Hand
                                ? new Said('route.router.you-like') : null,
            ),
            words: new StepWords(
                $own->title,
                new Said($own->mends() ? 'route.router.puts-right' : 'route.router.your-own-step'),
                how: $own->how === null ? [] : [$own->how],
                brief: Said::lower($own->title),
                waitFor: $own->waitHours > 0 ? new Said(
                    $own->mends() ? 'route.router.to-set' : 'route.router.you-set',
                ) : null,
            ),
        );
        $onHold = $spins ? $stance === Stance::Main
            : $own->mount === null && $technique->character()->work->isOnLathe() && $own->on?->face() !== Face::Foot;
        if ($onHold && $subject->isPartedOff()) {
            $this->precedences[] = Precedence::custom(
                $own->id, $subject->id('part-off'), Wait::none(), new Said('route.router.while-held'),
            );
        }
        $before = $this->named($own->before);
        if ($before === [] && $this->named($own->after) === []) {
            $before = [$subject->id('wipe-clean')];
        }
        $because = $own->mends() ? new Said('route.router.what-went-wrong-put') : new Said('route.router.you-set-2');
        foreach ($before as $later) {
            $this->wishes[] = Precedence::wish($own->id, $later, $wait, $own->id, $because);
        }
        foreach ($this->named($own->after) as $first) {
            $this->wishes[] = Precedence::wish(
                $first, $own->id, $this->handlingOf($first), $own->id, new Said('route.router.you-set-2'),
            );
        }
        $this->precedences[] = Precedence::rule(
            $own->id, $this->piece->body()->id.'/weigh', $wait, new Said('route.router.nothing-left-do-then'),
        );
    }

    private function handlingOf(string $id): Wait
    {
        foreach ($this->operations as $operation) {
            if ($operation->id === $id) {
                return $operation->timing->handling ?? $operation->timing->wait;
            }
        }

        return Wait::none();
    }

    private function wish(int $i, string $first, string $later): void
    {
        $firsts = $this->named([$first]);
        $laters = $this->named([$later]);
        if ($firsts === [] || $laters === []) {
            $this->conflicts[] = Conflict::warn(
                [...$firsts, ...$laters], new Said('route.router.order-wants-before-but', [
                    'first' => $first,
                    'later' => $later,
                ]),
                [new Said('route.router.take-wish-out-order')],
            );

            return;
        }
        foreach ($firsts as $one) {
            foreach (array_diff($laters, $firsts) as $other) {
                $this->wishes[] = Precedence::wish($one, $other, $this->handlingOf($one), "$first $later");
            }
        }
    }

    /**
     * @param  list<string>  $names
     * @return list<string> the operations that an operation or an id of the document means
     */
    private function named(array $names): array
    {
        $meant = [];
        foreach ($this->operations as $operation) {
            foreach ($names as $name) {
                if ($operation->isNamed($name)) {
                    $meant[] = $operation->id;
                }
            }
        }

        return array_values(array_unique($meant));
    }

    /**
     * The same route with its faces sanded in other mounts than was guessed.
     *
     * @param  array<string, list<list<Face>>>  $mounts
     * @return array{list<Step>, list<Conflict>}
     */
    private function resanded(array $mounts): array
    {
        $anew = [];
        foreach ($this->subjects as $id => $subject) {
            if (! Sandings::agree([$id => $this->mounts[$id] ?? []], [$id => $mounts[$id] ?? []])) {
                foreach (Sanded::of(new PartContext(
                    piece: $this->piece, part: $subject->part, measured: $subject->measured,
                    sandings: $this->sanded(
                        $subject->part, $subject->measured, $mounts[$id] ?? null,
                    ), tables: $this->tables,
                    bench: $this->bench, school: $this->school,
                )) as $operation) {
                    $anew[$operation->id] = $operation;
                }
            }
        }
        $known = array_map(fn (Operation $operation): string => $operation->id, $this->operations);
        if (array_diff(array_keys($anew), $known) !== []) {
            // Other grits, and with them other places at which the maker breaks off.
            return self::derived(
                holdings: $this->holdings, bench: $this->bench, tables: $this->tables, school: $this->school,
                past: $this->past, mounts: $mounts,
            )->arrange();
        }
        $this->operations = array_map(
            fn (Operation $operation): Operation => $anew[$operation->id] ?? $operation, $this->operations,
        );

        return $this->laidOut();
    }

    /**
     * @return array{list<Step>, list<Conflict>}
     */
    private function arrange(): array
    {
        usort(
            $this->operations,
            fn (Operation $a, Operation $b): int => [$a->timing->rank, $a->id] <=> [$b->timing->rank, $b->id],
        );
        $ids = array_map(fn (Operation $operation): string => $operation->id, $this->operations);
        $this->ordering = Ordering::of($ids, [...$this->preferred, ...$this->precedences], $this->wishes);

        return $this->laidOut();
    }

    /**
     * @return array{list<Step>, list<Conflict>}
     */
    private function laidOut(): array
    {
        $past = $this->past;
        $ordering = $this->ordering ?? throw new \LogicException('It is arranged first.');
        $itinerary = new Itinerary(
            $this->operations, $this->subjects, $ordering, $this->tables->calibration->bench, $this->stages,
        );
        $steps = Sittings::of(
            $itinerary->steps($past->done, $past->again), $this->subjects, $this->tables->calibration->drying,
        );
        $this->stages = $itinerary->stages;

        return [$steps, [
            ...$this->inStepIds($steps), ...Wishes::judged($ordering, $steps, $this->operations),
            ...Remains::of($past, $this->operations, $this->tables),
        ]];
    }

    /**
     * Conflicts name steps of this route: a coat that goes on elsewhere is named as the route does.
     *
     * @param  list<Step>  $steps
     * @return list<Conflict>
     */
    private function inStepIds(array $steps): array
    {
        $ids = array_map(fn (Step $step): string => $step->id, $steps);

        return array_map(function (Conflict $conflict) use ($ids): Conflict {
            $named = [];
            foreach ($conflict->steps as $id) {
                $named = [...$named, ...in_array($id, $ids, true) ? [$id] : $this->named([$id])];
            }

            return $conflict->of(array_values(array_unique($named)));
        }, $this->conflicts);
    }
}
