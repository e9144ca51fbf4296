<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Holding\Stance;
use HonestGrain\Piece\Fit;
use HonestGrain\Piece\Joint;
use HonestGrain\Piece\JointKind;
use HonestGrain\Piece\JointPlace;
use HonestGrain\Route\Internal\Operation;
use HonestGrain\Route\Internal\Place;
use HonestGrain\Route\Internal\Precedence;
use HonestGrain\Route\StepKind;
use HonestGrain\Schedule\Wait;
use HonestGrain\Technique\Work;

/**
 * How two parts come together: fitted on bare wood, eased while film builds, glued before what needs them joined.
 *
 * @internal
 */
final readonly class Joints
{
    private Operation $fit;

    /** @param  bool  $isFreeToEnter  whether the end that goes in is off its hold before the part is coated */
    private function __construct(
        private Joint $joint,
        private PartContext $socket,
        private PartContext $spigot,
        private bool $isFreeToEnter,
    ) {
        $this->fit = $this->fit();
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

        [$operations, $chains] = $joint->kind->isGlued() ? $self->glued($laid) : $self->eased($laid);
        if ($joint->isDrilled($self->socket->part)) {
            $operations[] = $socket = $self->socket();
            $chains[] = Precedence::rule(
                $socket->id, $self->fit->id, Wait::none(), 'There is nothing to fit it into yet.',
            );
            foreach (['shape', 'sand'] as $what) {
                $chains[] = Precedence::custom(
                    $self->socket->id($what, $self->face()), $socket->id, Wait::none(),
                    'It is square to a surface that is there, and its edge stays crisp.',
                );
            }
        }
        if ($self->spigot->entersByFoot()) {
            $chains[] = Precedence::custom(
                $self->spigot->id('part-off'), "$joint->id/fit", Wait::none(),
                'The end that goes in is free only then.',
            );
        }

        foreach ($joint->kind->isGlued() ? [] : [$self->socket, $self->spigot] as $subject) {
            $chains[] = Precedence::custom(
                $self->fit->id, $subject->id('wipe-clean'), Wait::none(),
                'What is eased off is dust again, and no coat goes on over it.',
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
            return [[$this->fit], []];
        }
        $subject = $this->socket;
        $id = "{$this->joint->id}/ease";
        $chains = array_map(fn (LaidCoat $coat): Precedence => Precedence::rule(
            $coat->last, $id,
            Wait::hours($coat->coating->handleHours * $coat->slowed, null, $coat->coating->kinetics()),
            'Film that is still soft sticks to film.',
        ), array_values($films));
        $ease = new Operation(
            $id, $subject->technique('fit'), StepKind::FitLid, $subject->part->id, [],
            sprintf('Try the %s on the %s and ease it off', $this->name($this->spigot), $this->name($subject)),
            $subject->calibration->bench->easeMinutes,
            'Film builds on both sides of the joint: what went on bare may bind now.', 97.0,
            how: [
                'Where it binds, a few strokes of worn fine paper and a little dry wax; keep it off until it is cured.',
            ],
            of: [$this->joint->id], work: Work::Hand, hold: 'in both hands', brief: 'ease the '.$this->name(
                $this->spigot,
            ),
        );

        return [[$this->fit, $ease], [...$chains, Precedence::rule(
            $this->fit->id, $id, Wait::none(), 'It was fitted bare first.',
        )]];
    }

    /**
     * @param  list<LaidCoat>  $laid
     * @return array{list<Operation>, list<Precedence>}
     */
    private function glued(array $laid): array
    {
        $rates = $this->socket->calibration->joints;
        $isPlug = $this->joint->kind === JointKind::Plug;
        $id = "{$this->joint->id}/glue";
        $glue = new Operation(
            $id, $this->socket->technique('glue'), StepKind::Glue, $this->socket->part->id,
            $isPlug ? $this->places(['foot', 'bore', 'inside']) : [],
            sprintf('Glue the %s into the %s', $this->name($this->spigot), $this->name($this->socket)),
            $rates->glueMinutes, $isPlug ? 'Before the foot is turned flush and before anything wet goes in.'
                : 'Both parts are finished; the joint itself is bare wood.', 65.0, Wait::hours(
                    $rates->glueHours,
                ), 'to set',
            how: ['Glue on bare wood only; wipe off what is pressed out at once.'], of: [$this->joint->id],
            hold: 'clamped, true', brief: 'gluing',
        );
        $chains = [Precedence::rule($this->fit->id, $id, Wait::none(), 'A joint is tried dry before glue is on it.')];
        if ($isPlug) {
            foreach (['part-off', 'sand'] as $what) {
                $later = $what === 'sand' ? SandingRun::firstId($this->socket, 'foot') : $this->socket->id($what);
                $chains[] = Precedence::custom(
                    $id, $later, Wait::hours($rates->glueHours), 'The foot is turned flush with its plug.',
                );
            }
        }
        foreach ($isPlug ? [] : $laid as $coat) {
            $chains[] = Precedence::custom(
                $coat->last, $id,
                Wait::hours($coat->coating->handleHours * $coat->slowed, null, $coat->coating->kinetics()),
                'Each part is coated while all of it can be reached; the joint stays bare.',
            );
        }

        return [[$this->fit, $glue], $chains];
    }

    /** The face that the socket goes into. */
    private function face(): string
    {
        return match ($this->joint->place) {
            JointPlace::Side => 'outside',
            JointPlace::Foot => 'foot',
            JointPlace::Top => 'top',
        };
    }

    /** The hole that the tenon goes into, off the lathe. */
    private function socket(): Operation
    {
        $rates = $this->socket->calibration->turning;
        $deep = $this->joint->depthMm > 0 ? $this->joint->depthMm : $this->joint->diameterMm;

        return new Operation(
            "{$this->joint->id}/socket", $this->socket->technique('drill'), StepKind::Mark, $this->socket->part->id,
            [], sprintf(
                'Drill the socket for the %s, %.1f mm across and %.0f mm deep', $this->name($this->spigot),
                $this->joint->diameterMm, $deep,
            ), $rates->fitBitMinutes + $deep / $rates->drillMmPerMinute,
            'What is glued in needs a hole of its own size, square to where it stands.', 59.0,
            how: [
                'In a cradle on the drill press; measure the wood left below it first, and try the bit on scrap. Tape '
                    .'over the place keeps its edge whole.',
            ],
            of: [$this->joint->id], work: Work::Lap, zone: '', hold: 'in a padded cradle',
            brief: 'drill the socket', stances: [Stance::Off],
        );
    }

    private function fit(): Operation
    {
        $parts = [$this->socket->part, $this->spigot->part];
        $fit = $this->joint->fit($parts[0], $parts[1], $this->socket->calibration->joints);

        return new Operation(
            "{$this->joint->id}/fit", $this->socket->technique('fit'), StepKind::FitLid, $parts[0]->id,
            $this->places($this->joint->place === JointPlace::Side
                ? ['outside'] : array_values(array_diff($this->socket->faces(), ['outside', 'foot']))),
            sprintf('Fit the %s to the %s%s', $this->name($this->spigot), $this->name($this->socket),
                $this->joint->kind->isGlued() ? ', dry' : ', then ease it off'),
            $this->socket->calibration->bench->fitMinutes,
            'Before any film is built, or the coats glue it shut; while the mouth still runs true.', 60.0,
            hazards: $this->socket->spinning(),
            how: [sprintf('They meet at %.1f mm; as drawn it %s.', $this->joint->diameterMm, match ($fit) {
                Fit::Binds => 'does not go in yet',
                Fit::Fits => 'fits',
                Fit::Loose => 'is loose',
                Fit::Unknown => 'is fitted by trying',
            })],
            of: [$this->joint->id], work: $this->joint->place === JointPlace::Top ? Work::Spinning : Work::Hand,
            zone: '', brief: 'fit the '.$this->name($this->spigot),
        );
    }

    /**
     * Faces of the part with the socket, and all of the part that goes into it.
     *
     * @param  list<string>  $faces
     * @return list<Place>
     */
    private function places(array $faces): array
    {
        $faces = array_values(array_intersect($faces, $this->socket->faces()));

        $free = array_filter(
            $this->spigot->faces(), fn (string $face): bool => ! $this->spigot->isCovered($face)
                || $this->isFreeToEnter,
        );

        return [...$this->socket->places($faces), ...$this->spigot->places(array_values($free))];
    }

    private function name(PartContext $subject): string
    {
        return lcfirst($subject->part->name);
    }
}
