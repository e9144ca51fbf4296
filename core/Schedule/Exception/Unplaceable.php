<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Exception;

use HonestGrain\Reading\BadInput;

/** A task that no working time or resource of this shop can ever take. */
final class Unplaceable extends BadInput
{
    public static function tooLong(string $field, float $minutes, float $longestMinutes): self
    {
        return new self(
            'too-long', $field,
            sprintf(
                '%s is %s min, longer than any working stretch (%s min at most); mark it splittable or lengthen the '
                    .'hours.',
                $field, self::quote(round($minutes, 1)), round($longestMinutes, 1),
            ),
        );
    }

    public static function resource(string $field, string $resource, int $wanted, int $had): self
    {
        return new self('resource', $field, "$field needs $wanted of $resource; the shop has $had.");
    }

    public static function noHours(): self
    {
        return new self(
            'no-hours', 'hours',
            'hours hold no working time that could take the tasks; give at least one stretch on one day that is not '
                .'closed.',
        );
    }
}
