<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Geometry\Face;
use HonestGrain\Holding\Holding;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\School;
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
     * @return list<list<Face>>
     */
    public static function guessed(Piece $piece, Part $part, School $school): array
    {
        $free = array_values(array_filter($part->faces(), fn (Face $face): bool => ! $part->holding->covers($face)));
        $isInsideFirst = $school->isInsideFirst($part) && in_array(Face::Inside, $free, true);
        if ($piece->begins($part) === StartsAs::Turned || ! $part->holding->hasFirst()) {
            return [$free];
        }
        // The floor of a recess is finished from the side that it is cut from.
        $first = match (true) {
            $isInsideFirst => [Face::Inside],
            $part->holding === Holding::JamPartner => [Face::Foot],
            $school->underside === Underside::WithTheRest => [],
            default => $part->holding->leavesFoot() ? [Face::Outside, Face::Foot] : [Face::Outside],
        };

        return $first === [] ? [$free] : [$first, Face::except($free, $first)];
    }

    /**
     * As they were arranged.
     *
     * @param  list<Step>  $steps
     * @return array<string, list<list<Face>>> by part
     */
    public static function mounts(array $steps): array
    {
        return SandedInOneGo::of(array_map(
            fn (Step $step): array => [$step->part, $step->setup->stage, $step->kind, $step->work->faces], $steps,
        ));
    }

    /**
     * Whether faces share a mount in the one where they do in the other.
     *
     * @param  array<string, list<list<Face>>>  $guessed
     * @param  array<string, list<list<Face>>>  $real
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
     * @param  list<list<Face>>  $groups
     * @param  list<Face>  $sanded  faces that count
     * @return list<string> each two of them in one group, in order
     */
    private static function pairs(array $groups, array $sanded): array
    {
        $pairs = [];
        foreach ($groups as $faces) {
            $names = Face::names(Face::among($faces, $sanded));
            foreach ($names as $one) {
                foreach ($names as $other) {
                    if ($one < $other) {
                        $pairs[] = "$one $other";
                    }
                }
            }
        }
        sort($pairs);

        return array_values(array_unique($pairs));
    }
}
