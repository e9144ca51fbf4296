<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Abrasive\ProgressionFault;
use HonestGrain\Coating\Layer;
use HonestGrain\Coating\PairVerdict;
use HonestGrain\Coating\Stack;
use HonestGrain\Coating\Verdict;
use HonestGrain\Decoration\Mark;
use HonestGrain\Decoration\MarkKind;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Route\CoatPlan;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\LayerWaits;
use HonestGrain\Route\Piece;
use HonestGrain\Route\Sanding;

/**
 * Finds the wishes of a piece that do not go together.
 *
 * @internal
 */
final class ConflictFinder
{
    /** A torch cracks walls thinner than this (workshop). */
    private const TORCH_WALL_MM = 5.0;

    /**
     * @param  array<string, Sanding>  $sandings  by zone
     * @return list<Conflict>
     */
    public static function in(Piece $piece, Measurement $measured, array $sandings): array
    {
        $conflicts = [];
        foreach ($measured->warnings as $warning) {
            if (in_array($warning->code, ['thin-wall', 'thin-floor', 'rocking-foot', 'low-outside'], true)) {
                $conflicts[] = Conflict::warn([], $warning->message, ['Change the shape', 'Go on with care']);
            }
        }
        foreach ($piece->coatPlans as $plan) {
            $conflicts = [...$conflicts, ...self::ofPlan($piece, $plan)];
        }
        foreach ($sandings as $sanding) {
            $conflicts = [...$conflicts, ...self::ofSanding($sanding)];
        }

        return [...$conflicts, ...self::ofMarks($piece, $measured)];
    }

    /** @return list<Conflict> */
    private static function ofPlan(Piece $piece, CoatPlan $plan): array
    {
        $conflicts = [];
        $steps = [];
        $layers = [];
        foreach ($plan->coats as $i => $coat) {
            $hours = $i === 0 ? null : LayerWaits::before($plan->coats[$i - 1]->coating, $coat->coating);
            $layers[] = new Layer($coat->coating, $coat->denib, $hours);
            $steps[] = 'coat-'.$plan->name().'-'.($i + 1);
        }
        $stack = Stack::judge($piece->wood, $layers);
        foreach ($stack->pairs as $i => $pair) {
            $conflicts[] = self::ofPair($pair, [$steps[$i], $steps[$i + 1]]);
        }
        foreach ($stack->notes as $note) {
            $conflicts[] = self::ofPair($note, $steps);
        }
        foreach ($plan->overColours($piece->marks) as [$mark, $pair]) {
            $conflicts[] = self::ofPair($pair, ['mark-'.$mark->band->id, $steps[0]]);
        }

        return array_values(array_filter($conflicts));
    }

    /** @param  list<string>  $steps */
    private static function ofPair(PairVerdict $pair, array $steps): ?Conflict
    {
        if ($pair->verdict === Verdict::Fine) {
            return null;
        }
        $message = "$pair->over over $pair->under: ".lcfirst($pair->reason);
        $choices = $pair->mend === null ? ['Choose another coat'] : [$pair->mend, 'Choose another coat'];

        return $pair->verdict === Verdict::Never ? Conflict::forbid($steps, $message, $choices) : Conflict::warn($steps, $message, $choices);
    }

    /** @return list<Conflict> */
    private static function ofSanding(Sanding $sanding): array
    {
        $step = 'sand-'.$sanding->zone->id;
        $conflicts = [];
        if ($sanding->missing !== null && $sanding->own === null) {
            $conflicts[] = Conflict::warn([$step], $sanding->missing, ['Put the grit on your shelf', 'Sand in your own way', 'Choose a first coat that asks for less']);
        }
        if ($sanding->asked->contradictsItself()) {
            $conflicts[] = Conflict::warn([$step], sprintf('The first coat asks for scratches of %.1f µm or less, the dye for %.1f µm or more.', $sanding->asked->limitUm, $sanding->asked->floorUm ?? 0), ['Choose a film over the dye', 'Leave the dye out']);
        }
        foreach (array_filter($sanding->own->faults ?? [], fn (ProgressionFault $fault): bool => $fault->kind !== 'needless') as $fault) {
            $conflicts[] = Conflict::warn([$step], $fault->message, ['Use the shortest ladder', 'Add a grit between']);
        }

        return $conflicts;
    }

    /** @return list<Conflict> */
    private static function ofMarks(Piece $piece, Measurement $measured): array
    {
        $conflicts = [];
        foreach ($piece->marks as $i => $mark) {
            if ($mark->kind === MarkKind::Scorch && $measured->wall !== null && $measured->wall->minMm < self::TORCH_WALL_MM) {
                $conflicts[] = Conflict::warn(["mark-{$mark->band->id}"], sprintf('The wall is %.1f mm at its thinnest: a torch cracks walls under %.0f mm.', $measured->wall->minMm, self::TORCH_WALL_MM), ['Scorch before thinning', 'Keep the flame moving and use short passes']);
            }
            foreach (array_slice($piece->marks, $i + 1) as $other) {
                if (self::overlap($mark, $other) && $mark->kind !== MarkKind::Dye && $other->kind !== MarkKind::Dye) {
                    $conflicts[] = Conflict::warn(["mark-{$mark->band->id}", "mark-{$other->band->id}"], sprintf('%s and %s lie on the same place.', $mark->kind->label(), lcfirst($other->kind->label())), ['Move one of the bands', 'Leave one out']);
                }
            }
        }

        return $conflicts;
    }

    private static function overlap(Mark $a, Mark $b): bool
    {
        return $a->band->on === $b->band->on && $a->band->fromMm < $b->band->toMm && $b->band->fromMm < $a->band->toMm;
    }
}
