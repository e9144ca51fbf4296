<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Calibration\CoatFigures;
use HonestGrain\Coating\Layer;
use HonestGrain\Coating\Laying;
use HonestGrain\Coating\Stack;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Surface;
use HonestGrain\Geometry\Warning;
use HonestGrain\Holding\Holding;
use HonestGrain\Piece\BuffWith;
use HonestGrain\Piece\Coat;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Tables;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\LayerWaits;

/**
 * Finds the wishes of a piece that do not go together.
 *
 * @internal
 */
final class PartConflicts
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
            ...$conflicts, ...MarkConflicts::of($piece, $part, $tables),
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
        $conflicts[] = $wool === null ? null : Conflict::ofPair($wool, ["$plan->id/buff"]);
        $stack = Stack::judge($figures, $part->wood, $layers);
        foreach ($stack->pairs as $i => $pair) {
            $conflicts[] = Conflict::ofPair($pair, [$steps[$i], $steps[$i + 1]]);
        }
        foreach ($stack->notes as $note) {
            $conflicts[] = Conflict::ofPair($note, $steps);
        }
        foreach ($plan->overColours($part->marksInOrder(), $figures) as [$mark, $pair]) {
            $conflicts[] = Conflict::ofPair($pair, [$mark->id(), $steps[0]]);
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

    /** @return list<Conflict> */
    private static function ofFlaws(Part $part): array
    {
        $conflicts = [];
        $bites = in_array($part->holding, [Holding::Tenon, Holding::Recess], true);
        foreach ($part->flaws as $flaw) {
            if ($bites && $flaw->on === Surface::Foot && $flaw->kind->weakensHold()) {
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
