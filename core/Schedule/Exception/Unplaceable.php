<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Exception;

use HonestGrain\Reading\BadInput;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** A task that no working time or resource of this shop can ever take. */
final class Unplaceable extends BadInput
{
    public static function tooLong(string $field, float $minutes, float $longestMinutes): self
    {
        return new self(
            'too-long', $field,
            new Said('schedule.unplaceable.longer-than-any-working', [
                'field' => $field,
                'quote' => Quantity::minutes(round($minutes, 1)),
                'longest' => Quantity::minutes(round($longestMinutes, 1)),
            ]),
        );
    }

    public static function resource(string $field, string $resource, int $wanted, int $had): self
    {
        return new self('resource', $field, new Said('schedule.unplaceable.needs-shop-has', [
            'field' => $field,
            'wanted' => Quantity::count($wanted),
            'resource' => $resource,
            'had' => Quantity::count($had),
        ]));
    }

    public static function skill(string $field, int $hands, ?string $skill): self
    {
        return new self('skill', $field, $skill === null ? new Said('schedule.unplaceable.too-few-hands', [
            'field' => $field, 'hands' => Quantity::count($hands),
        ]) : new Said('schedule.unplaceable.too-few-that-can', [
            'field' => $field, 'hands' => Quantity::count($hands), 'skill' => $skill,
        ]));
    }

    public static function noHours(): self
    {
        return new self(
            'no-hours', 'hours',
            new Said('schedule.unplaceable.hours-hold-no-working'),
        );
    }
}
