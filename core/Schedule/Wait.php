<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

use HonestGrain\Coating\CureClock;
use HonestGrain\Coating\Kinetics;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * A least wait and, for a closing window, a greatest one, in hours.
 *
 * With kinetics the hours are reference hours that elapse in the shop's own air; without, clock hours.
 */
final readonly class Wait
{
    public const MAX_HOURS = 20_000.0;

    private function __construct(public float $minHours, public ?float $maxHours, public ?Kinetics $kinetics)
    {
    }

    /** @throws InvalidField for negative hours or a window that closes before it opens */
    public static function hours(
        float $minHours,
        ?float $maxHours = null,
        ?Kinetics $kinetics = null,
        string $field = 'wait',
    ): self {
        foreach (["$field.min_hours" => $minHours, "$field.max_hours" => $maxHours ?? 0.0] as $path => $hours) {
            if (! is_finite($hours) || $hours < 0 || $hours > self::MAX_HOURS) {
                throw InvalidField::range($path, $hours, 0, self::MAX_HOURS);
            }
        }
        if ($maxHours !== null && $maxHours < $minHours) {
            throw InvalidField::because(
                "$field.max_hours", $maxHours, new Said('schedule.wait.impossible-window-must-not', [
                    'min' => Quantity::number($minHours),
                ]),
            );
        }

        return new self($minHours, $maxHours, $kinetics);
    }

    public static function none(): self
    {
        return new self(0.0, null, null);
    }

    /** The first second at which the next task may start. */
    public function opens(int $from, ?CureClock $clock): int
    {
        return $this->after($this->minHours, $from, $clock, up: true);
    }

    /** The last second at which the next task may start; null when the window never closes. */
    public function closes(int $from, ?CureClock $clock): ?int
    {
        return $this->maxHours === null
            ? null : max($this->opens($from, $clock), $this->after($this->maxHours, $from, $clock, up: false));
    }

    private function after(float $hours, int $from, ?CureClock $clock, bool $up): int
    {
        if ($hours <= 0.0) {
            return $from;
        }
        if ($this->kinetics === null || $clock === null) {
            return $from + (int) ($up ? ceil($hours * 3600 - 1e-6) : floor($hours * 3600 + 1e-6));
        }
        $end = $clock->end($hours, $this->kinetics, $from);

        return ($up ? intdiv($end + 59, 60) : intdiv($end, 60)) * 60;
    }
}
