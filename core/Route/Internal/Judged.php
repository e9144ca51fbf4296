<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Calibration\CoatFigures;
use HonestGrain\Coating\Between;
use HonestGrain\Coating\Compatibility;
use HonestGrain\Coating\Layer;
use HonestGrain\Coating\Laying;
use HonestGrain\Coating\PairVerdict;
use HonestGrain\Coating\Stack;
use HonestGrain\Coating\Verdict;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Warning;
use HonestGrain\Holding\Holding;
use HonestGrain\Piece\BandEdges;
use HonestGrain\Piece\BuffWith;
use HonestGrain\Piece\Coat;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Piece\FlawPlace;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Tables;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\Internal\Work\Repair;
use HonestGrain\Route\LayerWaits;
use HonestGrain\Technique\Nature;

/**
 * Finds the wishes of a piece that do not go together.
 *
 * @internal
 */
final class Judged
{
    /**
     * @return list<Conflict>
     */
    public static function of(Piece $piece, Part $part, Measurement $measured, Tables $tables): array
    {
        $conflicts = [];
        $measured = $piece->standsOn($part) ? $measured : $measured->ofWhatDoesNotStand();
        foreach ($measured->warnings as $warning) {
            if (in_array($warning->code, ['thin-wall', 'thin-floor', 'rocking-foot', 'low-outside'], true)) {
                $conflicts[] = Conflict::warn([], $warning->message, ['Change the shape', 'Go on with care']);
            }
        }
        foreach ($part->coatPlansByFace() as $plan) {
            $conflicts = [
                ...$conflicts, ...self::ofPlan($part, $plan, $tables->calibration->coats),
                ...self::ofPolish($part, $plan, $measured, $tables->calibration->coats),
                ...self::ofLiner($plan, $measured),
            ];
        }

        return [
            ...$conflicts, ...self::ofMarks($piece, $part, $tables),
            ...Contents::of($piece, $part, $tables), ...self::ofFlaws($part),
        ];
    }

    /** @return list<Conflict> */
    private static function ofPlan(Part $part, CoatPlan $plan, CoatFigures $figures): array
    {
        $conflicts = [];
        $steps = [];
        $layers = [];
        foreach ($plan->coats as $i => $coat) {
            $below = $plan->coats[$i - 1] ?? null;
            $hours = $below === null ? null : LayerWaits::before(
                $figures, $below->coating, $coat->coating, $coat->denib,
            );
            $layers[] = new Layer($coat->coating, $coat->denib, $hours);
            $steps[] = $coat->id;
        }
        $last = $plan->coats[count($plan->coats) - 1] ?? null;
        $conflicts[] = self::outOfSheen($plan);
        $wool = $plan->buff === BuffWith::Wool ? Stack::steelWool($part->wood, null, false) : null;
        $conflicts[] = $wool === null ? null : self::ofPair($wool, ["$plan->id/buff"]);
        $stack = Stack::judge($figures, $part->wood, $layers);
        foreach ($stack->pairs as $i => $pair) {
            $conflicts[] = self::ofPair($pair, [$steps[$i], $steps[$i + 1]]);
        }
        foreach ($stack->notes as $note) {
            $conflicts[] = self::ofPair($note, $steps);
        }
        foreach ($plan->overColours($part->marksInOrder(), $figures) as [$mark, $pair]) {
            $conflicts[] = self::ofPair($pair, [$mark->id(), $steps[0]]);
        }

        return array_values(array_filter($conflicts));
    }

    /**
     * Polish that is laid on faster than it dries, or where no cloth keeps up with it.
     *
     * @return list<Conflict>
     */
    private static function ofPolish(Part $part, CoatPlan $plan, Measurement $measured, CoatFigures $figures): array
    {
        $polish = array_values(array_filter($plan->coats, fn (Coat $coat): bool => $coat->coating->isPolish()));
        if ($polish === []) {
            return [];
        }
        $conflicts = [];
        foreach ($plan->zones as $face) {
            $zone = $measured->zones[$face] ?? null;
            if ($zone !== null && $zone->areaMm2 > 100 * $figures->polishMostCm2) {
                $conflicts[] = Conflict::warn([$polish[0]->id], sprintf(
                    '%s over %.0f cm² of the %s: above %.0f cm² it dries before it is even, and streaks.',
                    $polish[0]->coating->class, $zone->areaMm2 / 100, $face, $figures->polishMostCm2,
                ), ['Work it in bands, each to a finish', 'Take a wiping varnish or an oil and wax instead']);
            }
        }
        $inner = in_array('inside', $plan->zones, true) ? $part->profile->inner : null;
        $deep = $inner === null ? 0.0 : $inner->first()->z - $inner->last()->z;
        if ($inner !== null && $deep > 2 * $inner->first()->r) {
            $conflicts[] = Conflict::warn([$polish[0]->id], sprintf(
                '%s inside, %.0f mm deep under a mouth of %.0f mm: a cloth does not reach the floor evenly.',
                $polish[0]->coating->class, $deep, 2 * $inner->first()->r,
            ), ['Leave the inside bare, or oil it', 'Wipe it on in thin coats with a pad on a stick']);
        }

        return $conflicts;
    }

    /**
     * What is poured into an inside that leans back over itself.
     *
     * @return list<Conflict>
     */
    private static function ofLiner(CoatPlan $plan, Measurement $measured): array
    {
        $poured = array_filter($plan->coats, fn (Coat $coat): bool => $coat->coating->applied === Laying::Poured);
        $undercut = array_filter($measured->warnings, fn (Warning $warning): bool => $warning->code === 'undercut');
        if ($poured === [] || $undercut === [] || ! in_array('inside', $plan->zones, true)) {
            return [];
        }
        $steps = array_values(array_map(fn (Coat $coat): string => $coat->id, $poured));

        return [Conflict::warn(
            $steps, 'The inside is wider than the narrowest place above it: the liner cannot be seen to reach there.',
            ['Bore the inside straight', 'Turn the piece while the liner sets, and prove it with standing water'],
        )];
    }

    /** The sheen asked for that the last coat does not come to; null where it does, or none was asked for. */
    private static function outOfSheen(CoatPlan $plan): ?Conflict
    {
        $last = $plan->coats[count($plan->coats) - 1] ?? null;
        $short = $last === null ? null : $plan->sheen?->outOfReach($last->coating);

        return $last === null || $plan->sheen === null || $short === null ? null : Conflict::warn(
            [$last->id], "You want it {$plan->sheen->label()}. $short",
            ['Ask for another sheen', 'Choose another last coat'],
        );
    }

    /** @param  list<string>  $steps */
    private static function ofPair(PairVerdict $pair, array $steps): ?Conflict
    {
        if ($pair->verdict === Verdict::Fine) {
            return null;
        }
        $message = "$pair->over over $pair->under: ".lcfirst($pair->reason);
        $choices = $pair->mend === null ? ['Choose another coat'] : [$pair->mend, 'Choose another coat'];

        return $pair->verdict === Verdict::Never
            ? Conflict::forbid($steps, $message, $choices) : Conflict::warn($steps, $message, $choices);
    }

    /** @return list<Conflict> */
    private static function ofMarks(Piece $piece, Part $part, Tables $tables): array
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
            $conflicts = [...$conflicts, ...self::ofEdges($part, $mark)];
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
            $conflicts[] = self::ofPair($note, [$id]);
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
                $conflicts[] = self::ofPair($pair, [$id, $other->id()]);
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

    /** @return list<Conflict> */
    private static function ofFlaws(Part $part): array
    {
        $conflicts = [];
        $bites = in_array($part->holding, [Holding::Tenon, Holding::Recess], true);
        foreach ($part->flaws as $flaw) {
            if ($bites && $flaw->on === FlawPlace::Foot && $flaw->kind->weakensHold()) {
                $conflicts[] = Conflict::warn(
                    ["$part->id/mount"],
                    sprintf(
                        'A %s lies in the foot: a %s cut across it may let go.', lcfirst($flaw->kind->label()),
                        $part->holding->value,
                    ),
                    ['Hold it on a glued waste block or a faceplate', 'Mend it first and keep the tail centre up'],
                );
            }
        }

        return $conflicts;
    }
}
