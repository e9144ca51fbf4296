<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Geometry\Face;
use HonestGrain\Holding\Stance;
use HonestGrain\Piece\Joint;
use HonestGrain\Piece\JointKind;
use HonestGrain\Piece\JointPlace;
use HonestGrain\Rack\Truing;
use HonestGrain\Route\Internal\Doing;
use HonestGrain\Route\Internal\Operation;
use HonestGrain\Route\Internal\Place;
use HonestGrain\Route\Internal\Precedence;
use HonestGrain\Route\Internal\Setup;
use HonestGrain\Route\Internal\Timing;
use HonestGrain\Route\StepKind;
use HonestGrain\Route\StepWords;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Wait;
use HonestGrain\Technique\Work;
use HonestGrain\Words\FirstLetter;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * How two parts come together: fitted on bare wood, eased while film builds, glued before what needs them joined.
 *
 * @internal
 */
final readonly class Joints
{
    /** Less than this reads as nought. */
    private const SAID_MM = 0.05;

    private Operation $fit;

    /** @param  bool  $isFreeToEnter  whether the end that goes in is off its hold before the part is coated */
    private function __construct(
        private Joint $joint,
        private PartContext $socket,
        private PartContext $spigot,
        private bool $isFreeToEnter,
    ) {
        $this->fit = $joint->kind === JointKind::Ball ? $this->tried() : $this->fitted();
    }

    /**
     * @param  array<string, PartContext>  $subjects  by part
     * @param  array<string, Coats>  $coats  by part
     * @return array{list<Operation>, list<Precedence>}
     */
    public static function of(Joint $joint, array $subjects, array $coats): array
    {
        $self = new self(
            $joint, $subjects[$joint->socket], $subjects[$joint->spigot], $coats[$joint->spigot]->isReleasedEarly,
        );
        $laid = [...$coats[$joint->socket]->laid(), ...$coats[$joint->spigot]->laid()];

        [$operations, $chains] = match (true) {
            $joint->kind === JointKind::Ball => [[], $self->onceDry($laid)],
            $joint->kind->isGlued() => $self->glued($laid),
            default => $self->eased($laid),
        };
        $operations = [$self->fit, ...$operations];
        if ($joint->isDrilled($self->socket->part)) {
            $operations[] = $socket = $self->socket();
            $chains[] = Precedence::rule(
                $socket->id, $self->fit->id, Wait::none(), new Said('route.joints.there-nothing-fit-into'),
            );
            foreach (['shape', 'sand'] as $what) {
                $chains[] = Precedence::custom(
                    $self->socket->id($what, $self->face()), $socket->id, Wait::none(),
                    new Said('route.joints.square-surface-there-edge'),
                );
            }
        }
        if ($self->spigot->entersByFoot()) {
            $chains[] = Precedence::custom(
                $self->spigot->id('part-off'), "$joint->id/fit", Wait::none(),
                new Said('route.joints.end-goes-free-only'),
            );
        }

        foreach ($joint->kind->isFitted() ? [$self->socket, $self->spigot] : [] as $subject) {
            $chains[] = Precedence::custom(
                $self->fit->id, $subject->id('wipe-clean'), Wait::none(),
                new Said('route.joints.what-eased-off-dust'),
            );
        }

        return [$operations, $chains];
    }

    /**
     * @param  list<LaidCoat>  $laid
     * @return array{list<Operation>, list<Precedence>}
     */
    private function eased(array $laid): array
    {
        $films = array_filter($laid, fn (LaidCoat $coat): bool => $coat->coating->buildsFilm());
        if ($films === [] || $this->joint->kind !== JointKind::Lifts) {
            return [[], []];
        }
        $subject = $this->socket;
        $id = "{$this->joint->id}/ease";
        $chains = array_map(fn (LaidCoat $coat): Precedence => Precedence::rule(
            $coat->last, $id,
            $coat->handled(),
            new Said('route.joints.film-still-soft-sticks'),
        ), array_values($films));
        $ease = new Operation(
            id: $id, kind: StepKind::FitLid, part: $subject->part->id,
            doing: new Doing($subject->technique('fit'), [], of: [$this->joint->id]),
            timing: new Timing($subject->calibration->bench->easeMinutes, 97.0),
            setup: new Setup(
                work: Work::Hand,
                hold: new Said('route.joints.both-hands'),
            ),
            words: new StepWords(
                new Said('route.joints.try-ease-off', [
                    'what' => $this->name($this->spigot),
                    'what2' => $this->name($subject),
                ]),
                new Said('route.joints.film-builds-both-sides'),
                how: [
                    new Said('route.joints.where-binds-few-strokes'),
                ],
                brief: new Said('route.joints.ease-the', [
                    'what' => $this->name(
                        $this->spigot,
                    ),
                ]),
            ),
        );

        return [[$ease], [...$chains, Precedence::rule(
            $this->fit->id, $id, Wait::none(), new Said('route.joints.was-fitted-bare-first'),
        )]];
    }

    /**
     * @param  list<LaidCoat>  $laid
     * @return list<Precedence> what may be handled is tried, since it hangs free and no film binds it
     */
    private function onceDry(array $laid): array
    {
        $whole = array_map(fn (string $id): Precedence => Precedence::custom(
            $id, $this->fit->id, Wait::none(), new Said('route.joints.hangs-once-whole'),
        ), [
            $this->socket->id('part-off'), $this->spigot->id('part-off'), $this->socket->id('wipe-clean'),
            $this->spigot->id('wipe-clean'),
        ]);

        return [...$whole, ...array_map(fn (LaidCoat $coat): Precedence => Precedence::custom(
            $coat->last, $this->fit->id,
            $coat->handled(),
            new Said('route.joints.film-still-soft-sticks'),
        ), $laid)];
    }

    /**
     * @param  list<LaidCoat>  $laid
     * @return array{list<Operation>, list<Precedence>}
     */
    private function glued(array $laid): array
    {
        $rates = $this->socket->calibration->joints;
        $isPlug = $this->joint->kind === JointKind::Plug;
        $glueOf = $this->joint->gluedWith($this->socket->piece->purpose);
        $hours = Wait::hours($glueOf->hours($rates));
        $id = "{$this->joint->id}/glue";
        $glue = new Operation(
            id: $id, kind: StepKind::Glue, part: $this->socket->part->id,
            doing: new Doing(
                $this->socket->technique('glue'),
                $isPlug ? $this->places([Face::Foot, Face::Bore, Face::Inside]) : [],
                of: [$this->joint->id],
            ),
            timing: new Timing(
                $rates->glueMinutes,
                65.0,
                wait: $hours,
            ),
            setup: new Setup(
                hazards: Hazard::ofProduct($glueOf->hazards()), hold: new Said('route.joints.clamped-true'),
            ),
            words: new StepWords(
                new Said('route.joints.glue-into', [
                    'what' => $this->name($this->spigot),
                    'what2' => $this->name($this->socket),
                ]),
                $isPlug ? new Said('route.joints.before-foot-turned-flush')
                : new Said('route.joints.both-parts-finished-joint'),
                how: [
                    new Said('route.joints.with-glue', [
                        'glue' => $glueOf->label(), 'hours' => Quantity::hours($glueOf->hours($rates)),
                    ]),
                    new Said($isPlug ? 'route.joints.grain-same-way' : 'route.joints.grooves'),
                    new Said('route.joints.glue-bare-wood-only'), ...$isPlug ? $this->carries() : [],
                ],
                brief: new Said('route.joints.gluing'),
                waitFor: new Said('route.joints.to-set'),
            ),
        );
        $chains = [
            Precedence::rule($this->fit->id, $id, Wait::none(), new Said('route.joints.joint-tried-dry-before')),
        ];
        if ($isPlug) {
            foreach (['part-off', 'sand'] as $what) {
                $later = $what === 'sand' ? SandingRun::firstId($this->socket, Face::Foot) : $this->socket->id($what);
                $chains[] = Precedence::custom(
                    $id, $later, $hours, new Said('route.joints.foot-turned-flush-plug'),
                );
            }
        }
        foreach ($isPlug ? [] : $laid as $coat) {
            $chains[] = Precedence::custom(
                $coat->last, $id,
                $coat->handled(),
                new Said('route.joints.each-part-coated-while'),
            );
        }

        return [[$glue], $chains];
    }

    /** @return list<Said> by what of a plug the piece may be held once it has set: as wide as its tenon would be */
    private function carries(): array
    {
        $least = $this->socket->mainHold?->mount->isInJaws() === true
            ? $this->socket->mainHold->size['diameter_mm'] ?? null : null;
        $plug = $this->spigot->part->profile;
        $long = $this->socket->calibration->stock->tenonMm;

        return is_float($least) && $plug->diameterMm() >= $least && $plug->heightMm() >= $long
            ? [new Said('route.joints.plug-carries', [
                'across' => Quantity::mm($least), 'long' => Quantity::mm($long),
            ])] : [];
    }

    /** The face that the socket goes into. */
    private function face(): Face
    {
        return match ($this->joint->place) {
            JointPlace::Side => Face::Outside,
            JointPlace::Foot => Face::Foot,
            JointPlace::Top => Face::Top,
        };
    }

    /** The hole that the tenon goes into, off the lathe. */
    private function socket(): Operation
    {
        $deep = $this->joint->socketMm();
        $at = $this->joint->at;
        $boring = $this->socket->boringIfAny($this->socket->hole($this->joint->diameterMm, $deep, isStill: true));
        $time = $boring === null ? CutTime::hole($this->socket, $this->joint->diameterMm, $deep)
            : CutTime::boring($boring);

        return new Operation(
            id: "{$this->joint->id}/socket", kind: StepKind::Mark, part: $this->socket->part->id,
            doing: new Doing($this->socket->technique('drill'), [], of: [$this->joint->id], on: []),
            timing: new Timing($time->minutes, 59.0),
            setup: $at === null ? new Setup(
                work: Work::Lap, stances: [Stance::Off],
                hold: new Said('route.joints.padded-cradle'),
            ) : Holes::heldAcross($this->socket),
            words: new StepWords(
                new Said('route.joints.drill-socket-across-deep', [
                    'what' => $this->name($this->spigot),
                    'diameter' => Quantity::mm($this->joint->diameterMm),
                    'deep' => Quantity::mm($deep),
                ]),
                new Said('route.joints.what-glued-needs-hole'),
                how: PartContext::said(
                    ...$at === null ? [] : Holes::markedOut($this->socket, $at),
                    ...[$at === null ? new Said('route.joints.cradle-drill-press-measure')
                        : new Said('route.holes.wood-left', [
                            'left' => Quantity::mm($at->woodMm($this->socket->part->profile) - $deep),
                        ])],
                    ...$time->how,
                ),
                brief: new Said('route.joints.drill-socket'),
                reckoning: $time->reckoning,
            ),
        );
    }

    /** A ball hangs free in its cup: there is nothing to fit, and no film binds. */
    private function tried(): Operation
    {
        [$cup, $ball] = [$this->socket->part, $this->spigot->part];

        return new Operation(
            id: "{$this->joint->id}/fit", kind: StepKind::FitLid, part: $cup->id,
            doing: new Doing($this->socket->technique('fit'), [], of: [$this->joint->id], on: []),
            timing: new Timing($this->socket->calibration->bench->easeMinutes, 97.0),
            setup: new Setup(work: Work::Hand, hold: new Said('route.joints.both-hands')),
            words: new StepWords(
                new Said('route.joints.try-the-ball', [
                    'ball' => $this->name($this->spigot), 'cup' => $this->name($this->socket),
                ]),
                new Said('route.joints.falls-in'), how: [new Said('route.joints.ball-clearance', [
                    'clear' => Quantity::mm($this->joint->clearanceMm($ball, $this->socket->calibration->joints)),
                    'play' => Quantity::mm($this->joint->playMm($cup, $ball) ?? 0.0),
                ])],
                brief: new Said('route.joints.try', ['what' => $this->name($this->spigot)]),
            ),
        );
    }

    /** Whether one of them is turned wet and moves: they are fitted once both are dry, off the lathe. */
    private function isFittedDry(): bool
    {
        $isCoatedWet = fn (PartContext $one): bool => $one->isFinishedWet() && $one->hasCoats();

        return ($this->socket->isTurnedOnce() || $this->spigot->isTurnedOnce())
            && ! $isCoatedWet($this->socket) && ! $isCoatedWet($this->spigot);
    }

    private function fitted(): Operation
    {
        $parts = [$this->socket->part, $this->spigot->part];
        $rates = $this->socket->calibration->joints;
        $fit = $this->joint->fit($parts[0], $parts[1], $rates);

        return new Operation(
            id: "{$this->joint->id}/fit", kind: StepKind::FitLid, part: $parts[0]->id,
            doing: new Doing(
                $this->socket->technique('fit'),
                $this->places($this->joint->place === JointPlace::Side
                ? [Face::Outside] : Face::except($this->socket->faces(), [Face::Outside, Face::Foot])),
                of: [$this->joint->id],
                on: [],
            ),
            timing: new Timing($this->socket->calibration->bench->fitMinutes, 60.0),
            setup: new Setup(
                work: $this->joint->place === JointPlace::Top && ! $this->isFittedDry() ? Work::Spinning : Work::Hand,
                // The box stays on its hold for what comes.
                stances: $this->spigot->isInPartner() ? [Stance::Main] : null,
                hazards: $this->socket->spinning(),
            ),
            words: new StepWords(
                new Said('route.joints.fit-the-to-the', [
                    'what' => $this->name($this->spigot),
                    'what2' => $this->name($this->socket),
                    'what3' => $this->joint->kind->isGlued() ? new Said('route.joints.dry') : new Said(
                        'route.joints.then-ease-off',
                    ),
                ]),
                new Said('route.joints.before-any-film-built'),
                how: PartContext::said(
                    new Said('route.joints.they-meet-drawn', [
                        'diameter' => Quantity::mm($this->joint->diameterMm),
                        'what' => new Said("route.joints.fit.$fit->value"),
                    ]),
                    $this->joint->place === JointPlace::Side ? new Said('route.joints.shoulder-to-curve') : null,
                    ...$this->joint->kind->isGlued() ? [] : $this->movement(),
                ),
                brief: new Said('route.joints.fit-the', ['what' => $this->name($this->spigot)]),
            ),
        );
    }

    /** @return list<Said> what the wood about the mouth still moves, and how much play a lid needs that may turn */
    private function movement(): array
    {
        [$part, $rates] = [$this->socket->part, $this->socket->calibration->joints];
        $oval = fn (float $from, float $to): float => Truing::ovalMm(
            wood: $part->wood, grain: $part->grain, diameterMm: $this->joint->diameterMm, fromPercent: $from,
            toPercent: $to, rings: $part->rings,
        ) ?? 0.0;
        $air = $this->socket->bench->equilibriumPercent;
        $still = $oval(max($part->moisturePercent, $air), min($part->moisturePercent, $air));
        $point = $oval($air, $air - 1.0);

        return PartContext::said(
            $point < self::SAID_MM ? null : new Said('route.joints.turns-or-lines-up', [
                'oval' => Quantity::mm($point), 'play' => Quantity::mm($rates->tightBelowMm + $point),
            ]),
            $still < self::SAID_MM ? null : new Said('route.joints.moves-until-used', [
                'oval' => Quantity::mm($still), 'from' => Quantity::percent($part->moisturePercent),
                'to' => Quantity::percent($air),
            ]),
        );
    }

    /**
     * Faces of the part with the socket, and all of the part that goes into it.
     *
     * @param  list<Face>  $faces
     * @return list<Place>
     */
    private function places(array $faces): array
    {
        $faces = Face::among($faces, $this->socket->faces());

        $free = array_filter(
            $this->spigot->isInPartner() ? [Face::Foot] : $this->spigot->faces(),
            fn (Face $face): bool => ! $this->spigot->isCovered($face) || $this->isFreeToEnter,
        );

        return [...$this->socket->places($faces), ...$this->spigot->places(array_values($free))];
    }

    private function name(PartContext $subject): string
    {
        return FirstLetter::small($subject->part->name);
    }
}
