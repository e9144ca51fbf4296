<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Said;

/** Whether a piece hangs together: every id stands once, what is named is there, and the joints can be closed. */
final class Whole
{
    /** @throws InvalidField at the field of the document that does not fit the others */
    public static function check(Piece $piece): void
    {
        $ids = [];
        foreach ($piece->parts as $i => $part) {
            $ids += $part->ids("parts.$i");
        }
        $names = array_column($piece->parts, 'id');
        foreach ($piece->joints as $i => $joint) {
            $ids["joints.$i.id"] = $joint->id;
            foreach ($joint->parts() as $k => $part) {
                if ($piece->part($part) === null) {
                    throw InvalidField::choice("joints.$i.parts.$k", $part, $names);
                }
            }
        }
        foreach ($piece->steps as $i => $step) {
            $ids["steps.$i.id"] = $step->id;
            if ($step->part !== null && $piece->part($step->part) === null) {
                throw InvalidField::choice("steps.$i.part", $step->part, $names);
            }
        }
        $laid = [];
        foreach ($piece->stock as $i => $stock) {
            $ids["stock.$i.id"] = $stock->id;
            foreach ($stock->parts as $k => $part) {
                if ($piece->part($part) === null || in_array($part, $laid, true)) {
                    throw InvalidField::choice("stock.$i.parts.$k", $part, array_values(array_diff($names, $laid)));
                }
                $laid[] = $part;
            }
        }
        Id::eachOnce($ids);
        self::refuseRing($piece);
    }

    /** What goes into another part goes into none that goes into it, by however many joints. */
    private static function refuseRing(Piece $piece): void
    {
        $into = [];
        foreach ($piece->joints as $joint) {
            $into[$joint->spigot][] = $joint->socket;
        }
        foreach ($piece->joints as $i => $joint) {
            $sockets = [$joint->socket];
            for ($k = 0; $k < count($sockets); $k++) {
                $sockets = array_values(array_unique([...$sockets, ...$into[$sockets[$k]] ?? []]));
            }
            if (in_array($joint->spigot, $sockets, true)) {
                throw InvalidField::because(
                    "joints.$i.parts", $joint->parts(),
                    new Said('piece.whole.joints-in-a-ring'),
                );
            }
        }
    }
}
