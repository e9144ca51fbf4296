<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Coating\FoodUse;
use HonestGrain\Coating\Humidity;
use HonestGrain\Coating\Kinetics;
use HonestGrain\Coating\Laying;
use HonestGrain\Geometry\Face;
use HonestGrain\Holding\Holding;
use HonestGrain\Holding\Stance;
use HonestGrain\Piece\Coat;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Piece\FaceUse;
use HonestGrain\Piece\School\Liner;
use HonestGrain\Piece\School\Tenon;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Route\Internal\Contents;
use HonestGrain\Route\Internal\Doing;
use HonestGrain\Route\Internal\Operation;
use HonestGrain\Route\Internal\Precedence;
use HonestGrain\Route\Internal\Setup;
use HonestGrain\Route\Internal\Timing;
use HonestGrain\Route\StepKind;
use HonestGrain\Route\StepWords;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Wait;
use HonestGrain\Words\Said;

/**
 * All coats of a part: in one go where the tenon goes early, else in one for what it leaves free and one for the foot;
 * waxes last of all; a liner proved with water; and the time until all is cured.
 *
 * @internal
 */
final class Coats
{
    /** @var list<Operation> */
    private array $operations = [];

    /** @var list<Precedence> */
    private array $chains = [];

    /** @var list<LaidCoat> */
    private array $laid = [];

    /** @var list<Operation> the last operation of each go before the part comes off its hold */
    private array $beforeRelease = [];

    /** @var list<Operation> the first operation of every plan */
    private array $firsts = [];

    /** @var array<string, Operation> plan => the first wax that waits for its foot */
    private array $waxes = [];

    /** Whether its oil is to be renewed. */
    private bool $isRenewed = false;

    private bool $isFood = false;

    private function __construct(private readonly PartContext $subject, public readonly bool $isReleasedEarly)
    {
    }

    public static function of(PartContext $subject): self
    {
        $self = new self($subject, self::releasesEarly($subject));
        foreach ($subject->part->coatPlansByFace() as $number => $plan) {
            $self->plan($plan, 80.0 + $number);
        }
        $self->foot();
        $self->cure();

        return $self;
    }

    /** @return list<Operation> */
    public function operations(): array
    {
        return $this->operations;
    }

    /** @return list<Precedence> */
    public function chains(): array
    {
        return $this->chains;
    }

    /** @return list<Operation> */
    public function beforeRelease(): array
    {
        return $this->beforeRelease;
    }

    /** @return list<Operation> */
    public function firsts(): array
    {
        return $this->firsts;
    }

    /** @return list<Operation> those of what is coated once it is off its hold */
    public function firstsOnceReleased(): array
    {
        $early = $this->subject->allCoatedEarly();

        return array_values(array_filter(
            $this->isReleasedEarly ? $this->firsts : [],
            fn (Operation $first): bool => Face::except($first->faces(), $early) !== [],
        ));
    }

    /** @return list<LaidCoat> */
    public function laid(): array
    {
        return $this->laid;
    }

    public function isRenewed(): bool
    {
        return $this->isRenewed;
    }

    public function isFood(): bool
    {
        return $this->isFood;
    }

    /** How many reference hours a tight wrap prints on its coats. */
    public function printsHours(): float
    {
        return max([0.0, ...array_map(
            fn (LaidCoat $laid): float => $laid->coating->buffableHours * $laid->slowed,
            array_values(array_filter($this->laid, fn (LaidCoat $laid): bool => ! $laid->coating->neverCures())),
        )]);
    }

    /**
     * Whether what holds the part goes before the coats: as the maker likes it, else where the foot is one with them or
     * a mount is saved.
     */
    public static function releasesEarly(PartContext $subject): bool
    {
        $coats = array_merge(...array_map(
            fn (CoatPlan $plan): array => $plan->coats, $subject->part->coatPlans,
        ));
        $spun = array_filter(
            $coats, fn (Coat $coat): bool => $coat->coating->isSpunOn(),
        );
        if (! $subject->isPartedOff() || ($spun !== [] && ! $subject->isCoatedFreed())) {
            return false;
        }
        if ($subject->isCoatedFreed() || $subject->entersByFoot() || $subject->part->keepsCore()) {
            return true;
        }
        $isEarly = self::isFootCoatedWithTheRest($subject) || self::savesMount($subject, $coats)
            || self::isInOneSitting($subject);

        return ($subject->school->tenon ?? ($isEarly ? Tenon::Early : Tenon::Last)) === Tenon::Early;
    }

    private static function isFootCoatedWithTheRest(PartContext $subject): bool
    {
        return array_filter(
            $subject->part->coatPlans,
            fn (CoatPlan $plan): bool => in_array(Face::Foot, $plan->zones, true)
                && count(Face::except($plan->zones, $subject->coatedEarly($plan))) > 1,
        ) !== [];
    }

    /**
     * Where it is parted off as it was turned, it would go back on the lathe after a long wait for nothing else.
     *
     * @param  list<Coat>  $coats
     */
    private static function savesMount(PartContext $subject, array $coats): bool
    {
        $stays = $subject->calibration->bench->staysMountedHours;

        return $subject->partingStance() === Stance::Main && array_filter(
            $coats, fn (Coat $coat): bool => $coat->coating->handleHours > $stays,
        ) !== [];
    }

    /** Whether it is wet and done with the lathe in one sitting: no tenon dries under it while coats do. */
    private static function isInOneSitting(PartContext $subject): bool
    {
        return $subject->isTurnedOnce() && $subject->startsAs === StartsAs::Blank;
    }

    public function whyEarly(): Said
    {
        return new Said(match (true) {
            self::isFootCoatedWithTheRest($this->subject) => 'route.coats.so-foot-coated-rest',
            self::isInOneSitting($this->subject) => 'route.coats.off-while-wet',
            default => 'route.coats.kept-until-after-coats',
        });
    }

    private function plan(CoatPlan $plan, float $rank): void
    {
        $faces = array_values(array_filter($plan->zones, fn (Face $face): bool => $this->subject->has($face)
            && ! $this->subject->isGlued($face) && ($this->isReleasedEarly || ! $this->isCovered($face))));
        if ($faces === [] || $plan->coats === []) {
            return;
        }
        if ($this->isReleasedEarly && in_array(Face::Outside, $faces, true)) {
            $free = array_filter([Face::Foot, Face::Top], fn (Face $face): bool => $this->isCovered($face)
                && ! $this->subject->isGlued($face) && $this->subject->has($face)
                && $this->subject->part->coatPlanFor($face) === null);
            $faces = Face::once([...$faces, ...array_values($free)]);
        }
        $early = Face::among($faces, $this->subject->coatedEarly($plan));
        // What is all coated then is no second go.
        $early = count($early) < count($faces) ? $early : [];
        $faces = Face::except($faces, $early);
        $waxes = $this->isReleasedEarly || ! $this->getsFootCoat($plan) ? [] : self::trailingWaxes($plan);
        $body = array_slice($plan->coats, 0, count($plan->coats) - count($waxes));
        $go = Coated::of(
            subject: $this->subject, plan: $plan, faces: $faces, coats: $body, rank: $rank,
        )->buffed($waxes === [] ? $plan->buff : null, $this->buffedWith($plan, $faces, $early));
        if ($early !== []) {
            $this->early($plan, $early, $rank);
        }
        $this->add($go);
        if ($go->first() !== null) {
            $this->firsts[] = $go->first();
        }
        if ($go->last() !== null && ! $this->isReleasedEarly) {
            $this->beforeRelease[] = $go->last();
        }
        $this->prove($go, $plan, $faces);
        if ($waxes !== []) {
            $all = Face::once([...$faces, ...$this->coveredFaces()]);
            $wax = Coated::of(
                subject: $this->subject, plan: $plan, faces: $all, coats: $waxes, rank: 95.0, over: $go,
            )->buffed($plan->buff, $this->buffedWith($plan, $all, $early));
            $this->add($wax);
            $this->waxes[$plan->id] = $wax->first() ?? throw new \LogicException('There is no wax.');
        }
    }

    /**
     * What is buffed in the end: a wheel takes the whole piece, a hand what it has just coated.
     *
     * @param  list<Face>  $faces
     * @param  list<Face>  $early
     * @return list<Face>
     */
    private function buffedWith(CoatPlan $plan, array $faces, array $early): array
    {
        return $plan->buff?->isOffTheLathe() === true ? Face::once([...$early, ...$faces]) : $faces;
    }

    /**
     * The share of a plan that goes on before the part is turned round.
     *
     * @param  list<Face>  $faces
     */
    private function early(CoatPlan $plan, array $faces, float $rank): void
    {
        $isByWheel = $plan->buff?->isOffTheLathe() === true;
        $go = Coated::of(
            subject: $this->subject, plan: $plan, faces: $faces, coats: $plan->coats, rank: $rank - 0.5,
            go: Go::Early,
        )->buffed($isByWheel ? null : $plan->buff, $faces);
        $this->add($go);
        [$first, $last, $laid] = [$go->first(), $go->last(), $go->laid()];
        if ($first === null || $last === null) {
            return;
        }
        $this->firsts[] = $first;
        $this->beforeRelease[] = $last;
        if ($isByWheel) {
            $top = $laid[count($laid) - 1];
            $this->chains[] = Precedence::rule($last->id, "$plan->id/buff", Wait::hours(
                $plan->buff->afterHours($top->coating) * $top->slowed, null, $top->coating->kinetics(),
            ), new Said('route.coats.whole-piece-goes-wheel'));
        }
    }

    /** The foot, and what else only comes free in the end: its own plan, or one coat of the last that the rest gets. */
    private function foot(): void
    {
        $faces = $this->coveredFaces();
        $plan = $this->subject->part->coatPlanFor(Face::Foot) ?? $this->subject->part->coatPlanFor(Face::Outside);
        if ($this->isReleasedEarly || $faces === [] || $plan === null || $plan->coats === []) {
            return;
        }
        $early = $this->subject->coatedEarly($plan);
        $isOwn = Face::among($plan->zones, $faces) !== []
            && Face::except($plan->zones, [...$faces, ...$early]) === [];
        $coat = $isOwn ? null : $this->footCoat($plan);
        if (! $isOwn && $coat === null) {
            return;
        }
        $go = $coat === null
            ? Coated::of(
                subject: $this->subject, plan: $plan, faces: Face::among($plan->zones, $faces), coats: $plan->coats,
                rank: 93.0,
            )->buffed($plan->buff, Face::among($plan->zones, $faces)) : Coated::of(
                subject: $this->subject, plan: $plan, faces: $faces, coats: [$coat], rank: 93.0, go: Go::Foot,
            );
        $this->add($go);
        if ($coat !== null && $plan->buff?->isOffTheLathe() === true) {
            $this->chains[] = Precedence::custom(
                $go->laid()[0]->last, "$plan->id/buff", Wait::hours(
                    $plan->buff->afterHours($coat->coating), null, $coat->coating->kinetics(),
                ), new Said('route.coats.whole-piece-goes-wheel'),
            );
        }
        foreach (isset($this->waxes[$plan->id]) ? $go->waits() : [] as [$before, $wait]) {
            $this->chains[] = Precedence::rule(
                $before, $this->waxes[$plan->id]->id, $wait, new Said('route.coats.foot-takes-wax-rest'),
            );
        }
    }

    /** Whether the foot takes a coat of this plan after the rest has had all of them. */
    private function getsFootCoat(CoatPlan $plan): bool
    {
        $of = $this->subject->part->coatPlanFor(Face::Foot) ?? $this->subject->part->coatPlanFor(Face::Outside);

        return $of === $plan && $this->coveredFaces() !== [] && $this->footCoat($plan) !== null;
    }

    private function footCoat(CoatPlan $plan): ?Coat
    {
        // What is laid on with the lathe running cannot be once both ends are parted off.
        $isOffTheLathe = $this->subject->part->holding === Holding::BetweenCentres;
        $coats = array_values(array_filter(
            $plan->coats, fn (Coat $coat): bool => ! ($isOffTheLathe && $coat->coating->applied === Laying::OnTheLathe),
        ));
        $unwaxed = array_values(array_filter($coats, fn (Coat $coat): bool => ! $coat->coating->isWax()));

        return $unwaxed === [] ? $coats[0] ?? null : $unwaxed[count($unwaxed) - 1];
    }

    /** @return list<Coat> waxes by hand over something else, which wait for the foot */
    private static function trailingWaxes(CoatPlan $plan): array
    {
        $waxes = [];
        foreach (array_reverse($plan->coats) as $coat) {
            if (! $coat->coating->isWax() || $coat->coating->isSpunOn()) {
                break;
            }
            array_unshift($waxes, $coat);
        }

        return count($waxes) === count($plan->coats) ? [] : $waxes;
    }

    /**
     * Water stands in a liner before anything else is done over it, and what ran down the outside comes off.
     *
     * @param  list<Face>  $faces
     */
    private function prove(Coated $go, CoatPlan $plan, array $faces): void
    {
        $poured = array_values(array_filter(
            $go->laid(), fn (LaidCoat $laid): bool => $laid->coating->applied === Laying::Poured,
        ));
        if ($poured === [] || ! in_array(Face::Inside, $faces, true)) {
            return;
        }
        $subject = $this->subject;
        $figures = $subject->calibration->coats;
        $last = $poured[count($poured) - 1];
        $hard = Wait::hours($last->coating->handleHours, null, $last->coating->kinetics());
        $stands = Wait::hours($figures->waterTestHours);
        $others = Face::except($subject->faces(), [...$faces, Face::Foot, Face::Bore]);
        $isFirst = $subject->school->liner === Liner::First;
        $test = "$last->operation/water-test";
        $this->operations[] = new Operation(
            id: $test, kind: StepKind::Test, part: $subject->part->id,
            doing: new Doing(
                $subject->technique('water-test'),
                $subject->places($isFirst ? [...$faces, ...$others] : $faces),
                of: [$plan->id],
                on: $faces,
            ),
            timing: new Timing($figures->waterTestMinutes, 79.5, wait: $stands),
            setup: new Setup(hazards: [Hazard::WetElectrics]),
            words: new StepWords(
                new Said('route.coats.fill-water-let-stand'),
                new Said('route.coats.liner-proved-not-believed'),
                how: [new Said('route.coats.paper-level-marked-look')],
                brief: new Said('route.coats.water-test'),
                waitFor: new Said('route.coats.water-standing'),
            ),
        );
        $this->chains[] = Precedence::rule(
            $last->operation, $test, $hard, new Said('route.coats.water-whitens-liner-still'),
        );
        $emptied = "$last->operation/emptied";
        $this->operations[] = new Operation(
            id: $emptied, kind: StepKind::Test, part: $subject->part->id,
            doing: new Doing(
                $subject->technique('water-test'),
                $subject->places($isFirst ? [...$faces, ...$others] : $faces),
                of: [$plan->id],
                on: $faces,
            ),
            timing: new Timing(
                $figures->emptyMinutes,
                79.55,
                wait: Wait::hours(
                    $figures->emptiedDryHours, null, Kinetics::of(1.5, Humidity::WaterBorne),
                ),
            ),
            words: new StepWords(
                new Said('route.coats.empty-let-dry'),
                new Said('route.coats.nothing-goes-over-damp'),
                how: [new Said('route.coats.upside-down-sticks-air')],
                brief: new Said('route.coats.empty-it'),
                waitFor: new Said('route.coats.to-dry'),
            ),
        );
        $this->chains[] = Precedence::rule($test, $emptied, $stands, new Said('route.coats.stands-time-or-proves'));
        if ($others === []) {
            return;
        }
        $drips = "$last->operation/drips";
        $this->operations[] = new Operation(
            id: $drips, kind: StepKind::DustOff, part: $subject->part->id,
            doing: $subject->over('wipe-clean', $others, [$plan->id]),
            timing: new Timing($figures->dripsMinutes, 79.6),
            setup: new Setup(hazards: [Hazard::ofDust($subject->part->wood)]),
            words: new StepWords(
                new Said('route.coats.scrape-drips-liner-off'),
                new Said('route.coats.drip-under-coat-outside'),
                brief: new Said('route.coats.drips-liner'),
            ),
        );
        $this->chains[] = Precedence::rule($last->operation, $drips, $hard, new Said('route.coats.soft-drip-smears'));
        $this->chains[] = Precedence::custom(
            $emptied, $drips, Wait::none(), new Said('route.coats.if-weeps-there-will'),
        );
    }

    /** Every coat counts for as long as what the piece is for asks of it, on the faces that are touched by it. */
    private function cure(): void
    {
        $subject = $this->subject;
        $purpose = $subject->piece->purposeOf($subject->part);
        $uses = fn (LaidCoat $laid): array => array_map(
            fn (Face $face): FaceUse => $subject->part->useOf($face, $purpose), $laid->faces,
        );
        // One thing that is not for food, cured or not, and no date can be given for it.
        $eats = $subject->part->facesFor(FaceUse::Food, $purpose) !== [];
        $isRefused = $eats && ! Contents::grantFood($subject->piece, $subject->part, $subject->tables);
        $this->isFood = $eats && ! $isRefused;
        if ($this->laid === []) {
            return;
        }
        $cure = $subject->id('cure');
        $cures = false;
        $isWet = [
            ...$subject->part->facesFor(FaceUse::Water, $purpose),
            ...$subject->part->facesFor(FaceUse::Damp, $purpose),
        ] !== [];
        foreach ($this->laid as $laid) {
            $holdsFood = ! $isRefused && array_filter(
                $uses($laid), fn (FaceUse $use): bool => $use->wantsFullCure(),
            ) !== [];
            $this->isRenewed = $this->isRenewed || ($holdsFood && $laid->coating->food === FoodUse::AtOnce);
            $cures = $cures || ($holdsFood && ! $laid->coating->neverCures());
            $hours = $holdsFood && ! $laid->coating->neverCures()
                ? $laid->coating->fullCureHours() : $laid->coating->handleHours;
            $wait = Wait::hours($hours * $laid->slowed, null, $laid->coating->kinetics());
            $this->chains[] = Precedence::rule($laid->last, $cure, $wait, new Said('route.coats.until-has-had-time'));
        }
        foreach ($this->operations as $operation) {
            if ($operation->kind !== StepKind::Coat) {
                $this->chains[] = Precedence::rule(
                    $operation->id, $cure, Wait::none(), new Said('route.coats.part-finish'),
                );
            }
        }
        $this->operations[] = new Operation(
            id: $cure, kind: StepKind::Cure, part: $subject->part->id,
            doing: new Doing($subject->technique('cure'), $subject->places([]), on: $subject->faces()),
            timing: new Timing(0.0, 98.0),
            setup: new Setup(
                hazards: $this->isFood ? [Hazard::FoodClaim] : [],
                hold: new Said('route.coats.rack-air-all-round'),
            ),
            words: new StepWords(
                match (true) {
                    $cures && $this->isFood => new Said('route.coats.cured-through-may-hold'),
                    $cures && $isWet => new Said('route.coats.cured-through-prove-standing'),
                    $cures => new Said('route.coats.cured-through'),
                    $this->isRenewed && ! $eats => new Said('route.coats.hard-enough-handled-oil'),
                    $this->isRenewed => new Said('route.coats.hard-enough-handled-usable'),
                    default => new Said('route.coats.hard-enough-handled'),
                },
                new Said('route.coats.cure-longer-than-dry'),
                brief: new Said('route.coats.full-cure'),
            ),
        );
    }

    private function add(Coated $go): void
    {
        $this->operations = [...$this->operations, ...$go->operations()];
        $this->chains = [...$this->chains, ...$go->chains()];
        $this->laid = [...$this->laid, ...$go->laid()];
    }

    /** Whether a face only comes free when the part comes off its hold. */
    private function isCovered(Face $face): bool
    {
        return $this->subject->isCovered($face);
    }

    /** @return list<Face> */
    private function coveredFaces(): array
    {
        return array_values(array_filter(
            [Face::Foot, Face::Top], fn (Face $face): bool => $this->isCovered($face) && $this->subject->has($face)
                && ! $this->subject->isGlued($face),
        ));
    }
}
