<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Holding\Holding;
use HonestGrain\Holding\Stance;
use HonestGrain\Lathework\CutKind;
use HonestGrain\Rack\RoughOut;
use HonestGrain\Route\Internal\Doing;
use HonestGrain\Route\Internal\Operation;
use HonestGrain\Route\Internal\Precedence;
use HonestGrain\Route\Internal\Setup;
use HonestGrain\Route\Internal\Timing;
use HonestGrain\Route\Look;
use HonestGrain\Route\StepKind;
use HonestGrain\Route\StepWords;
use HonestGrain\Schedule\Wait;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * Wet wood that dries before it is finished: hollow work as a rough-out with a thick wall, solid work as it lies. What
 * is cut wet touches none of the states of the finished faces: all of it is cut again.
 *
 * @internal
 */
final readonly class Roughing
{
    private RoughOut $size;

    private function __construct(private PartContext $subject)
    {
        $this->size = $subject->roughOut();
    }

    /** @return list<Operation> */
    public static function of(PartContext $subject): array
    {
        if (! $subject->driesFirst()) {
            return [];
        }
        $self = new self($subject);

        return [...$subject->isRoughedOut() ? $self->wet() : [], $self->dry()];
    }

    /**
     * @param  list<Operation>  $operations  of the whole piece
     * @return list<Precedence>
     */
    public static function chains(PartContext $subject, array $operations): array
    {
        if (! $subject->driesFirst()) {
            return [];
        }
        $dry = $subject->id('dry');
        $wet = $subject->isRoughedOut() ? array_map(
            fn (Operation $one): string => $one->id, (new self($subject))->wet(),
        ) : [];
        $chains = [];
        foreach ([...array_slice($wet, 1), ...$wet === [] ? [] : [$dry]] as $i => $later) {
            $chains[] = Precedence::rule(
                $wet[$i], $later, Wait::none(), new Said('route.roughing.roughed-from-side-first'),
            );
        }
        if ($wet !== []) {
            $chains[] = Precedence::rule($wet[0], $wet[count($wet) - 1], Wait::hours(
                0, $subject->calibration->drying->greenWindowHours,
            ), new Said('route.roughing.once-begun-carried-through'));
        }
        foreach ($operations as $operation) {
            if ($operation->part === $subject->part->id && $operation->id !== $dry
                && ! in_array($operation->id, $wet, true)) {
                $chains[] = Precedence::rule($dry, $operation->id, Wait::none(), $operation->id === $subject->id('true')
                    ? new Said('route.roughing.what-trued-wet-dries') : new Said('route.roughing.what-done-wet-wood'));
            }
        }

        return $chains;
    }

    /** @return list<Operation> in their order */
    private function wet(): array
    {
        $size = $this->size;
        $holding = $this->subject->part->holding;

        return [
            $this->cut(what: 'rough', technique: 'rough', title: new Said(
                'route.roughing.bring-wet-blank-round',
            ), time: CutTime::of(
                $this->subject, CutKind::Rough, $this->roundMm3(), diameterMm: $size->diameterMm,
            ), rank: 1.0, how: [
                new Said('route.turning.by-hand-first'),
                new Said('route.roughing.across-long', [
                    'diameter' => Quantity::mm($size->diameterMm),
                    'height' => Quantity::mm($size->heightMm),
                ]),
                new Said('route.roughing.pith-cut-away-or'),
            ]),
            ...$holding->isCut() ? [$this->hold()] : [],
            $this->cut(
                what: 'rough-out', technique: 'rough', title: new Said(
                    'route.roughing.rough-out-outside-inside',
                ), time: $this->roughOut(), rank: 1.2, how: $this->walls(),
                kind: StepKind::RoughOut, stances: [Stance::Main],
            ),
            new Operation(
                id: $this->subject->id('wrap'), kind: StepKind::Turn, part: $this->subject->part->id,
                doing: new Doing(
                    $this->subject->technique('pack'),
                    [],
                    on: $this->subject->faces(),
                ),
                timing: new Timing($this->subject->calibration->bench->weighMinutes, 1.3),
                setup: new Setup(
                    stances: [Stance::Off],
                    hold: new Said('route.roughing.on-the-bench'),
                ),
                words: new StepWords(
                    new Said('route.roughing.seal-end-grain-number'),
                    new Said('route.roughing.end-grain-loses-water'),
                    how: [new Said('route.roughing.wax-or-sealer-all'), new Said('route.roughing.ink-its-centre'),
                        new Said('route.roughing.number-date-wood-weigh')],
                    brief: new Said('route.roughing.wrapping-it'),
                ),
            ),
        ];
    }

    private function dry(): Operation
    {
        $subject = $this->subject;

        return new Operation(
            id: $subject->id('dry'), kind: StepKind::Dry, part: $subject->part->id,
            doing: new Doing(
                $subject->technique('weigh'),
                $subject->places(
                    $subject->faces(),
                ),
            ),
            timing: new Timing($subject->calibration->bench->weighMinutes, 1.5),
            setup: new Setup(
                stances: [Stance::Off],
                hold: new Said('route.roughing.on-the-rack'),
            ),
            words: new StepWords(
                new Said('route.roughing.dry-rack-then-off'),
                new Said('route.roughing.shrinks-goes-oval-until'),
                how: [
                    new Said('route.roughing.end-grain-sealed-wrapped'),
                    new Said('route.roughing.ready-where-weight-stands'),
                ],
                brief: new Said('route.roughing.wood-drying'), looks: [Look::Weight],
            ),
        );
    }

    private function hold(): Operation
    {
        $isTenon = $this->subject->part->holding === Holding::Tenon;
        $size = $this->size;
        $minutes = $this->subject->calibration->turning->holdMinutes;
        $dries = $size->shrinkFraction === null ? new Said('route.roughing.how-much-shrinks-nobody')
            : new Said('route.roughing.every-so-much-dries', [
                'whole' => Quantity::mm(100),
                'what' => Quantity::mm(100 * (1 - $size->shrinkFraction)),
            ]);
        if ($isTenon && $size->tenonMm !== null) {
            $dries = new Said('route.roughing.tenon-trued-when-dry', [
                'tenon' => Quantity::mm($size->tenonMm), 'jaws' => $size->jaws ?? '',
            ]);
        }

        return $this->operation(
            what: 'rough-hold', technique: $isTenon ? 'tenon' : 'recess', words: self::words($isTenon ? new Said(
                'route.roughing.cut-tenon-rough',
            ) : new Said('route.roughing.cut-recess-rough'), [$dries]),
            timing: new Timing(max(1.0, $minutes), 1.1), kind: StepKind::Turn, stances: null,
            on: [Face::Foot],
        );
    }

    /** @return list<Said> */
    private function walls(): array
    {
        $size = $this->size;

        return [
            new Said('route.roughing.wall-even-all-way', ['wall' => Quantity::mm($size->wallMm())]),
            $size->shrinkWallMm === null ? new Said(
                'route.roughing.tenth-diameter-common-rule',
            ) : new Said('route.roughing.common-rule-tenth-diameter', [
                'ruleWall' => Quantity::mm($size->ruleWallMm),
                'shrinkWall' => Quantity::mm($size->shrinkWallMm),
            ]),
        ];
    }

    /**
     * @param  list<Said>  $how
     * @param  list<Stance>|null  $stances
     */
    private function cut(
        string $what,
        string $technique,
        Said $title,
        CutTime $time,
        float $rank,
        array $how,
        StepKind $kind = StepKind::Turn,
        ?array $stances = null,
    ): Operation {
        return $this->operation(
            what: $what, technique: $technique, words: self::words($title, $how, $time->reckoning),
            timing: new Timing(max(1.0, $time->minutes), $rank), kind: $kind, stances: $stances,
            on: $this->subject->faces(),
        );
    }

    /**
     * @param  list<Said>  $how
     * @param  list<Said>  $reckoning
     */
    private static function words(Said $title, array $how, array $reckoning = []): StepWords
    {
        return new StepWords(
            $title, new Said('route.roughing.cut-thick-while-wet'), how: $how, brief: Said::lower($title),
            reckoning: $reckoning,
        );
    }

    /**
     * @param  list<Stance>|null  $stances
     * @param  list<Face>  $on
     */
    private function operation(
        string $what,
        string $technique,
        StepWords $words,
        Timing $timing,
        StepKind $kind,
        ?array $stances,
        array $on,
    ): Operation {
        $subject = $this->subject;
        $stance = $subject->positions->has(Stance::First) ? Stance::First : Stance::Main;

        return new Operation(
            id: $subject->id($what), kind: $kind, part: $subject->part->id,
            doing: new Doing($subject->technique($technique), [], on: $on),
            timing: $timing,
            setup: new Setup(
                work: Work::Spinning,
                stances: $stances ?? [$stance],
                speed: $what === 'rough'
                    ? $subject->startingSpeed($stance, $this->size->diameterMm, $this->size->heightMm)->start
                    : $subject->rimSpeed($this->size->diameterMm),
                hazards: $subject->spinning(),
            ),
            words: $words,
        );
    }

    /** What is turned off until the blank is round: a square one's corners, or what the saw left of a round one. */
    private function roundMm3(): float
    {
        return $this->roundBlankMm3() * ($this->subject->part->grain === GrainDirection::End ? 4 / M_PI - 1 : 0.1);
    }

    /** The outside down to its rough line, then the inside until its rough wall is left. */
    private function roughOut(): CutTime
    {
        $subject = $this->subject;
        $thicker = $this->size->wallMm() - ($subject->measured->wall->minMm ?? 0.0);
        $roughOut = $subject->measured->volumeMm3 + $thicker * $subject->areaMm2([Face::Inside, Face::Outside]) / 2;
        $waste = max(0.0, $this->roundBlankMm3() - $roughOut);
        $outside = min($waste, max(0.0, $this->roundBlankMm3() - $subject->solidMm3()));
        $across = $this->size->diameterMm;

        return CutTime::of($subject, CutKind::Rough, $outside, diameterMm: $across)
            ->with(CutTime::of($subject, CutKind::RoughOut, $waste - $outside, diameterMm: $across));
    }

    private function roundBlankMm3(): float
    {
        return M_PI * ($this->size->diameterMm / 2) ** 2 * $this->size->heightMm;
    }
}
