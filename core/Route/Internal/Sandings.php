<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Holding\Holding;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\School;
use HonestGrain\Piece\School\Inside;
use HonestGrain\Piece\School\Underside;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Route\SandedInOneGo;
use HonestGrain\Route\Step;

/**
 * Which faces of a part are sanded in one mount, and so share the changes of grit.
 *
 * @internal
 */
final class Sandings
{
    /**
     * Before the mounts are known: the outside by itself where it is finished before the part is turned round.
     *
     * @return list<list<string>>
     */
    public static function guessed(Piece $piece, Part $part, School $school): array
    {
        $free = array_values(array_filter($part->faces(), fn (string $face): bool => ! $part->holding->covers($face)));
        $isInsideFirst = ($school->inside ?? Inside::of($part->grain)) === Inside::First
            && in_array('inside', $free, true);
        if ($piece->startsAs === StartsAs::Turned || ! $part->holding->isCut()) {
            return [$free];
        }
        // The floor of a recess is finished from the side that it is cut from.
        $first = match (true) {
            $isInsideFirst => ['inside'],
            $school->underside === Underside::WithTheRest => [],
            default => $part->holding === Holding::Recess ? ['outside', 'foot'] : ['outside'],
        };

        return $first === [] ? [$free] : [$first, array_values(array_diff($free, $first))];
    }

    /**
     * As they were arranged.
     *
     * @param  list<Step>  $steps
     * @return array<string, list<list<string>>> by part
     */
    public static function mounts(array $steps): array
    {
        return SandedInOneGo::of(array_map(
            fn (Step $step): array => [$step->part, $step->setup->stage, $step->kind, $step->work->zone()], $steps,
        ));
    }

    /**
     * Whether faces share a mount in the one where they do in the other.
     *
     * @param  array<string, list<list<string>>>  $guessed
     * @param  array<string, list<list<string>>>  $real
     */
    public static function agree(array $guessed, array $real): bool
    {
        foreach ($real as $part => $mounts) {
            $sanded = array_merge([], ...$mounts);
            if (self::pairs($mounts, $sanded) !== self::pairs($guessed[$part] ?? [], $sanded)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<list<string>>  $groups
     * @param  list<string>  $sanded  faces that count
     * @return list<string> each two of them in one group, in order
     */
    private static function pairs(array $groups, array $sanded): array
    {
        $pairs = [];
        foreach ($groups as $faces) {
            foreach ($faces as $one) {
                foreach ($faces as $other) {
                    if ($one < $other && in_array($one, $sanded, true) && in_array($other, $sanded, true)) {
                        $pairs[] = "$one $other";
                    }
                }
            }
        }
        sort($pairs);

        return array_values(array_unique($pairs));
    }
}
