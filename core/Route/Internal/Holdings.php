<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Holding\Holding;
use HonestGrain\Holding\Holds;
use HonestGrain\Holding\HoldStage;
use HonestGrain\Holding\Mount;
use HonestGrain\Holding\Stance;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\PartBlank;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\School;
use HonestGrain\Piece\School\Lid;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Piece\Tables;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\ConflictCode;
use HonestGrain\Route\Internal\Work\PartContext;
use HonestGrain\Route\PartHolds;
use HonestGrain\Words\Said;

/**
 * By what each part of a piece is really held while most of it is worked: as it was wished where the shop has that and
 * it serves, else by the next best that it has.
 *
 * @internal
 */
final readonly class Holdings
{
    /** What takes the place of a holding that does not serve. */
    private const OTHERS = [
        Holding::Tenon, Holding::Recess, Holding::BetweenCentres, Holding::WideJaws, Holding::Faceplate,
        Holding::GlueBlock, Holding::Mandrel,
    ];

    /**
     * @param  array<string, Said>  $instead  why a part is not held as wished, by part
     * @param  list<Conflict>  $conflicts  parts that nothing holds
     */
    private function __construct(public Piece $piece, public array $instead, public array $conflicts)
    {
    }

    public static function of(Piece $piece, Bench $bench, Tables $tables): self
    {
        [$held, $instead, $conflicts] = [$piece, [], []];
        $school = School::of($piece->school, $bench->school);
        foreach ($piece->parts as $part) {
            if (self::isFinishedTogether($piece, $part, $school, $bench, $tables)) {
                $held = $held->withPart($part->heldBy(Holding::JamPartner));

                continue;
            }
            $holds = PartHolds::at(HoldStage::Inside, $piece, $part, $bench, $tables);
            $not = self::refusal($piece, $part, $holds);
            // What the lathe does not take at all, no hold helps.
            if ($not === [] || self::isBeyond($part, $bench, $tables, $piece)) {
                continue;
            }
            $other = $holds->choice(...array_map(
                fn (Holding $one) => $one->on(), array_filter(
                    self::OTHERS, fn (Holding $one): bool => $one !== $part->holding,
                ),
            ));
            if ($other === null) {
                $conflicts[] = self::nothing($part, $not);

                continue;
            }
            $held = $held->withPart($part->heldBy(Holding::from($other->mount->value)));
            $instead[$part->id] = new Said('route.holdings.instead', [
                'holding' => $part->holding->said(), 'because' => $not,
            ]);
        }

        return new self($held, $instead, $conflicts);
    }

    /** A lid along the grain that goes into its box by a solid foot, and a box that stays on its hold meanwhile. */
    private static function isFinishedTogether(
        Piece $piece, Part $part, School $school, Bench $bench, Tables $tables,
    ): bool {
        $box = $piece->boxOf($part);

        // The box of a lid that is made again may stand finished.
        $isFirst = $piece->startsAs === StartsAs::Blank && $part->startsAs === null;

        return $isFirst && $school->lid === Lid::Together && $box !== null
            && $part->holding === Holding::Tenon && $box->holding === Holding::Tenon
            && $part->grain === GrainDirection::End && $part->profile->inner === null && $part->profile->bore === null
            && $tables->lathe->holds->has(Mount::JamPartner) && $bench->equipment->owns(Mount::Tenon)
            && ! $bench->isWet($part->moisturePercent);
    }

    private static function isBeyond(Part $part, Bench $bench, Tables $tables, Piece $piece): bool
    {
        $lathe = $bench->equipment->lathe;
        $long = $part->holding === Holding::BetweenCentres
            ? PartBlank::of($part, $piece->stockOf($part), $tables->calibration)->highMm : 0.0;

        return $lathe !== null && ($part->profile->diameterMm() > $lathe->swingMm || $long > $lathe->bedMm);
    }

    /** @return list<Said> why a part cannot be held as wished; none where it can */
    private static function refusal(Piece $piece, Part $part, Holds $holds): array
    {
        $wished = $holds->by($part->holding->on());

        return match (true) {
            $wished === null => [new Said('holding.hold.not-known')],
            $wished->fits() => [],
            // What is turned already is held by what it has.
            $piece->begins($part) !== StartsAs::Blank && $holds->has($wished->mount) => [],
            default => $wished->because,
        };
    }

    /**
     * A part whose blank nothing holds, or nothing that is turned round.
     *
     * @return list<Conflict>
     */
    public static function conflicts(PartContext $subject): array
    {
        [$holding, $wishes] = [$subject->part->holding, $subject->part->holds];
        $isFirst = $subject->startsAs === StartsAs::Blank && $holding->hasFirst()
            && $subject->firstHold === null;
        $isFoot = $subject->positions->has(Stance::Foot) && $subject->isPartedOff() && $subject->footHold === null
            && $subject->partingStance() === Stance::Foot;

        $isNever = fn (?Mount $wish, Stance $stance): bool => $wish !== null && ! $subject->positions->has($stance)
            && $subject->startsAs === StartsAs::Blank;
        $never = array_filter([
            $isNever($wishes->outside, Stance::First) ? $wishes->outside : null,
            $isNever($wishes->foot, Stance::Foot) && ! $subject->isFootByHand() ? $wishes->foot : null,
        ]);

        return [...array_map(fn (string $line): Conflict => Conflict::forbid(
            [$subject->id('mount')], new Said($line, ['part' => $subject->part->name]),
            [new Said('route.holdings.list-hold')], ConflictCode::NoHold,
        ), [
            ...$isFirst ? ['route.holdings.no-first'] : [], ...$isFoot ? ['route.holdings.no-foot'] : [],
        ]), ...array_map(fn (Mount $wish): Conflict => Conflict::warn(
            [$subject->id('mount')], new Said('route.holdings.never-held-so', [
                'part' => $subject->part->name, 'mount' => $wish->label(), 'holding' => $holding->said(),
            ]), [new Said('route.holdings.another-holding')],
        ), array_values($never))];
    }

    /** @param  list<Said>  $not */
    private static function nothing(Part $part, array $not): Conflict
    {
        return Conflict::forbid(["$part->id/mount"], new Said('route.holdings.nothing', [
            'part' => $part->name, 'holding' => $part->holding->said(), 'because' => $not,
        ]), [
            new Said('route.holdings.list-hold'), new Said('route.holdings.wider-foot'),
            new Said('route.holdings.draw-lower'),
        ], ConflictCode::NoHold);
    }
}
