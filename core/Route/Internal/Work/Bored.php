<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Holding\Stance;
use HonestGrain\Lathework\Boring;
use HonestGrain\Lathework\Speed;
use HonestGrain\Piece\PartBlank;
use HonestGrain\Piece\School\Bore;
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
 * The holes on the axis of a part that is still to be turned: its own, and the one that begins a hollow into end grain.
 *
 * @internal
 */
final readonly class Bored
{
    /** Before it is mounted, while the wall about it is thick, and before the inside. */
    private const RANKS = ['press' => 0.5, 'bore' => 3.5, 'depth' => 3.9];

    /** The bit for its own hole; null where it has none, or no bit of the shop bores it. */
    private ?Boring $boring;

    /** How deep it is bored, mm: as drawn, and through the waste where the blank is bored before it is turned. */
    private float $cutMm;

    private function __construct(private PartContext $subject)
    {
        $drawn = $this->deepMm();
        $isTurnedOnIt = $subject->part->holding->turnsOnBore();
        $boring = $this->boringOf($drawn);
        $this->cutMm = match (true) {
            $isTurnedOnIt => $drawn + $subject->calibration->turning->allowanceMm,
            $subject->isHeldAtBothEnds => $drawn + 2 * $subject->calibration->turning->allowanceMm,
            $boring?->isFromBothEnds === true => max($drawn, PartBlank::of(
                $subject->part, $subject->piece->stockOf($subject->part), $subject->calibration,
            )->highMm),
            default => $drawn,
        };
        $this->boring = $this->cutMm === $drawn ? $boring : $this->boringOf($this->cutMm);
    }

    private function boringOf(float $deepMm): ?Boring
    {
        $bore = $this->subject->part->profile->bore;

        return $bore === null ? null : $this->subject->boringIfAny($this->subject->hole(
            $bore->diameterMm, $deepMm, $bore->isThrough(),
            $this->subject->part->holding->turnsOnBore(),
        ));
    }

    /** @return list<Operation> none for a part that is turned already */
    public static function of(PartContext $subject): array
    {
        if ($subject->startsAs === StartsAs::Turned) {
            return [];
        }
        $self = new self($subject);

        return [
            ...match (true) {
                ! $subject->has(Face::Bore) => [],
                $subject->isHeldAtBothEnds => [$self->half(Stance::Main), $self->half(Stance::Far)],
                default => [$self->isOffTheLathe() ? $self->atThePress() : $self->bore()],
            },
            ...$self->depthHole(),
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
        $self = new self($subject);
        $ids = array_map(fn (Operation $operation): string => $operation->id, $operations);
        $first = fn (string ...$sought): ?string => array_values(array_intersect($sought, $ids))[0] ?? null;
        $bore = $first($subject->id('drill', Face::Bore), $subject->id('bore', Face::Bore));
        $depth = $first($subject->id('depth-hole', Face::Inside));
        $round = $first($subject->id('rough'), $subject->id('true'));

        $far = $first($subject->id('drill-far', Face::Bore));

        return array_values(array_filter([
            self::before($first($subject->id('far-tenon')), $bore, 'route.bored.from-both-held'),
            self::before($bore, $far, 'route.bored.halves-meet'),
            self::before($far, $first($subject->id('shape', Face::Outside)), 'route.bored.outside-true-to-hole'),
            self::before($far, $first($subject->id('hollow', Face::Inside)), 'route.bored.from-both-held'),
            $far === null || ! $subject->has(Face::Top) ? null : self::before(
                $subject->id('shape', Face::Outside), SandingRun::firstId($subject, Face::Top),
                'route.bored.far-tenon-away-first',
            ),
            $subject->school->bore === Bore::Last && ! $self->isOffTheLathe() ? self::before(
                $first($subject->id('shape', Face::Outside)), $bore, 'route.bored.after-its-shape',
            ) : null,
            $subject->has(Face::Inside) || $subject->school->bore === Bore::Last ? null : self::before(
                $bore, $first($subject->id('shape', Face::Outside)), 'route.bored.outside-true-to-hole',
            ),
            $self->isOffTheLathe() ? self::before($bore, $round, 'route.bored.blank-turns-on-hole') : null,
            self::before(
                $first($subject->id('tenon'), $subject->id('recess')) ?? $round, $depth,
                'technique.drill.drilled-hole-runs-true',
            ),
            self::before($depth, $subject->id('hollow', Face::Inside), 'route.bored.hollowed-from-its-middle'),
        ], fn (?Precedence $one): bool => $one !== null));
    }

    private static function before(?string $first, ?string $later, string $because): ?Precedence
    {
        return $first === null || $later === null ? null
            : Precedence::rule($first, $later, Wait::none(), new Said($because));
    }

    /**
     * Whether it turns between centres from the beginning, where the tail centre stands in the way of every bit, or is
     * bored from both ends, of which jaws would hold one.
     */
    private function isOffTheLathe(): bool
    {
        return $this->boring !== null && ! $this->subject->isHeldAtBothEnds
            && ($this->subject->part->holding->turnsOnBore()
            || ($this->boring->isFromBothEnds && $this->subject->startsAs === StartsAs::Blank));
    }

    private function bore(): Operation
    {
        $subject = $this->subject;
        $boring = $this->boring;
        $what = $boring === null ? 'bore' : 'drill';
        $time = $boring === null ? CutTime::hole(
            $subject, $subject->part->profile->bore->diameterMm ?? 0.0, $this->deepMm(), [Face::Bore],
        ) : CutTime::boring($boring);
        $title = $this->title();

        return new Operation(
            id: $subject->id($what, Face::Bore), kind: StepKind::Turn, part: $subject->part->id,
            doing: new Doing($subject->technique($what), $subject->places([Face::Bore]), on: [Face::Bore]),
            timing: new Timing(max(1.0, $time->minutes), self::RANKS['bore']),
            setup: new Setup(speed: $time->speed ?? $subject->rimSpeed(), hazards: $subject->spinning()),
            words: new StepWords(
                $title, new Said('route.bored.before-wall-about-thinned'),
                how: [...$boring === null ? [] : [self::withBit($boring, $this->cutMm)], ...$time->how],
                brief: Said::lower($title), reckoning: $time->reckoning,
            ),
        );
    }

    /** One half of it, held by a tenon at the other end: from the top first, then from the foot. */
    private function half(Stance $stance): Operation
    {
        $subject = $this->subject;
        $boring = $this->boring ?? throw new \LogicException('No bit bores it.');
        $isFar = $stance === Stance::Far;
        $title = new Said($isFar ? 'route.bored.half-from-foot' : 'route.bored.half-from-top', [
            'diameter' => Quantity::mm($subject->part->profile->bore->diameterMm ?? 0.0),
            'depth' => Quantity::mm($this->cutMm / 2),
        ]);

        return new Operation(
            id: $subject->id($isFar ? 'drill-far' : 'drill', Face::Bore), kind: StepKind::Turn,
            part: $subject->part->id,
            doing: new Doing($subject->technique('drill'), $isFar ? [] : $subject->places([Face::Bore]), on: [
                Face::Bore,
            ]),
            timing: new Timing(max(1.0, $boring->minutes / 2), self::RANKS['bore'] + (int) $isFar / 100),
            setup: new Setup(
                stances: [$stance], speed: $subject->rimSpeed()->under(Speed::most($boring->rpm, 'bit')),
                hazards: $subject->spinning(),
            ),
            words: new StepWords(
                $title, new Said($isFar ? 'route.bored.halves-meet' : 'route.bored.from-both-held'),
                how: [self::withBit($boring, $this->cutMm), ...$boring->how], brief: Said::lower($title),
                reckoning: $boring->reckoning,
            ),
        );
    }

    /** Into the blank, which then turns on its own hole. */
    private function atThePress(): Operation
    {
        $boring = $this->boring ?? throw new \LogicException('No bit bores it.');
        $title = $this->title();

        return new Operation(
            id: $this->subject->id('drill', Face::Bore), kind: StepKind::Turn, part: $this->subject->part->id,
            doing: new Doing($this->subject->technique('drill'), [], on: [Face::Bore]),
            timing: new Timing($boring->minutes, self::RANKS['press']),
            setup: new Setup(
                work: Work::Lap, stances: [Stance::Off], hold: new Said('route.bored.upright-under-the-press'),
            ),
            words: new StepWords(
                $title, new Said('route.bored.blank-turns-on-hole'), how: [
                    self::withBit($boring, $this->cutMm), new Said('route.bored.waste-at-that-end', [
                        'waste' => Quantity::mm($this->cutMm - $this->deepMm()),
                    ]), ...$boring->how,
                ], brief: Said::lower($title), reckoning: $boring->reckoning,
            ),
        );
    }

    /**
     * A hollow into end grain is cut from its middle outwards, and the hole there says how deep.
     *
     * @return list<Operation> none where a bore is there already, or the shop has no bit for one
     */
    private function depthHole(): array
    {
        $subject = $this->subject;
        $short = $subject->calibration->bores->depthHoleShortMm;
        $deep = $subject->part->profile->hollowAtMm(0.0) - $short;
        $boring = $subject->part->grain === GrainDirection::End && ! $subject->has(Face::Bore) && ! $subject->isTrued()
            && ! $subject->part->keepsCore()
            ? $subject->depthHole($deep) : null;
        if ($boring === null) {
            return [];
        }
        $title = new Said('route.bored.depth-hole', [
            'diameter' => Quantity::mm($boring->bit->diameterMm), 'depth' => Quantity::mm($deep),
        ]);

        return [new Operation(
            id: $subject->id('depth-hole', Face::Inside), kind: StepKind::Turn, part: $subject->part->id,
            doing: new Doing($subject->technique('drill'), [], on: [Face::Inside]),
            timing: new Timing($boring->minutes, self::RANKS['depth']),
            setup: new Setup(
                stances: [Stance::Main], speed: $subject->rimSpeed()->under(Speed::most($boring->rpm, 'bit')),
                hazards: $subject->spinning(),
            ),
            words: new StepWords(
                $title, new Said('route.bored.hollowed-from-its-middle'), how: [
                    new Said('route.bored.short-of-the-floor', [
                        'bit' => self::bit($boring), 'short' => Quantity::mm($short),
                    ]), ...$boring->how,
                ], brief: Said::lower($title), reckoning: $boring->reckoning,
            ),
        )];
    }

    private function title(): Said
    {
        return new Said('route.bored.across-deep', [
            'what' => new Said($this->boring === null ? 'route.bored.bore-hole' : 'route.bored.drill-hole'),
            'diameter' => Quantity::mm($this->subject->part->profile->bore->diameterMm ?? 0.0),
            'depth' => Quantity::mm($this->deepMm()),
        ]);
    }

    /** Which bit, and how deep it is marked. */
    public static function withBit(Boring $boring, float $depthMm): Said
    {
        return new Said('route.bored.with-bit', [
            'bit' => self::bit($boring),
            'depth' => Quantity::mm($boring->isFromBothEnds ? $depthMm / 2 : $depthMm),
        ]);
    }

    private static function bit(Boring $boring): Said
    {
        return new Said('lathework.bit', [
            'kind' => $boring->bit->kind->said(), 'diameter' => Quantity::mm($boring->bit->diameterMm),
        ]);
    }

    /** As drawn. */
    private function deepMm(): float
    {
        return $this->subject->part->profile->bore->depthMm ?? $this->subject->part->profile->heightMm();
    }
}
