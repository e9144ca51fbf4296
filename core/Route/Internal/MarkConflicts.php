<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Coating\Between;
use HonestGrain\Coating\Compatibility;
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
                $message = "{$mark->label()}: ".lcfirst($finding->message);
                $choices = $finding->choices === [] ? ['Move the band', 'Leave it out'] : $finding->choices;
                $conflicts[] = $finding->isRefused ? Conflict::forbid([$mark->id()], $message, $choices)
                    : Conflict::warn([$mark->id()], $message, $choices);
            }
            $conflicts = [...$conflicts, ...self::atCentre($part, $mark), ...self::ofEdges($part, $mark)];
            if ($mark->isClassTaken) {
                $conflicts[] = Conflict::warn([$mark->id()], sprintf(
                    '%s: no class is chosen, so that %s is taken, the usual one. Its waits and cautions are those of '
                        .'that class.', $mark->label(), lcfirst($mark->productClass() ?? ''),
                ), ['Choose the class under Marks']);
            }
            if ($mark->stain !== null) {
                $conflicts = [...$conflicts, ...self::ofColour($piece, $part, $mark, $tables)];
            }
            foreach (array_slice($marks, $i + 1) as $other) {
                if ($mark->overlaps($other) && ! $mark->colours() && ! $other->colours()) {
                    $conflicts[] = Conflict::warn(
                        [$mark->id(), $other->id()],
                        sprintf(
                            '%s and %s lie on the same place%s.', $mark->technique->label(),
                            lcfirst($other->technique->label()), self::skips($mark, $other),
                        ),
                        ['Move one of the bands', 'Leave one out'],
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
            [$mark->id()], sprintf(
                '%s on the %s: a centre holds that end for as long as it spins, and once it is off nothing turns it.',
                $mark->label(), $mark->band->on->zone(),
            ), ['Hold it in jaws by a tenon at its other end', 'Burn, dye or carve it by hand instead'],
        )] : [];
    }

    /** Why a burnt line does not go over a cut. */
    private static function skips(Mark $mark, Mark $other): string
    {
        $natures = [$mark->technique->nature(), $other->technique->nature()];

        return in_array(Nature::Burns, $natures, true) && in_array(Nature::Cuts, $natures, true)
            ? ': a pen or a wire skips on what is cut, and its line breaks there' : '';
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
                $conflicts[] = Conflict::warn([$mark->id(), $met->id()], sprintf(
                    '%s and %s meet %.1f mm along with nothing between them: each bleeds %s to %s mm into the other '
                        .'along the grain.', $mark->label(), lcfirst($met->label()), $edge,
                    ...$part->colourFigures()->bleedsAlongMm,
                ), ['Burn a line between them', 'Cut a groove between them', 'Let them bleed, and like it']);
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
                [$id, $with], "$class takes no colour: it stays a light patch under {$colour->label()}.",
                [
                    'Colour the powder or the resin itself', 'Colour first and fill flush afterwards',
                    'Cover it with paint',
                ],
            );
        }
        $later = false;
        foreach ($part->marksInOrder($piece->order) as $other) {
            if ($other === $colour) {
                $later = true;
            } elseif ($colour->overlaps($other) && $later && $other->stain !== null) {
                $pair = Compatibility::of(
                    $tables->calibration->coats, $stain, $other->stain, Between::hours($colour->waitHours),
                );
                $conflicts[] = Conflict::ofPair($pair, [$id, $other->id()]);
            } elseif (
                $colour->overlaps($other) && $stain->takesColourOut() && $other->technique->nature()->leavesChar()
            ) {
                $conflicts[] = Conflict::warn(
                    [$other->id(), $id],
                    'Bleach takes burnt lines out again, and what is left of it in the wood gives off fumes when it '
                        .'is burnt.',
                    ['Keep the two bands apart', 'Leave one out'],
                );
            }
        }

        return array_values(array_filter($conflicts));
    }

    /** @return array<string, string> classes of what is bound under a colour and takes none, by its flaw or mark */
    private static function bound(Part $part, Mark $colour, Tables $tables): array
    {
        $bound = [];
        foreach ($part->marks as $mark) {
            if ($mark->overlaps($colour) && ! $mark->colours() && $mark->binder?->takesColour === false) {
                $bound[$mark->id()] = $mark->binder->class;
            }
        }
        foreach ($part->flaws as $flaw) {
            $isUnder = $flaw->on->zone() === $colour->band->on->zone()
                && $flaw->fromMm < $colour->band->toMm && $colour->band->fromMm < $flaw->toMm;
            $binder = $isUnder ? Repair::binderOf($flaw, $part, $tables) : null;
            if ($binder?->takesColour === false) {
                $bound[$flaw->id] = $binder->class;
            }
        }

        return $bound;
    }
}
