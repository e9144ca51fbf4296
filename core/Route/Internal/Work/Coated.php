<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Coating\Amount;
use HonestGrain\Coating\Coating;
use HonestGrain\Coating\Cure;
use HonestGrain\Coating\Kinetics;
use HonestGrain\Coating\Laying;
use HonestGrain\Coating\MixPart;
use HonestGrain\Coating\WipeWindow;
use HonestGrain\Geometry\Face;
use HonestGrain\Piece\BuffWith;
use HonestGrain\Piece\Coat;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Route\Internal\Operation;
use HonestGrain\Route\Internal\Precedence;
use HonestGrain\Route\Internal\Setup;
use HonestGrain\Route\Internal\Timing;
use HonestGrain\Route\LayerWaits;
use HonestGrain\Route\Look;
use HonestGrain\Route\StepKind;
use HonestGrain\Route\StepWords;
use HonestGrain\Route\Supplies;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Wait;
use HonestGrain\Shelf\Goods;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * One go over some faces with some coats of a plan: each laid on, wiped off where it is flooded, rubbed down before the
 * next, and buffed where the plan says so.
 *
 * @internal
 */
final class Coated
{
    /** @var list<Operation> */
    private array $operations = [];

    /** @var list<Precedence> */
    private array $chains = [];

    /** @var list<LaidCoat> */
    private array $laid = [];

    /** @var list<array{string, Wait}> what the next operation on these faces waits for */
    private array $open = [];

    private float $filmUm = 0.0;

    private bool $isSealed = false;

    /**
     * @param  list<Face>  $faces
     * @param  list<Coat>  $coats
     */
    private function __construct(
        private readonly PartContext $subject,
        private readonly CoatPlan $plan,
        private readonly array $faces,
        private readonly array $coats,
        private readonly Go $go,
        private readonly float $rank,
    ) {
    }

    /**
     * @param  list<Face>  $faces
     * @param  list<Coat>  $coats  of the plan, those that go on in this go
     * @param  self|null  $over  the go that these coats go over
     * @param  float  $rank  of its first coat
     */
    public static function of(
        PartContext $subject,
        CoatPlan $plan,
        array $faces,
        array $coats,
        float $rank,
        Go $go = Go::Whole,
        ?self $over = null,
    ): self {
        $self = new self(subject: $subject, plan: $plan, faces: $faces, coats: $coats, go: $go, rank: $rank);
        if ($over !== null) {
            [$self->open, $self->filmUm, $self->isSealed] = [$over->open, $over->filmUm, $over->isSealed];
        }
        foreach ($coats as $i => $coat) {
            $self->coat($coat, $i, $over === null && $i === 0);
        }

        return $self;
    }

    /**
     * The same, buffed in the end where the plan says so.
     *
     * @param  list<Face>  $faces  all that is buffed then: a wheel takes the whole piece
     */
    public function buffed(?BuffWith $buff, array $faces): self
    {
        if ($buff !== null && $this->laid !== []) {
            $this->buff($buff, $faces, $this->laid[count($this->laid) - 1]);
        }

        return $this;
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

    /** @return list<LaidCoat> */
    public function laid(): array
    {
        return $this->laid;
    }

    public function first(): ?Operation
    {
        return $this->operations[0] ?? null;
    }

    /** The last operation on these faces. */
    public function last(): ?Operation
    {
        return $this->operations[count($this->operations) - 1] ?? null;
    }

    /** @return list<array{string, Wait}> what the next operation on these faces waits for */
    public function waits(): array
    {
        return $this->open;
    }

    private function coat(Coat $coat, int $number, bool $isFirst): void
    {
        $subject = $this->subject;
        $coating = $coat->coating;
        $id = $coat->id.$this->go->value;
        $isOfMany = $this->go !== Go::Foot;
        if ($coat->denib !== null && ! $isFirst && $this->open !== [] && $isOfMany) {
            $this->denib($coat);
        }
        foreach ($this->open as [$before, $wait]) {
            $this->chains[] = Precedence::rule($before, $id, $wait, self::onceDry($wait));
        }
        $slowed = $this->slowed($coating);
        $next = $this->following($coat);
        $handling = Wait::hours($coating->handleHours * $slowed, null, $coating->kinetics());
        $wait = $next === null ? $handling : $this->recoat($coating, $next, $slowed);
        $amount = Amount::forCoat(
            $coating, $subject->zones($this->faces), $isFirst, $subject->calibration->coats,
        );
        $position = 1 + (int) array_search($coat, $this->plan->coats, true);
        $count = count($this->plan->coats);
        $window = $coating->applied === Laying::Wiped ? $coating->wipe : null;
        $this->operations[] = new Operation(
            id: $id, kind: StepKind::Coat, part: $subject->part->id,
            doing: $subject->over(
                $this->technique($coating), $this->faces, [$coat->id, $this->plan->id],
                stiffens: $isFirst && $coating->isThinUnderPolish(),
            ),
            supplies: new Supplies(
                product: $coating->class, amount: $amount, film: $coating->film,
                goods: Goods::ofCoat($coating, $subject->calibration->shelf),
            ),
            timing: new Timing(
                minutes: $this->minutes($coating),
                rank: $this->rank + $number / 100,
                wait: $window === null ? $wait : self::untilWiped($window),
                handling: $handling,
                pressing: Wait::hours($coating->clampAfterHours * $slowed, null, $coating->kinetics()),
                dustFree: $window === null ? Wait::hours($coating->dustFreeHours * $slowed, null, $coating->kinetics())
                : Wait::hours($window->afterMinutes / 60),
            ),
            setup: new Setup(
                work: $this->work($coating, $next, $wait),
                hazards: [
                    ...Hazard::ofProduct($coating->hazards), ...$this->isOnLathe($coating) ? $subject->spinning() : [],
                ],
                hold: $this->isOnLathe($coating) ? new Said('route.coated.spinning-slowly-first') : null,
            ),
            words: new StepWords(
                title: $isOfMany ? new Said('route.coated.coat-of', [
                    'class' => $coating->name(),
                    'position' => Quantity::count($position),
                    'count' => Quantity::count($count),
                    'where' => $this->where(),
                ]) : new Said('route.coated.one-coat', ['class' => $coating->name(), 'where' => $this->where()]),
                because: $this->open === []
                ? new Said('route.coated.clean-sanded-wood-soon') : self::onceDry($this->open[0][1]),
                how: PartContext::said(
                    $isFirst && ! $isOfMany ? new Said('route.coated.dust-off-first') : null, $coating->readied(),
                    new Said("coating.laying.{$coating->applied->value}"), $coating->wipe?->inWords($coating->isWax()),
                    new Said('route.coated.note', ['note' => $coating->note()]), self::mixed($coating, $amount),
                    $this->laidInside($coating),
                    $slowed > 1 ? new Said('route.coated.oil-slows-every-wait', [
                        'wood' => $subject->part->wood->said(),
                        'slowed' => Quantity::count($slowed),
                    ]) : null, ...$isFirst && $isOfMany ? $subject->masks() : [],
                ),
                brief: $isOfMany ? new Said('route.coated.coat-of-2', [
                    'position' => Quantity::count($position),
                    'count' => Quantity::count($count),
                ]) : new Said('route.coated.foots-coat'),
                waitFor: $window !== null ? new Said('route.coated.to-soak-in')
                : ($next === null ? new Said('route.coated.to-harden') : new Said('route.coated.before-next-coat')),
                looks: $isFirst || $coat->denib !== null ? [] : [Look::Sheen],
            ),
        );
        $this->open = [[$id, $wait]];
        if ($coating->isAbrasivePaste()) {
            $this->wipePaste($coat, $id, $wait, $number);
        }
        if ($window !== null) {
            $this->wipeOff(
                coat: $coat, window: $window, after: $id, wait: $wait, number: $number, isLast: $next === null,
            );
        }
        $this->laid[] = new LaidCoat($id, $this->faces, $coating, $slowed, $this->last()->id ?? $id);
        $this->filmUm += $coating->standsUm($isFirst, $subject->calibration->coats);
        $this->isSealed = $this->isSealed || $coating->isShellac() || $coating->seals;
    }

    /** How much of each goes into a mix for one coat of it. */
    private static function mixed(Coating $coating, Amount $amount): ?Said
    {
        $ml = $amount->ml();
        if ($ml === null || $coating->mix === []) {
            return null;
        }
        $whole = array_sum(array_map(fn (MixPart $part): float => $part->parts, $coating->mix));

        return new Said('route.coated.for-that', ['items' => array_map(
            fn (MixPart $part): Said => new Said('route.coated.of', [
                'ml' => Quantity::ml($ml * $part->parts / $whole), 'name' => $part->name(),
            ]), $coating->mix,
        )]);
    }

    /** What the inside of a vessel asks for besides. */
    private function laidInside(Coating $coating): ?Said
    {
        return match (true) {
            ! in_array(Face::Inside, $this->faces, true) => null,
            $coating->applied === Laying::Poured => new Said('route.coated.side-turning-slowly-until'),
            $this->isOnLathe($coating) => new Said('route.coated.inside-pad-stick-while'),
            default => null,
        };
    }

    private function wipeOff(
        Coat $coat,
        WipeWindow $window,
        string $after,
        Wait $wait,
        int $number,
        bool $isLast,
    ): void {
        $subject = $this->subject;
        $id = "$after/wipe-off";
        $this->chains[] = Precedence::rule(
            $after, $id, self::untilWiped($window), new Said('route.coated.later-tacky-drags'),
        );
        $isWax = $coat->coating->isWax();
        $slowed = $this->slowed($coat->coating);
        $this->operations[] = new Operation(
            id: $id, kind: StepKind::WipeOff, part: $subject->part->id,
            doing: $subject->over('wipe-off', $this->faces, [$coat->id, $this->plan->id]),
            supplies: new Supplies(goods: Goods::ofWiping($subject->calibration->shelf)),
            timing: new Timing(
                1.0 + $subject->minutesOver($subject->calibration->coats->wipeOffMinutesPer100Cm2, $this->faces),
                $this->rank + $number / 100 + 0.002,
                wait: $wait,
                handling: Wait::hours($coat->coating->handleHours * $slowed, null, $coat->coating->kinetics()),
                pressing: Wait::hours($coat->coating->clampAfterHours * $slowed, null, $coat->coating->kinetics()),
            ),
            setup: new Setup(hazards: Hazard::ofProduct($coat->coating->hazards)),
            words: new StepWords(
                Said::at(
                    new Said(
                        $isWax ? 'route.coated.rub-haze-off' : 'route.coated.wipe-every-trace-off',
                    ), $this->where(),
                ),
                $isWax ? new Said('route.coated.while-haze-later-hard')
                : new Said('route.coated.what-wood-has-not'),
                how: [new Said('route.coated.clean-cloth-then-dry')],
                brief: new Said('route.coated.wiping-off'),
                waitFor: $isLast ? new Said('route.coated.to-harden') : new Said('route.coated.before-next-coat'),
            ),
        );
        $this->open = [[$id, $wait]];
    }

    /** No grain of it may stay: the next coat would show it, or carry it about. */
    private function wipePaste(Coat $coat, string $after, Wait $wait, int $number): void
    {
        $subject = $this->subject;
        $id = "$after/wipe-clean";
        $this->chains[] = Precedence::rule($after, $id, Wait::none(), new Said('route.coated.while-still-warm-soft'));
        $this->operations[] = new Operation(
            id: $id, kind: StepKind::DustOff, part: $subject->part->id,
            doing: $subject->over('wipe-clean', $this->faces, [$coat->id, $this->plan->id]),
            supplies: new Supplies(goods: Goods::ofWiping($subject->calibration->shelf)),
            timing: new Timing(
                1.0 + $subject->minutesOver($subject->calibration->coats->wipeOffMinutesPer100Cm2, $this->faces),
                $this->rank + $number / 100 + 0.002,
                wait: $wait,
            ),
            setup: new Setup(hazards: Hazard::ofProduct($coat->coating->hazards)),
            words: new StepWords(
                new Said('route.coated.wipe-every-trace-paste', [
                    'where' => $this->where(),
                ]),
                new Said('route.coated.grains-left-pores-corners'),
                how: [new Said('route.coated.clean-cloth-each-grade')],
                brief: new Said('route.coated.wiping-paste-off'),
                waitFor: new Said('route.coated.before-next-coat'),
            ),
        );
        $this->open = [[$id, $wait]];
    }

    private static function untilWiped(WipeWindow $window): Wait
    {
        return Wait::hours($window->afterMinutes / 60, $window->untilMinutes / 60);
    }

    private function denib(Coat $coat): void
    {
        $subject = $this->subject;
        $figures = $subject->calibration->coats;
        $denib = $coat->denib ?? throw new \LogicException('Only a coat with a rub before it is rubbed.');
        $id = $coat->id.$this->go->value.'/denib';
        foreach ($this->open as [$before, $wait]) {
            $dry = Wait::hours($wait->minHours, null, $wait->kinetics);
            $this->chains[] = Precedence::rule($before, $id, $dry, new Said('route.coated.soft-coat-rolls-up'));
        }
        $this->operations[] = new Operation(
            id: $id, kind: StepKind::Denib, part: $subject->part->id,
            doing: $subject->over('denib', $this->faces, [$coat->id, $this->plan->id]),
            supplies: new Supplies(goods: Goods::ofRubbing($subject->calibration->shelf)),
            timing: new Timing(
                1.0 + $subject->minutesOver($figures->denibMinutesPer100Cm2, $this->faces),
                $this->rank + count($this->operations) / 100,
            ),
            setup: new Setup(
                hazards: [Hazard::Dust],
                hold: new Said('route.coated.by-hand'),
            ),
            words: new StepWords(
                new Said('route.coated.rub-down', ['denib' => $denib->words(), 'where' => $this->where()]),
                new Said('route.coated.takes-nibs-about-off', ['removes' => Quantity::um($denib->removesUm($figures))]),
                how: [$this->filmUm > 0
                    ? new Said('route.coated.film-stands-all-coats', ['film' => Quantity::um($this->filmUm)])
                    : new Said('route.coated.no-film-stands-yet')],
                brief: new Said('route.coated.rubbing-down'),
                looks: [Look::Touch],
            ),
        );
        $this->filmUm = max(0.0, $this->filmUm - $denib->removesUm($figures));
        $this->open[] = [$id, Wait::none()];
    }

    /** @param  list<Face>  $faces */
    private function buff(BuffWith $buff, array $faces, LaidCoat $last): void
    {
        $subject = $this->subject;
        $harden = Wait::hours($buff->afterHours($last->coating) * $last->slowed, null, $last->coating->kinetics());
        $id = "{$this->plan->id}/buff{$this->go->value}";
        foreach ($this->open as [$before]) {
            $this->chains[] = Precedence::rule($before, $id, $harden, new Said('route.coated.earlier-drags'));
        }
        $isWheel = $buff === BuffWith::Wheel;
        $this->operations[] = new Operation(
            id: $id, kind: StepKind::Buff, part: $subject->part->id,
            doing: $subject->over('buff', $faces, [$this->plan->id]),
            timing: new Timing(
                $subject->calibration->bench->buffMinutes + $subject->minutesOver(
                    $buff->minutesPer100Cm2($subject->calibration->coats), $faces,
                ),
                $this->rank + 0.9,
            ),
            setup: new Setup(
                work: $isWheel ? Work::Lap : Work::Hand,
                hold: $isWheel ? new Said('route.coated.both-hands-wheel-lathe') : new Said('route.coated.by-hand'),
            ),
            words: new StepWords(
                Said::at($buff->action(), $this->named($faces)),
                $isWheel
                ? new Said('route.coated.only-once-last-coat')
                : new Said('route.coated.soon-last-coat-hard'),
                brief: new Said('route.coated.buffing'),
            ),
        );
        $this->open = [[$id, Wait::none()]];
    }

    private function technique(Coating $coating): string
    {
        return match (true) {
            $coating->isAbrasivePaste() => 'paste',
            $coating->isWax() => 'wax',
            $coating->applied === Laying::Poured && in_array(Face::Inside, $this->faces, true) => 'liner',
            default => 'coat',
        };
    }

    private function isOnLathe(Coating $coating): bool
    {
        return ! $this->subject->isCoatedFreed() && $coating->isSpunOn();
    }

    /** On the lathe where it is spun; by hand where the next is spun and soon: it is not taken off for that. */
    private function work(Coating $coating, ?Coat $next, Wait $wait): Work
    {
        $isSoonSpun = $next !== null && $this->isOnLathe($next->coating) && ! $coating->isSprayed()
            && $wait->minHours <= $this->subject->calibration->bench->staysMountedHours;

        return match (true) {
            $this->isOnLathe($coating) => Work::Spinning,
            $isSoonSpun => Work::Hand,
            default => Work::Points,
        };
    }

    /** On the spinning lathe the cloth is in the hand; a brush or a gun is made ready and cleaned. */
    private function minutes(Coating $coating): float
    {
        $figures = $this->subject->calibration->coats;
        $over = $this->subject->minutesOver($this->rate($coating), $this->faces);

        return match (true) {
            $coating->isAbrasivePaste() => max($figures->pasteLeastMinutes, $over),
            $coating->applied === Laying::OnTheLathe => max($figures->spunLeastMinutes, $over),
            $this->isQuick($coating) => $figures->quickSetupMinutes + $over,
            default => $figures->setupMinutes + $over,
        };
    }

    /** Shellac and lacquer go on with a few strokes: they are dry under the brush. */
    private function isQuick(Coating $coating): bool
    {
        return ! $coating->isSprayed() && $coating->family->isQuick();
    }

    private function rate(Coating $coating): float
    {
        $figures = $this->subject->calibration->coats;

        return match (true) {
            $this->isQuick($coating) => $figures->quickMinutesPer100Cm2,
            $coating->isAbrasivePaste() => $figures->pasteMinutesPer100Cm2,
            $coating->wipe !== null && $coating->applied === Laying::Wiped => $figures->floodedMinutesPer100Cm2,
            default => $coating->applied->minutesPer100Cm2($figures),
        };
    }

    /** The coat that follows in the plan, in this go or in the one after it. */
    private function following(Coat $coat): ?Coat
    {
        $at = array_search($coat, $this->coats, true);
        if ($at !== false && isset($this->coats[$at + 1])) {
            return $this->coats[$at + 1];
        }
        $at = array_search($coat, $this->plan->coats, true);

        return $at === false ? null : $this->plan->coats[$at + 1] ?? null;
    }

    private function recoat(Coating $coating, Coat $next, float $slowed): Wait
    {
        $from = LayerWaits::before($this->subject->tables->pairs, $coating, $next->coating, $next->denib);
        if ($coating->isPolish() && $coating->applied === Laying::OnTheLathe && $next->coating->isPolish()) {
            return Wait::hours($this->subject->calibration->coats->coolingMinutes / 60);
        }
        $until = $coating->recoatUntilHours < $from ? null : $coating->recoatUntilHours;

        return Wait::hours($from * $slowed, $until === null ? null : $until * $slowed, $coating->kinetics());
    }

    private static function onceDry(Wait $wait): Said
    {
        $until = $wait->maxHours === null ? null : new Said('route.coated.before-window-closes', [
            'max' => Quantity::hours(round($wait->maxHours, 1)),
        ]);

        return match (true) {
            $wait->minHours <= 0 && $wait->maxHours === null => new Said('route.coated.once-rubbed-down-dust'),
            $wait->minHours < 1 => new Said('route.coated.once-coat-below-has', [
                'at' => Quantity::celsius(Kinetics::REFERENCE_C),
                'what' => Quantity::minutes(max(1, (int) round($wait->minHours * 60))),
                'until' => $until,
            ]),
            default => new Said('route.coated.once-coat-below-has-had', [
                'at' => Quantity::celsius(Kinetics::REFERENCE_C),
                'min' => Quantity::hours(round($wait->minHours, 1)),
                'until' => $until,
            ]),
        };
    }

    /** How many times longer the waits of a coat are on this wood. */
    private function slowed(Coating $coating): float
    {
        return $this->subject->part->wood->nature->oily && ! $this->isSealed && $coating->cure === Cure::Oxidative
            ? $this->subject->calibration->coats->oilyWoodSlows : 1.0;
    }

    private function where(): Said
    {
        return $this->named($this->faces);
    }

    /** @param  list<Face>  $faces */
    private function named(array $faces): Said
    {
        $most = Face::except($this->subject->faces(), [Face::Foot, Face::Bore]);

        return count($faces) > 1 && Face::except($most, $faces) === []
            ? new Said('route.coated.all-over') : new Said(
                'route.coated.faces', ['faces' => array_map(fn (Face $face): Said => $face->said(), $faces)],
            );
    }
}
