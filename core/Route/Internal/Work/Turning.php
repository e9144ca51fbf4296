<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Calibration\TurningRates;
use HonestGrain\Geometry\Face;
use HonestGrain\Holding\Holding;
use HonestGrain\Holding\Stance;
use HonestGrain\Lathework\CutKind;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\NeededStock;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\School\Bore;
use HonestGrain\Piece\School\BoxBlank;
use HonestGrain\Piece\School\Inside;
use HonestGrain\Piece\School\Tail;
use HonestGrain\Piece\School\WarpedRim;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Route\Internal\Doing;
use HonestGrain\Route\Internal\Operation;
use HonestGrain\Route\Internal\Precedence;
use HonestGrain\Route\Internal\Setup;
use HonestGrain\Route\Internal\Timing;
use HonestGrain\Route\Look;
use HonestGrain\Route\StepKind;
use HonestGrain\Route\StepWords;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Wait;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * The turning of a part that starts as a blank or a rough-out: minutes from the volume that is taken off and the area
 * that is finish-cut.
 *
 * @internal
 */
final readonly class Turning
{
    private TurningRates $rates;

    private float $solidMm3;

    private function __construct(private PartContext $subject)
    {
        $this->rates = $subject->calibration->turning;
        $this->solidMm3 = $subject->solidMm3();
    }

    /** @return list<Operation> none for a part that is turned already */
    public static function of(PartContext $subject): array
    {
        if ($subject->startsAs === StartsAs::Turned) {
            return [];
        }
        $self = new self($subject);
        $isBlank = ! $subject->isTrued();

        return [
            ...$self->flattensRim() ? [$self->flatten()] : [],
            $isBlank ? $self->rough() : $self->true(),
            ...$subject->part->holding->isCut() && $isBlank ? [$self->hold()] : [],
            ...$subject->isHeldAtBothEnds ? [$self->farHold()] : [],
            ...$self->isGlued() ? [$self->block()] : [],
            $self->shape($isBlank),
            ...$subject->hasLastCut() ? [$self->lastCut()] : [],
            ...$subject->has(Face::Inside) ? [$self->hollow($isBlank)] : [],
            ...$self->shapesFoot() ? [$self->foot()] : [],
            ...$subject->isInPartner() && $subject->has(Face::Top) ? [$self->top()] : [],
            ...$self->facesTopApart() ? [$self->facedTop()] : [],
        ];
    }

    /** @return list<Precedence> */
    public static function chains(PartContext $subject): array
    {
        $chains = (new self($subject))->isGlued() ? [Precedence::rule(
            $subject->id('block'), $subject->id('rough'), Wait::hours($subject->calibration->joints->glueHours),
            new Said('route.holdings.glue-block-because'),
        )] : [];
        $chains = [...$chains, ...self::rested($subject), ...(new self($subject))->flattensRim() ? [Precedence::rule(
            $subject->id('flatten'), $subject->id('true'), Wait::none(), new Said('route.turning.flatten-because'),
        )] : []];
        foreach ($subject->isInPartner() && $subject->has(Face::Top) ? [Face::Outside, Face::Top] : [] as $face) {
            $chains[] = Precedence::custom(
                $subject->id('shape', Face::Top), SandingRun::firstId($subject, $face), Wait::none(),
                new Said('route.turning.in-its-partner'),
            );
        }
        if (! $subject->isTurned() || ! $subject->hasLastCut()) {
            return $chains;
        }
        $cut = $subject->id('last-cut', Face::Outside);
        $because = new Said('route.turning.last-cut-true-again');
        $chains[] = Precedence::rule($subject->id('shape', Face::Outside), $cut, Wait::none(), $because);
        foreach ($subject->part->flaws as $flaw) {
            foreach (in_array($flaw->id, $subject->cutThrough, true)
                ? array_slice(Repair::of($flaw, $subject->part, $subject->tables), 0, 1) : [] as $repair) {
                $chains[] = Precedence::rule(
                    $flaw->id, $cut, $repair->wait, new Said('route.turning.last-cut-through-fills'),
                );
            }
        }
        foreach ([SandingRun::firstId($subject, Face::Outside), ...array_map(
            fn (Mark $mark): string => $mark->id(), $subject->part->marksOn(Face::Outside),
        )] as $later) {
            $chains[] = Precedence::rule($cut, $later, Wait::none(), $because);
        }

        return $chains;
    }

    /** @return list<Precedence> a box and its lid rest once they are roughed, where the maker likes it */
    private static function rested(PartContext $subject): array
    {
        $isOfABox = array_filter($subject->piece->parts, fn (Part $part): bool => $subject->piece->boxOf($part) !== null
            && in_array($subject->part->id, [$part->id, $subject->piece->boxOf($part)->id], true)) !== [];
        if (! $isOfABox || $subject->school->boxBlank !== BoxBlank::Rests || $subject->startsAs !== StartsAs::Blank) {
            return [];
        }

        return array_map(fn (string $later): Precedence => Precedence::rule(
            $subject->id('rough'), $later, Wait::hours($subject->calibration->bench->boxRestsHours),
            new Said('route.turning.box-blank-rests'),
        ), [
            $subject->id('shape', Face::Outside), $subject->id('depth-hole', Face::Inside),
            $subject->id('hollow', Face::Inside),
        ]);
    }

    private function isGlued(): bool
    {
        return $this->subject->startsAs === StartsAs::Blank && $this->subject->part->holding->isGlued();
    }

    /** The waste that a plate is screwed to, or jaws grip. */
    private function block(): Operation
    {
        $subject = $this->subject;

        return new Operation(
            id: $subject->id('block'), kind: StepKind::Glue, part: $subject->part->id,
            doing: new Doing($subject->technique('glue'), [], on: [Face::Foot]),
            timing: new Timing(
                $subject->calibration->joints->glueMinutes, 0.5,
                wait: Wait::hours($subject->calibration->joints->glueHours),
            ),
            setup: new Setup(stances: [Stance::Off], hold: new Said('route.joints.clamped-true')),
            words: new StepWords(
                new Said('route.holdings.glue-block'), new Said('route.holdings.glue-block-because'),
                how: $subject->mainHold->how ?? [], brief: new Said('route.holdings.gluing-block'),
                waitFor: new Said('route.joints.to-set'),
            ),
        );
    }

    private function rough(): Operation
    {
        $blank = $this->subject->blank();
        $stock = $this->subject->piece->stockOf($this->subject->part);
        // To a cylinder as wide as the part, of all its length.
        $waste = max(0.0, $blank->volumeMm3 - M_PI / 4 * $this->diameterMm() ** 2 * $blank->highMm);

        return $this->cut(
            technique: 'rough', what: 'rough', faces: [], title: new Said(
                'route.turning.bring-blank-round',
            ), cut: CutTime::of($this->subject, CutKind::Rough, $waste, diameterMm: $blank->swingsMm),
            because: new Said('route.turning.until-runs-true-nothing'), rank: 1.0,
            how: [new Said('route.turning.by-hand-first'), ...$this->subject->school->tail === Tail::Early
                ? [new Said('route.turning.tail-off-early')] : [], new Said('route.turning.from-about-across-long', [
                    'blank' => Quantity::mm($blank->swingsMm), 'height' => Quantity::mm($blank->highMm),
                    'diameter' => Quantity::mm($this->diameterMm()),
                ]), ...PartContext::said($stock?->stock->form->centred())],
        );
    }

    private function flattensRim(): bool
    {
        return $this->subject->isTrued() && $this->subject->has(Face::Inside)
            && $this->subject->school->warpedRim === WarpedRim::Flattened;
    }

    private function flatten(): Operation
    {
        $subject = $this->subject;
        $profile = $subject->part->profile;

        return new Operation(
            id: $subject->id('flatten'), kind: StepKind::Turn, part: $subject->part->id,
            doing: new Doing($subject->technique('saw'), [], on: []),
            timing: new Timing($this->rates->flattenMinutes, 0.9),
            setup: new Setup(
                stances: [Stance::Off], hazards: Hazard::allOfDust($subject->part->wood),
                hold: new Said('route.turning.on-a-board'),
            ),
            words: new StepWords(
                new Said('route.turning.flatten-rim'), new Said('route.turning.flatten-because'), how: [
                    new Said('route.turning.flatten-how'), new Said('route.turning.flatten-height', [
                        'high' => Quantity::mm($profile->heightMm() + $this->rates->allowanceMm),
                    ]),
                ], brief: new Said('route.turning.flattening'),
            ),
        );
    }

    private function true(): Operation
    {
        $wall = $this->roughWallMm();

        return $this->cut(
            technique: 'true', what: 'true', faces: [], title: new Said(
                'route.turning.true-rough-out',
            ), cut: CutTime::of(
                $this->subject, CutKind::True, $this->subject->areaMm2([Face::Outside]) * $wall / 4,
            ),
            because: new Said('route.turning.dried-oval-hold-trued'), rank: 1.0,
            how: [
                ...$this->subject->has(Face::Inside) && ! $this->flattensRim()
                    ? [new Said('route.turning.bears-inside')] : [],
                new Said('route.turning.centre-found-again'),
                new Said('route.turning.wall-about-there-true', ['wall' => Quantity::mm($wall)]),
                new Said('route.turning.wood-inside'),
            ],
        );
    }

    /** Beyond the piece at its other end, of the same size: it is turned away once the bore is through. */
    private function farHold(): Operation
    {
        return $this->cut(
            technique: 'tenon', what: 'far-tenon', faces: [], title: new Said('route.turning.far-tenon'),
            cut: $this->rates->holdMinutes, because: new Said('route.bored.from-both-held'), rank: 2.1,
            how: [new Said('route.turning.far-tenon-size', [
                'long' => Quantity::mm($this->subject->calibration->stock->tenonMm),
            ])],
        );
    }

    private function hold(): Operation
    {
        $isTenon = $this->subject->part->holding === Holding::Tenon;

        return $this->cut(
            technique: $isTenon ? 'tenon' : 'recess', what: $isTenon ? 'tenon' : 'recess', faces: [Face::Foot],
            title: $isTenon ? new Said('route.turning.cut-tenon') : new Said(
                'route.turning.cut-recess',
            ), cut: $this->rates->holdMinutes,
            because: new Said('route.turning.everything-after-turned-from'), rank: 2.0,
            how: array_slice($this->subject->mainHold->how ?? [], 0, 1),
        );
    }

    private function shape(bool $isBlank): Operation
    {
        $faces = Face::among(
            $this->facesTopApart() ? [Face::Outside] : [Face::Outside, Face::Top], $this->subject->faces(),
        );
        $profile = $this->subject->part->profile;
        $high = $isBlank ? $this->subject->blank()->highMm - $this->heldMm() - ($profile->edge?->meanBelowMm() ?? 0.0)
            : $profile->heightMm() + $this->rates->allowanceMm;
        $cylinder = M_PI * ($this->diameterMm() / 2) ** 2 * $high;
        $waste = $isBlank ? max(0.0, $cylinder - $this->solidMm3)
            : $this->subject->areaMm2($faces) * ($this->roughWallMm() - $this->wallMm()) / 2;

        return $this->cut(
            technique: 'shape', what: 'shape', faces: [Face::Outside], title: new Said(
                'route.turning.shape-outside',
            ), cut: CutTime::of(
                subject: $this->subject, kind: CutKind::Shape, wasteMm3: max(0.0, $waste - $this->leftMm3()),
                faces: $this->subject->hasLastCut() ? [] : $faces,
                wallMm: $this->isInsideFirst() ? $this->subject->measured->wall?->minMm : null,
                diameterMm: $isBlank ? $this->subject->blank()->acrossMm : null,
            ),
            because: new Said('route.turning.finish-cut-cleanly-you'), rank: 3.0,
            how: [...$this->subject->has(Face::Bore) && ! $this->subject->has(Face::Inside)
                    && $this->subject->school->bore !== Bore::Last ? [new Said('route.bored.cone-in-hole')] : [],
                ...$this->subject->hasLastCut() ? [new Said('route.turning.leave-for-last-cut', [
                    'left' => Quantity::mm($this->rates->lastCutMm),
                ])] : PartContext::said($this->subject->part->figured?->advice()),
                ...$this->subject->isHeldAtBothEnds ? [new Said('route.turning.far-tenon-away')] : [],
                ...$this->subject->isStemmed() && $isBlank
                    ? [new Said('route.turning.cup-before-stem'), new Said('route.turning.stem-in-short-runs')] : [],
                ...$this->throughAir()],
        );
    }

    /** Through wood and fills alike, or true to the hold that all that follows is turned from. */
    private function lastCut(): Operation
    {
        $isThrough = $this->subject->cutThrough !== [];

        $cut = $this->cut(
            technique: 'shape', what: 'last-cut', faces: [Face::Outside],
            title: new Said('route.turning.last-cut-outside'), cut: CutTime::of(
                subject: $this->subject, kind: CutKind::Shape, wasteMm3: $this->leftMm3(),
                faces: Face::among([Face::Outside, Face::Top], $this->subject->faces()),
                wallMm: $this->isInsideFirst() ? $this->subject->measured->wall?->minMm : null,
            ), because: new Said($isThrough ? 'route.turning.last-cut-through-fills'
                : 'route.turning.last-cut-true-again'), rank: 4.2,
        );

        // It has its shape already: a fill that is cut through with it goes in before.
        return new Operation(
            id: $cut->id, kind: $cut->kind, part: $cut->part, doing: new Doing(
                $cut->doing->technique, $cut->doing->places, on: $cut->doing->on,
                character: Character::done(Work::Spinning)->needs(State::Round, new Said(
                    'technique.shape.what-does-not-run',
                )),
            ), timing: $cut->timing, words: $cut->words, setup: $cut->setup,
        );
    }

    /** Of what sits in its partner: the end that the jaws gripped before. */
    private function top(): Operation
    {
        return $this->cut(
            technique: 'shape', what: 'shape', faces: [Face::Top], title: new Said('route.turning.turn-its-top'),
            cut: CutTime::of($this->subject, CutKind::Shape, $this->heldMm()
                * M_PI / 4 * $this->diameterMm() ** 2, [Face::Top]),
            because: new Said('route.turning.in-its-partner'), rank: 4.4,
            how: [new Said('route.turning.tail-on-knob')],
        );
    }

    /** Whether its upper end is held while its outside is cut, and comes free only once it is turned round. */
    private function facesTopApart(): bool
    {
        $positions = $this->subject->positions;

        return $this->subject->startsAs === StartsAs::Blank && ! $this->subject->isInPartner()
            && $this->subject->has(Face::Top) && $positions->has(Stance::First)
            && ! $positions->at(Stance::First)->reachesAll([Face::Top])
            && $positions->at(Stance::Main)->reachesAll([Face::Top]);
    }

    private function facedTop(): Operation
    {
        return $this->cut(
            technique: 'shape', what: 'shape', faces: [Face::Top], title: new Said('route.turning.turn-its-top'),
            cut: CutTime::of($this->subject, CutKind::Shape, $this->rates->allowanceMm
                * M_PI / 4 * $this->diameterMm() ** 2, [Face::Top]),
            because: new Said('route.turning.top-free-now'), rank: 4.4,
        );
    }

    private function leftMm3(): float
    {
        return $this->subject->hasLastCut()
            ? $this->subject->areaMm2([Face::Outside]) * $this->rates->lastCutMm : 0.0;
    }

    /** Where nothing that holds it is cut or parted off at its foot. */
    private function shapesFoot(): bool
    {
        $holding = $this->subject->part->holding;

        return $this->subject->has(Face::Foot) && ! $this->subject->isPartedOff()
            && ($holding !== Holding::Recess || $this->subject->isTrued());
    }

    private function foot(): Operation
    {
        return $this->cut(
            technique: 'shape', what: 'shape', faces: [Face::Foot], title: $this->subject->stands() ? new Said(
                'route.turning.shape-dish-foot',
            ) : new Said('route.turning.shape-foot'),
            cut: $this->rates->partOffMinutes + $this->subject->minutesOver(
                $this->subject->calibration->cuts->finishMinutesPer100Cm2, [Face::Foot],
            ),
            because: new Said('route.turning.can-reached-only-from'), rank: 4.5,
        );
    }

    private function hollow(bool $isBlank): Operation
    {
        $faces = Face::among([Face::Inside, Face::Rim], $this->subject->faces());
        $inside = max(0.0, $this->solidMm3 - $this->subject->measured->volumeMm3);
        $waste = $isBlank ? $inside
            : min($inside, $this->subject->areaMm2($faces) * ($this->roughWallMm() - $this->wallMm()) / 2);

        return $this->cut(
            technique: 'hollow', what: 'hollow', faces: $faces, title: new Said(
                'route.turning.hollow-inside',
            ), cut: CutTime::of(
                $this->subject, CutKind::Hollow, $waste, $faces,
                $this->isInsideFirst() ? null : $this->subject->measured->wall?->minMm,
            ),
            because: new Said('route.turning.steps-from-rim-down'), rank: 4.0,
            how: [...$this->subject->part->keepsCore() ? [new Said('route.turning.core-hollow', [
                'left' => Quantity::mm($this->subject->calibration->holds->coreFloorMm),
            ])] : [], ...$this->subject->measured->wall === null ? [] : [new Said('route.turning.wall-thinnest', [
                'min' => Quantity::mm($this->subject->measured->wall->minMm),
            ])], ...$this->reach(), ...$this->byLight(), ...$this->throughAir()],
        );
    }

    /** @return list<Said> over how much of a turn the tool meets no wood where the rim is not level */
    private function throughAir(): array
    {
        $edge = $this->subject->part->isEdged() ? $this->subject->part->profile->edge : null;

        return $edge === null ? [] : [new Said('route.turning.through-air', [
            'drop' => Quantity::mm($edge->dropMm),
            'middle' => Quantity::mm($edge->dropMm / 2),
            'air' => Quantity::share(1 - $edge->share($edge->dropMm / 2)),
        ])];
    }

    /** @return list<Said> which bar goes so deep without chatter, or that it chatters */
    private function reach(): array
    {
        $deep = $this->subject->part->profile->hollowAtMm(0.0);
        $table = $this->subject->tables->lathe->bars;
        $owned = $this->subject->bench->equipment->bars;
        $quiet = $table->reaching($deep / $this->subject->calibration->cuts->chatterShare, $owned);
        $bar = $quiet ?? $table->reaching($deep, $owned);
        if ($bar === null || $deep < $this->subject->calibration->cuts->barFromMm) {
            return [];
        }

        return [new Said($quiet === null ? 'route.reach.bar-at-its-end' : 'route.reach.bar', [
            'bar' => Quantity::mm($bar), 'deep' => Quantity::mm($deep),
        ])];
    }

    /** @return list<Said> where a lamp behind wet thin work tells its thickness: a hint */
    private function byLight(): array
    {
        $mm = $this->subject->calibration->drying->greenLightWallMm;
        $wall = $this->subject->measured->wall->minMm ?? INF;

        return $this->subject->isTurnedOnce() && $wall < 2 * $mm ? [new Said('route.turning.spray-wet-hold-lamp', [
            'mm' => Quantity::mm($mm),
        ])] : [];
    }

    /**
     * @param  list<Face>  $faces
     * @param  list<Said>  $how
     */
    private function cut(
        string $technique,
        string $what,
        array $faces,
        Said $title,
        CutTime|float $cut,
        Said $because,
        float $rank,
        array $how = [],
    ): Operation {
        $subject = $this->subject;
        $isWhole = in_array($what, ['rough', 'true', 'tenon', 'recess', 'far-tenon'], true);
        $places = $isWhole ? $subject->faces() : $faces;
        $single = in_array($what, ['shape', 'last-cut', 'hollow', 'bore', 'drill'], true) ? $faces[0] : null;

        return new Operation(
            id: $subject->id($what, $single), kind: StepKind::Turn, part: $subject->part->id,
            doing: new Doing($subject->technique($technique), $subject->places($places), on: $faces),
            timing: new Timing(max(1.0, is_float($cut) ? $cut : $cut->minutes), $rank),
            setup: new Setup(
                stances: match (true) {
                    $isWhole => [$this->stance($what)],
                    $subject->hasPoles() && $what === 'shape' => [Stance::Main],
                    $subject->isInPartner() && $what === 'shape' => [$faces === [Face::Top]
                        ? Stance::Main : Stance::First],
                    $what === 'last-cut' && $subject->isCutAfterRemount() => [Stance::Main],
                    default => null,
                },
                speed: (is_float($cut) ? null : $cut->speed) ?? ($what === 'rough'
                    ? $subject->startingSpeed(
                        $this->stance($what), $subject->blank()->swingsMm, $subject->blank()->highMm,
                    )->start
                    : $subject->rimSpeed()),
                // What does not run true yet starts as slowly as ever.
                whenSound: $what !== 'rough' && (is_float($cut) || $cut->speed === null)
                    ? $subject->soundRimSpeed() : null,
                hazards: $subject->spinning(),
            ),
            words: new StepWords(
                title: $title, because: $because, how: is_float($cut) ? $how : [
                    ...$how, ...$cut->how, ...$this->sharpened($what, $cut->minutes),
                ], brief: Said::lower($title),
                reckoning: is_float($cut) ? [] : $cut->reckoning,
                looks: $what === 'hollow' ? $this->looks() : [],
            ),
        );
    }

    /** @return list<Said> before the last pass always, and every so often in wood that takes an edge away sooner */
    private function sharpened(string $what, float $minutes): array
    {
        if (! in_array($what, ['shape', 'last-cut', 'hollow'], true)) {
            return [];
        }
        $figures = $this->subject->calibration->cuts;
        $every = $figures->sharpenEveryMinutes * min(1.0, sqrt(
            $figures->referenceHardnessN / max(1.0, $this->subject->cutWood()->hardnessN),
        ));

        return [$minutes <= $every ? new Said('route.turning.sharpen-before-last')
            : new Said('route.turning.sharpen-every', ['every' => Quantity::minutes(round($every))])];
    }

    /** How it is held while what holds it later is cut or trued. */
    private function stance(string $what): Stance
    {
        $stance = $what === 'true' ? Stance::Truing : Stance::First;

        return $this->subject->positions->has($stance) ? $stance : Stance::Main;
    }

    /** Whether the inside is cut while there is mass outside it: the outside then has its last cut on a thin wall. */
    private function isInsideFirst(): bool
    {
        return $this->subject->has(Face::Inside)
            && $this->subject->school->isInsideFirst($this->subject->part);
    }

    private function diameterMm(): float
    {
        return $this->subject->part->profile->diameterMm();
    }

    /** What of it is there to be held by alone. */
    private function heldMm(): float
    {
        return NeededStock::part($this->subject->part)->takesMm($this->subject->calibration->stock)
            - $this->subject->part->profile->heightMm();
    }

    /** @return float at its thinnest; 0 for what has none */
    /** @return list<Look> of a wall that was just hollowed: its ring, and its light where light comes through */
    private function looks(): array
    {
        $isThin = $this->wallMm() <= $this->subject->calibration->drying->greenLightWallMm;

        return $isThin ? [Look::Ring, Look::Lamp] : [Look::Ring];
    }

    private function wallMm(): float
    {
        return $this->subject->measured->wall->minMm ?? 0.0;
    }

    private function roughWallMm(): float
    {
        return $this->subject->isRoughedOut() ? $this->subject->roughOut()->wallMm()
            : max($this->wallMm(), $this->rates->roughWallShare * $this->diameterMm());
    }
}
