<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Holding\Holding;
use HonestGrain\Holding\Stance;
use HonestGrain\Lathework\Boring;
use HonestGrain\Lathework\CutWood;
use HonestGrain\Lathework\Hole;
use HonestGrain\Lathework\Speed;
use HonestGrain\Piece\HoleFrom;
use HonestGrain\Piece\HolePlace;
use HonestGrain\Piece\PartHole;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Route\Internal\Doing;
use HonestGrain\Route\Internal\Operation;
use HonestGrain\Route\Internal\Precedence;
use HonestGrain\Route\Internal\Setup;
use HonestGrain\Route\Internal\Timing;
use HonestGrain\Route\StepKind;
use HonestGrain\Route\StepWords;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Wait;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * Holes besides the bore: on the axis in steps, or across with the work held still.
 *
 * @internal
 */
final class Holes
{
    /** @return list<Operation> */
    public static function of(PartContext $subject): array
    {
        return array_map(fn (PartHole $hole): Operation => $hole->place === null
            ? self::onAxis($subject, $hole) : self::across($subject, $hole), $subject->part->allHoles());
    }

    /** @return list<Precedence> */
    public static function chains(PartContext $subject): array
    {
        $chains = [];
        foreach ($subject->part->allHoles() as $hole) {
            $face = $hole->place === null ? self::end($subject, $hole) : Face::Outside;
            $isOff = $hole->place === null && self::stance($subject, $hole) === null;
            $isInRecess = $face === Face::Foot && $subject->part->holding === Holding::Recess;
            $shaped = $subject->startsAs === StartsAs::Turned ? null : $subject->id(
                $isInRecess ? 'recess' : 'shape', $isInRecess ? null : Face::Outside,
            );
            // What holds that end is off before a bit goes into it.
            $chains[] = $face === Face::Foot || $isOff ? Precedence::custom(
                $subject->id('part-off'), $hole->id, Wait::none(), new Said('route.holes.end-is-free'),
            ) : null;
            $chains[] = $shaped === null ? null : Precedence::rule(
                $shaped, $hole->id, Wait::none(), new Said('route.holes.measured-from-last-shape'),
            );
            $chains[] = $isOff ? Precedence::custom(
                $subject->id('sand', $face), $hole->id, Wait::none(),
                new Said('route.joints.square-surface-there-edge'),
            ) : Precedence::custom(
                $hole->id, SandingRun::firstId($subject, $face), Wait::none(), new Said('route.holes.edge-sanded'),
            );
            $chains = [...$chains, ...self::afterTheInside($subject, $hole), ...self::stepped($subject, $hole)];
        }

        return array_values(array_filter($chains, fn (?Precedence $one): bool => $one !== null));
    }

    /** The end that a hole on the axis starts at. */
    public static function end(PartContext $subject, PartHole $hole): Face
    {
        return match (true) {
            $hole->from === HoleFrom::Foot => Face::Foot,
            $subject->has(Face::Inside) => Face::Inside,
            default => $subject->has(Face::Top) ? Face::Top : Face::Outside,
        };
    }

    /** How it is bored with a bit of the shop's; null where none does. */
    public static function boring(PartContext $subject, PartHole $hole): ?Boring
    {
        $grain = $subject->part->grain;
        $place = $hole->place;
        // Across a piece of side grain a hole runs into end grain where the grain comes out, and beside it into side.
        $isEnd = $place === null ? $grain === GrainDirection::End
            : $grain === GrainDirection::Side && abs(cos(deg2rad($place->azimuthDeg))) > M_SQRT1_2;

        $wood = $subject->cutWood();

        return $subject->boringIfAny(new Hole(
            diameterMm: $hole->diameterMm, depthMm: $hole->deepMm($subject->part->profile), wood: new CutWood(
                $isEnd ? GrainDirection::End : GrainDirection::Side, $wood->hardnessN, $wood->isWet,
            ), isThrough: $hole->comesOut($subject->part->profile),
            mostRpm: $place === null ? $subject->rimSpeed()->rpm : null,
        ), $hole->bit);
    }

    /** @return list<Precedence> */
    private static function afterTheInside(PartContext $subject, PartHole $hole): array
    {
        $isHollowed = $subject->startsAs !== StartsAs::Turned && $subject->has(Face::Inside);
        $isIn = $hole->opensInside($subject->part->profile);
        $isWithin = $hole->place !== null || $hole->from === HoleFrom::Top || $isIn;

        return [
            ...$isHollowed && $isWithin ? [Precedence::rule(
                $subject->id('hollow', Face::Inside), $hole->id, Wait::none(),
                new Said('route.marked.tool-catches-in-opening'),
            )] : [],
            ...$isIn && isset($subject->sandings[Face::Inside->value])
                ? [Precedence::custom(
                    $subject->id('sand', Face::Inside), $hole->id, Wait::none(),
                    new Said('route.marked.paper-catches-in-opening'),
                )] : [],
        ];
    }

    /** @return list<Precedence> of those on the axis from one end, the wider ones first */
    private static function stepped(PartContext $subject, PartHole $hole): array
    {
        $chains = [];
        foreach ($hole->place === null ? $subject->part->allHoles() : [] as $other) {
            if ($other->place === null && $other->from === $hole->from && $other->diameterMm > $hole->diameterMm) {
                $chains[] = Precedence::rule(
                    $other->id, $hole->id, Wait::none(), new Said('route.holes.wide-first'),
                );
            }
        }

        return $chains;
    }

    /** The position in which no hold and no tail centre stands at that end; null where there is none on the lathe. */
    private static function stance(PartContext $subject, PartHole $hole): ?Stance
    {
        $isFoot = $hole->from === HoleFrom::Foot;
        $tried = match (true) {
            ! $isFoot => [Stance::Main],
            // What grips the foot later would grip a ring.
            $subject->part->holding === Holding::Tenon => [Stance::Foot],
            default => [Stance::First, Stance::Foot],
        };
        foreach ($tried as $stance) {
            $mount = $subject->positions->has($stance) ? $subject->positions->at($stance)->mount : null;
            if ($mount !== null && ! $subject->tables->lathe->holds->needsTail($mount)) {
                return $stance;
            }
        }

        return null;
    }

    private static function onAxis(PartContext $subject, PartHole $hole): Operation
    {
        $boring = self::boring($subject, $hole);
        $face = self::end($subject, $hole);
        $stance = self::stance($subject, $hole);
        $isOn = $stance !== null && $boring !== null;

        return self::drilled($subject, $hole, new Setup(
            work: $isOn ? Work::Spinning : Work::Lap, stances: [$isOn ? $stance : Stance::Off],
            speed: $isOn ? $subject->rimSpeed()->under(Speed::most($boring->rpm, 'bit')) : null,
            hazards: $isOn ? $subject->spinning() : [],
            hold: $isOn ? null : new Said('route.bored.upright-under-the-press'),
        ), $isOn ? [] : [new Said('route.holes.trim-its-edge')], $face);
    }

    private static function across(PartContext $subject, PartHole $hole): Operation
    {
        $place = $hole->place ?? throw new \LogicException('It is no hole across.');
        $profile = $subject->part->profile;
        $left = $place->woodMm($profile) - $hole->deepMm($profile);

        return self::drilled($subject, $hole, self::heldAcross($subject), PartContext::said(
            ...self::markedOut($subject, $place),
            ...[$hole->opensInside($profile) ? new Said('route.holes.backed-up')
                : ($left > 0.05 ? new Said('route.holes.wood-left', ['left' => Quantity::mm($left)]) : null)],
        ), Face::Outside);
    }

    /** Locked by the index, or in a cradle where nothing stops the lathe at an angle. */
    public static function heldAcross(PartContext $subject): Setup
    {
        $lathe = $subject->bench->equipment->lathe;

        return $lathe !== null && $lathe->indexHoles === [] ? new Setup(
            work: Work::Lap, stances: [Stance::Off], hold: new Said('route.joints.padded-cradle'),
        ) : new Setup(work: Work::Locked, hazards: [Hazard::BeforeSwitch]);
    }

    /** @return list<Said|null> where a hole across starts and how it is tilted */
    public static function markedOut(PartContext $subject, HolePlace $place): array
    {
        $index = $subject->bench->equipment->lathe->indexHoles ?? [];
        $plate = $index === [] ? null : max($index);

        return [
            new Said('route.holes.mark-it', [
                'height' => Quantity::mm($place->heightMm), 'azimuth' => Quantity::degrees($place->azimuthDeg),
            ]),
            $plate === null ? null : new Said('route.holes.index-hole', [
                'hole' => Quantity::count(round($place->azimuthDeg / 360 * $plate) % $plate + 1),
                'plate' => Quantity::count($plate),
            ]),
            $place->angleDeg === 0.0 ? null : new Said(
                $place->angleDeg > 0 ? 'route.holes.tilted-up' : 'route.holes.tilted-down',
                ['angle' => Quantity::degrees(abs($place->angleDeg))],
            ),
        ];
    }

    /** @param  list<Said>  $how */
    private static function drilled(
        PartContext $subject, PartHole $hole, Setup $setup, array $how, Face $face,
    ): Operation {
        $boring = self::boring($subject, $hole);
        $deep = $hole->deepMm($subject->part->profile);
        $time = $boring === null ? CutTime::hole($subject, $hole->diameterMm, $deep) : CutTime::boring($boring);
        $title = new Said('route.holes.drill', [
            'diameter' => Quantity::mm($hole->diameterMm),
            'where' => $hole->place === null ? new Said("route.holes.on-axis-{$hole->from->value}")
                : new Said('route.holes.across', ['height' => Quantity::mm($hole->place->heightMm)]),
            'depth' => $hole->comesOut($subject->part->profile) ? new Said(
                $hole->opensInside($subject->part->profile) ? 'route.holes.into-inside' : 'route.holes.through',
            ) : new Said('route.holes.deep', ['depth' => Quantity::mm($deep)]),
        ]);

        return new Operation(
            id: $hole->id, kind: StepKind::Turn, part: $subject->part->id,
            doing: new Doing($subject->technique('drill'), [], of: [$hole->id], on: [$face]),
            timing: new Timing(max(1.0, $time->minutes), 27.0 - $hole->diameterMm / 1000),
            setup: $setup,
            words: new StepWords(
                $title, new Said(
                    $setup->stances === [Stance::Off] ? 'route.holes.end-is-free'
                        : 'route.holes.after-shape-before-paper',
                ), how: PartContext::said(...$how, ...[$boring === null ? null : Bored::withBit($boring, $deep)],
                    ...$time->how),
                brief: Said::lower($title), reckoning: $time->reckoning,
            ),
        );
    }
}
