<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Holding\Holding;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\Internal\Work\PartContext;

/**
 * A part that the shop's lathe does not take: too wide to swing over its bed, or too long between its centres.
 *
 * @internal
 */
final class LatheLimits
{
    /** @return list<Conflict> */
    public static function of(PartContext $subject): array
    {
        $lathe = $subject->bench->equipment->lathe;
        if ($lathe === null) {
            return [];
        }
        $spare = $subject->calibration->turning->allowanceMm;
        $across = $subject->part->profile->diameterMm();
        $long = $subject->part->profile->heightMm() + $spare;
        $steps = array_map(
            fn (string $face): string => $subject->id('sand', $face), array_keys($subject->sandings),
        );
        $conflicts = [];
        if ($across > $lathe->swingMm) {
            $conflicts[] = Conflict::forbid($steps, sprintf(
                'It is %.1f mm across, and the lathe swings %.1f mm.', $across, $lathe->swingMm,
            ), ['Draw it narrower', 'Turn it on a lathe that swings it'], 'swing');
        }
        if ($subject->part->holding === Holding::BetweenCentres && $long > $lathe->bedMm) {
            $conflicts[] = Conflict::forbid($steps, sprintf(
                'It is %.1f mm long with what is parted off, and the lathe takes %.1f mm between centres.', $long,
                $lathe->bedMm,
            ), ['Draw it shorter', 'Turn it in two parts, joined'], 'swing');
        }

        return $conflicts;
    }
}
