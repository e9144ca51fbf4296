<?php

declare(strict_types=1);

namespace HonestGrain\Lathework;

use HonestGrain\Wood\RimSpeed;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** How fast work turns at the most, and which of all that holds it down is the one that binds. */
final readonly class Speed
{
    private function __construct(public int $rpm, public Said $binds)
    {
    }

    /**
     * Physics (v = πDn/60 000), rounded down.
     *
     * @param  string  $why  a line of lathework.speed that says for what the rim is held to it
     */
    public static function rim(float $diameterMm, float $mPerS, string $why): self
    {
        return new self(RimSpeed::rpmFor($diameterMm, $mPerS, INF), new Said("lathework.speed.$why", [
            'speed' => Quantity::mPerS($mPerS), 'diameter' => Quantity::mm($diameterMm),
        ]));
    }

    /** @param  string  $why  a line of lathework.speed that says what allows no more */
    public static function most(float $rpm, string $why): self
    {
        return new self((int) $rpm, new Said("lathework.speed.$why"));
    }

    /** The least of it and others; the first of those that are alike. */
    public function under(?self ...$others): self
    {
        $least = $this;
        foreach ($others as $other) {
            $least = $other !== null && $other->rpm < $least->rpm ? $other : $least;
        }

        return $least;
    }

    /** The share of it, rounded down, at which work is started that does not run true yet. */
    public function untilTrue(float $share): self
    {
        $step = RimSpeed::LATHE_STEP_RPM;

        return new self((int) (floor($this->rpm * $share / $step) * $step), new Said('lathework.speed.until-true', [
            'share' => Quantity::share($share), 'binds' => $this->binds,
        ]));
    }

    /** "610 rpm: 9 m/s at the rim of 280 mm, sound and balanced." */
    public function said(): Said
    {
        return new Said('lathework.speed.held', ['rpm' => Quantity::rpm($this->rpm), 'binds' => $this->binds]);
    }
}
