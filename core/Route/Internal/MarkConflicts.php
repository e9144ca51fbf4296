<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Coating\Between;
use HonestGrain\Coating\Stack;
use HonestGrain\Holding\Holding;
use HonestGrain\Piece\BandEdges;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Tables;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\Internal\Work\Repair;
use HonestGrain\Technique\Nature;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * Finds what does not go together among the marks of a part, and between a mark and the wood that it is made on.
 *
 * @internal
 */
final class MarkConflicts
{
    /** @return list<Conflict> */
    public static function of(Piece $piece, Part $part, Tables $tables): array
    {
        $conflicts = [];
        $worked = $part->worked();
        $marks = $part->marksInOrder($piece->order);
        foreach ($marks as $i => $mark) {
            foreach ($worked[$mark->id()]->findings as $finding) {
                $message = Said::of($mark->label(), $finding->message);
                $choices = $finding->choices === [] ? [
                    new Said('route.mark-conflicts.move-band'), new Said('route.mark-conflicts.leave-out'),
                ] : $finding->choices;
                $conflicts[] = $finding->isRefused ? Conflict::forbid([$mark->id()], $message, $choices)
                    : Conflict::warn([$mark->id()], $message, $choices);
            }
            $conflicts = [...$conflicts, ...self::atCentre($part, $mark), ...self::ofEdges($part, $mark)];
            if ($mark->isClassTaken) {
                $conflicts[] = Conflict::warn([$mark->id()], new Said('route.mark-conflicts.no-class-chosen-so', [
                    'mark' => $mark->label(),
                    'productClass' => $mark->productName(),
                ]), [new Said('route.mark-conflicts.choose-class-under-marks')]);
            }
            if ($mark->stain !== null) {
                $conflicts = [...$conflicts, ...self::ofColour($piece, $part, $mark, $tables)];
            }
            foreach (array_slice($marks, $i + 1) as $other) {
                if ($mark->overlaps($other) && ! $mark->colours() && ! $other->colours()) {
                    $conflicts[] = Conflict::warn(
                        [$mark->id(), $other->id()],
                        new Said('route.mark-conflicts.lie-same-place', [
                            'technique' => $mark->technique->label(),
                            'technique2' => $other->technique->label(),
                            'skips' => self::skips($mark, $other),
                        ]),
                        [
                            new Said('route.mark-conflicts.move-one-bands'),
                            new Said('route.mark-conflicts.leave-one-out'),
                        ],
                    );
                }
            }
        }

        return $conflicts;
    }

    /**
     * What is spun into an end that a centre holds: it comes free only with the hold.
     *
     * @return list<Conflict>
     */
    private static function atCentre(Part $part, Mark $mark): array
    {
        $isHeld = $part->holding === Holding::BetweenCentres && $mark->band->on->isFlatEnd();

        return $isHeld && $mark->technique->character()->work === Work::Spinning ? [Conflict::forbid(
            [$mark->id()], new Said('route.mark-conflicts.centre-holds-end-long', [
                'mark' => $mark->label(),
                'zone' => $mark->band->on->said(),
            ]), [
                new Said('route.mark-conflicts.hold-jaws-tenon-other'),
                new Said('route.mark-conflicts.burn-dye-or-carve'),
            ],
        )] : [];
    }

    /** Why a burnt line does not go over a cut. */
    private static function skips(Mark $mark, Mark $other): ?Said
    {
        $natures = [$mark->technique->nature(), $other->technique->nature()];

        return in_array(Nature::Burns, $natures, true) && in_array(Nature::Cuts, $natures, true)
            ? new Said('route.mark-conflicts.pen-or-wire-skips') : null;
    }

    /**
     * Two colours that meet with nothing between them run into each other.
     *
     * @return list<Conflict>
     */
    private static function ofEdges(Part $part, Mark $mark): array
    {
        $conflicts = [];
        foreach ($mark->colours() ? BandEdges::open($part, $mark) : [] as [$edge, $met]) {
            // Said once, of the one that lies below.
            if ($met !== null && $mark->band->fromMm < $met->band->fromMm) {
                [$least, $most] = $part->colourFigures()->bleedsAlongMm;
                $conflicts[] = Conflict::warn([$mark->id(), $met->id()], new Said('route.mark-conflicts.meet', [
                    'mark' => $mark->label(), 'met' => $met->label(), 'edge' => Quantity::mm($edge),
                    'least' => Quantity::mm($least), 'most' => Quantity::mm($most),
                ]), [
                    new Said('route.mark-conflicts.burn-line-between-them'),
                    new Said('route.mark-conflicts.cut-groove-between-them'),
                    new Said('route.mark-conflicts.let-them-bleed-like'),
                ]);
            }
        }

        return $conflicts;
    }

    /**
     * What a colour asks of the wood, of the colours it goes over and of what is burnt on its place.
     *
     * @return list<Conflict>
     */
    private static function ofColour(Piece $piece, Part $part, Mark $colour, Tables $tables): array
    {
        $conflicts = [];
        $id = $colour->id();
        $stain = $colour->stain ?? throw new \LogicException('Only a colour of a class is judged.');
        foreach (Stack::colourOnWood($part->wood, $stain) as $note) {
            $conflicts[] = Conflict::ofPair($note, [$id]);
        }
        foreach (self::bound($part, $colour, $tables) as $with => $class) {
            $conflicts[] = Conflict::warn(
                [$id, $with], new Said('route.mark-conflicts.takes-no-colour-stays', [
                    'class' => $class,
                    'colour' => $colour->label(),
                ]),
                [
                    new Said('route.mark-conflicts.colour-powder-or-resin'), new Said(
                        'route.mark-conflicts.colour-first-fill-flush',
                    ),
                    new Said('route.mark-conflicts.cover-paint'),
                ],
            );
        }
        $later = false;
        foreach ($part->marksInOrder($piece->order) as $other) {
            if ($other === $colour) {
                $later = true;
            } elseif ($colour->overlaps($other) && $later && $other->stain !== null) {
                $pair = $tables->pairs->of(
                    $stain, $other->stain, Between::hours($colour->waitHours),
                );
                $conflicts[] = Conflict::ofPair($pair, [$id, $other->id()]);
            } elseif (
                $colour->overlaps($other) && $stain->takesColourOut() && $other->technique->nature()->leavesChar()
            ) {
                $conflicts[] = Conflict::warn(
                    [$other->id(), $id],
                    new Said('route.mark-conflicts.bleach-takes-burnt-lines'),
                    [
                        new Said('route.mark-conflicts.keep-two-bands-apart'),
                        new Said('route.mark-conflicts.leave-one-out'),
                    ],
                );
            }
        }

        return array_values(array_filter($conflicts));
    }

    /** @return array<string, Said> names of what is bound under a colour and takes none, by its flaw or mark */
    private static function bound(Part $part, Mark $colour, Tables $tables): array
    {
        $bound = [];
        foreach ($part->marks as $mark) {
            if ($mark->overlaps($colour) && ! $mark->colours() && $mark->binder?->takesColour === false) {
                $bound[$mark->id()] = $mark->binder->name();
            }
        }
        foreach ($part->flaws as $flaw) {
            $isUnder = $flaw->on->face() === $colour->band->on->face()
                && $flaw->fromMm < $colour->band->toMm && $colour->band->fromMm < $flaw->toMm;
            $binder = $isUnder ? Repair::binderOf($flaw, $part, $tables) : null;
            if ($binder?->takesColour === false) {
                $bound[$flaw->id] = $binder->name();
            }
        }

        return $bound;
    }
}
