<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Route\Step;

/**
 * Puts steps in a workable order: each after all that it follows, otherwise as they stood.
 *
 * @internal
 */
final class Order
{
    /**
     * @param  list<Step>  $steps
     * @return list<Step>|null null where they run in a circle
     */
    public static function of(array $steps): ?array
    {
        $ordered = $placed = [];
        while ($steps !== []) {
            foreach ($steps as $i => $step) {
                $isFree = true;
                foreach ($step->after as $lag) {
                    $isFree = $isFree && isset($placed[$lag->task]);
                }
                if ($isFree) {
                    $ordered[] = $step;
                    $placed[$step->id] = true;
                    array_splice($steps, $i, 1);

                    continue 2;
                }
            }

            return null;
        }

        return $ordered;
    }
}
