<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Calibration\TurningRates;
use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Holding\Holding;
use HonestGrain\Holding\Stance;
use HonestGrain\Lathework\Boring;
use HonestGrain\Lathework\CutKind;
use HonestGrain\Lathework\Exception\NoBit;
use HonestGrain\Lathework\Speed;
use HonestGrain\Piece\NeededStock;
use HonestGrain\Piece\School\Inside;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Route\Internal\Doing;
use HonestGrain\Route\Internal\Operation;
use HonestGrain\Route\Internal\Precedence;
use HonestGrain\Route\Internal\Setup;
use HonestGrain\Route\Internal\Timing;
use HonestGrain\Route\StepKind;
use HonestGrain\Route\StepWords;
use HonestGrain\Schedule\Wait;
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
        if ($subject->piece->startsAs === StartsAs::Turned) {
            return [];
        }
        $self = new self($subject);
        $isBlank = ! $subject->isTrued();

        return [
            ...$self->isBoredOffTheLathe() ? [$self->boreAtThePress()] : [],
            $isBlank ? $self->rough() : $self->true(),
            ...$subject->part->holding->isCut() && $isBlank ? [$self->hold()] : [],
            $self->shape($isBlank),
            ...$subject->has(Face::Inside) ? [...$self->depthHole(), $self->hollow($isBlank)] : [],
            ...$self->shapesFoot() ? [$self->foot()] : [],
            ...$subject->has(Face::Bore) && ! $self->isBoredOffTheLathe() ? [$self->bore()] : [],
        ];
    }

    /**
     * What is turned about a hole is bored first, and its outside turned true to the hole: a bit wanders a little, and
     * nobody sees it on what runs true to where it went.
     *
     * @param  list<Operation>  $operations
     * @return list<Precedence>
     */
    public static function chains(PartContext $subject, array $operations): array
    {
        $ids = array_map(fn (Operation $operation): string => $operation->id, $operations);
        $self = new self($subject);
        $depth = $self->depthChains($ids);
        $shape = $subject->id('shape', Face::Outside);
        $bored = array_values(array_intersect(
            [$subject->id('drill', Face::Bore), $subject->id('bore', Face::Bore)], $ids,
        ));

        if ($bored === []) {
            return $depth;
        }
        $chains = $subject->has(Face::Inside) || ! in_array($shape, $ids, true) ? [] : [Precedence::rule(
            $bored[0], $shape, Wait::none(), new Said('route.turning.outside-true-to-hole'),
        )];

        return [...$depth, ...$chains, ...$self->isBoredOffTheLathe() ? [Precedence::rule(
            $bored[0], $subject->id('rough'), Wait::none(), new Said('route.turning.blank-turns-on-hole'),
        )] : []];
    }

    private function rough(): Operation
    {
        $cylinder = M_PI * ($this->diameterMm() / 2) ** 2 * $this->heightMm();
        // A spindle starts square; a bowl is sawn round first.
        $waste = $this->subject->part->grain === GrainDirection::End ? $cylinder * (4 / M_PI - 1) : $cylinder * 0.1;

        return $this->cut(
            technique: 'rough', what: 'rough', faces: [], title: new Said(
                'route.turning.bring-blank-round',
            ), cut: CutTime::of($this->subject, CutKind::Rough, $waste, diameterMm: $this->blankMm()),
            because: new Said('route.turning.until-runs-true-nothing'), rank: 1.0,
            how: [new Said('route.turning.by-hand-first'), new Said('route.turning.from-about-across-long', [
                'blank' => Quantity::mm($this->blankMm()),
                'height' => Quantity::mm($this->heightMm()),
                'diameter' => Quantity::mm($this->diameterMm()),
            ])],
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
            how: [new Said('route.turning.wall-about-there-true', ['wall' => Quantity::mm($wall)])],
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
            how: [new Said('route.turning.shoulder-flat-edge-crisp')],
        );
    }

    private function shape(bool $isBlank): Operation
    {
        $faces = Face::among([Face::Outside, Face::Top], $this->subject->faces());
        $cylinder = M_PI * ($this->diameterMm() / 2) ** 2 * (
            $this->subject->part->profile->heightMm() + $this->rates->allowanceMm
        );
        $waste = $isBlank ? max(0.0, $cylinder - $this->solidMm3)
            : $this->subject->areaMm2($faces) * ($this->roughWallMm() - $this->wallMm()) / 2;

        return $this->cut(
            technique: 'shape', what: 'shape', faces: [Face::Outside], title: new Said(
                'route.turning.shape-outside',
            ), cut: CutTime::of(
                subject: $this->subject, kind: CutKind::Shape, wasteMm3: $waste, faces: $faces,
                wallMm: $this->isInsideFirst() ? $this->subject->measured->wall?->minMm : null,
                diameterMm: $isBlank ? $this->blankMm() : null,
            ),
            because: new Said('route.turning.finish-cut-cleanly-you'), rank: 3.0,
            how: $this->subject->has(Face::Bore) && ! $this->subject->has(Face::Inside)
                ? [new Said('route.turning.cone-in-hole')] : [],
        );
    }

    /** Where nothing that holds it is cut or parted off at its foot. */
    private function shapesFoot(): bool
    {
        $holding = $this->subject->part->holding;

        return $this->subject->has(Face::Foot) && ! $holding->isPartedOff()
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
            how: [...$this->subject->measured->wall === null ? [] : [new Said('route.turning.wall-thinnest', [
                'min' => Quantity::mm($this->subject->measured->wall->minMm),
            ])], ...$this->byLight()],
        );
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

    /** Whether it turns between centres from the beginning, where the tail centre stands in the way of every bit. */
    private function isBoredOffTheLathe(): bool
    {
        return $this->subject->has(Face::Bore) && $this->subject->part->holding === Holding::BetweenCentres
            && $this->boring() !== null;
    }

    /** The hole of a part that is turned between centres: bored into the blank, which then turns on it. */
    private function boreAtThePress(): Operation
    {
        $boring = $this->boring() ?? throw new \LogicException('No bit bores it.');
        $title = $this->boreTitle($boring);

        return new Operation(
            id: $this->subject->id('drill', Face::Bore), kind: StepKind::Turn, part: $this->subject->part->id,
            doing: new Doing($this->subject->technique('drill'), [], on: [Face::Bore]),
            timing: new Timing($boring->minutes, 0.5),
            setup: new Setup(
                work: Work::Lap, stances: [Stance::Off], hold: new Said('route.turning.upright-under-the-press'),
            ),
            words: new StepWords(
                $title, new Said('route.turning.blank-turns-on-hole'),
                how: [
                    $this->withBit($boring), new Said('route.turning.waste-at-that-end', [
                        'waste' => Quantity::mm($this->rates->allowanceMm),
                    ]), ...$boring->how,
                ], brief: Said::lower($title),
                reckoning: $boring->reckoning,
            ),
        );
    }

    /**
     * A hollow into end grain is begun with a hole: it is cut from there outwards, and the hole says how deep.
     *
     * @return list<Operation> none where a bore is there already, or the shop has no bit for one
     */
    private function depthHole(): array
    {
        $subject = $this->subject;
        $short = $this->subject->calibration->bores->depthHoleShortMm;
        $deep = $subject->part->profile->hollowAtMm(0.0) - $short;
        $boring = $subject->part->grain === GrainDirection::End && ! $subject->has(Face::Bore) && ! $subject->isTrued()
            ? $subject->depthHole($deep) : null;
        if ($boring === null) {
            return [];
        }
        $title = new Said('route.turning.depth-hole', [
            'diameter' => Quantity::mm($boring->bit->diameterMm), 'depth' => Quantity::mm($deep),
        ]);

        return [new Operation(
            id: $subject->id('depth-hole', Face::Inside), kind: StepKind::Turn, part: $subject->part->id,
            doing: new Doing($subject->technique('drill'), [], on: [Face::Inside]),
            timing: new Timing($boring->minutes, 3.9),
            setup: new Setup(
                stances: [Stance::Main], speed: $subject->rimSpeed()->under(Speed::most($boring->rpm, 'bit')),
                hazards: $subject->spinning(),
            ),
            words: new StepWords(
                $title, new Said('route.turning.hollowed-from-its-middle'),
                how: [new Said('route.turning.short-of-the-floor', [
                    'bit' => new Said('lathework.bit', [
                        'kind' => $boring->bit->kind->said(), 'diameter' => Quantity::mm($boring->bit->diameterMm),
                    ]),
                    'short' => Quantity::mm($short),
                ]), ...$boring->how], brief: Said::lower($title), reckoning: $boring->reckoning,
            ),
        )];
    }

    /**
     * @param  list<string>  $ids  of all operations
     * @return list<Precedence>
     */
    private function depthChains(array $ids): array
    {
        $hole = $this->subject->id('depth-hole', Face::Inside);
        if (! in_array($hole, $ids, true)) {
            return [];
        }
        $before = array_values(array_intersect(
            [$this->subject->id('tenon'), $this->subject->id('recess'), $this->subject->id('rough')], $ids,
        ))[0];

        return [
            Precedence::rule($before, $hole, Wait::none(), new Said('technique.drill.drilled-hole-runs-true')),
            Precedence::rule(
                $hole, $this->subject->id('hollow', Face::Inside), Wait::none(),
                new Said('route.turning.hollowed-from-its-middle'),
            ),
        ];
    }

    private function boring(): ?Boring
    {
        $bore = $this->subject->part->profile->bore ?? throw new \LogicException('There is no bore.');
        try {
            return $this->subject->boring($bore->diameterMm, $this->cutMm(), $bore->isThrough());
        } catch (NoBit) {
            return null;
        }
    }

    private function boreMm(): float
    {
        return $this->subject->part->profile->bore->depthMm ?? $this->subject->part->profile->heightMm();
    }

    /** How deep it is bored: through the waste at that end as well, where the blank is bored before it is turned. */
    private function cutMm(): float
    {
        return $this->boreMm()
            + ($this->subject->part->holding === Holding::BetweenCentres ? $this->rates->allowanceMm : 0.0);
    }

    private function boreTitle(?Boring $boring): Said
    {
        return new Said('route.turning.across-deep', [
            'what' => $boring === null ? new Said('route.turning.bore-hole') : new Said('route.turning.drill-hole'),
            'diameter' => Quantity::mm($this->subject->part->profile->bore->diameterMm ?? 0.0),
            'depth' => Quantity::mm($this->boreMm()),
        ]);
    }

    private function withBit(Boring $boring): Said
    {
        return new Said('route.turning.with-bit', [
            'bit' => new Said('lathework.bit', [
                'kind' => $boring->bit->kind->said(), 'diameter' => Quantity::mm($boring->bit->diameterMm),
            ]),
            'depth' => Quantity::mm($this->cutMm()),
        ]);
    }

    private function bore(): Operation
    {
        $boring = $this->boring();
        $what = $boring === null ? 'bore' : 'drill';

        return $this->cut(
            technique: $what, what: $what, faces: [Face::Bore], title: $this->boreTitle($boring),
            cut: $boring === null ? CutTime::of(
                $this->subject, CutKind::Hollow,
                M_PI * ($this->subject->part->profile->bore?->radiusMm() ?? 0.0) ** 2 * $this->boreMm(), [Face::Bore],
            ) : CutTime::boring($boring),
            because: new Said('route.turning.before-wall-about-thinned'), rank: 3.5,
            how: $boring === null ? [] : [$this->withBit($boring)],
        );
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
        $isWhole = in_array($what, ['rough', 'true', 'tenon', 'recess'], true);
        $places = $isWhole ? $subject->faces() : $faces;
        $single = in_array($what, ['shape', 'hollow', 'bore', 'drill'], true) ? $faces[0] : null;

        return new Operation(
            id: $subject->id($what, $single), kind: StepKind::Turn, part: $subject->part->id,
            doing: new Doing($subject->technique($technique), $subject->places($places), on: $faces),
            timing: new Timing(max(1.0, is_float($cut) ? $cut : $cut->minutes), $rank),
            setup: new Setup(
                stances: $isWhole ? [$this->stance($what)] : null,
                speed: (is_float($cut) ? null : $cut->speed) ?? ($what === 'rough'
                    ? $subject->startingSpeed($this->stance($what), $this->blankMm(), $this->heightMm())->start
                    : $subject->rimSpeed()),
                hazards: $subject->spinning(),
            ),
            words: new StepWords(
                $title, $because, how: is_float($cut) ? $how : [...$how, ...$cut->how], brief: Said::lower($title),
                reckoning: is_float($cut) ? [] : $cut->reckoning,
            ),
        );
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
            && ($this->subject->school->inside ?? Inside::of($this->subject->part->grain)) === Inside::First;
    }

    private function diameterMm(): float
    {
        return $this->subject->part->profile->diameterMm();
    }

    private function heightMm(): float
    {
        return NeededStock::part($this->subject->part)->takesMm($this->subject->calibration->stock)
            + $this->rates->allowanceMm;
    }

    private function blankMm(): float
    {
        return $this->diameterMm() + $this->rates->allowanceMm;
    }

    /** @return float at its thinnest; 0 for what has none */
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
