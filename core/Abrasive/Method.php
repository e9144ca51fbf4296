<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Calibration\SandingFigures;
use HonestGrain\Words\Said;

/** A way to sand: how fast it cuts against fingers on the spinning lathe, what it covers, and how the work is held. */
enum Method: string
{
    case Hand = 'hand';
    case PowerDisc = 'power-disc';
    case Orbit = 'random-orbit';
    case AlongGrain = 'along-grain';
    case Cloth = 'cloth-strip';
    case Stick = 'stick';
    case SmallDisc = 'small-disc';

    public function label(): Said
    {
        return new Said("abrasive.method.{$this->value}.label");
    }

    /** Its cut against that by hand (workshop). */
    public function removal(SandingFigures $figures): float
    {
        return match ($this) {
            self::Hand => 1.0,
            self::PowerDisc => $figures->powerDiscRemoval,
            self::Orbit => $figures->orbitRemoval,
            self::AlongGrain => $figures->alongGrainRemoval,
            self::Cloth => $figures->clothRemoval,
            self::Stick => $figures->stickRemoval,
            self::SmallDisc => $figures->smallDiscRemoval,
        };
    }

    /** What it covers at once, mm² (workshop). */
    public function padMm2(SandingFigures $figures): float
    {
        return match ($this) {
            self::Hand, self::AlongGrain => $figures->padMm2,
            self::PowerDisc => $figures->powerDiscPadMm2,
            self::Orbit => $figures->orbitPadMm2,
            self::Cloth => $figures->clothPadMm2,
            self::Stick => $figures->stickPadMm2,
            self::SmallDisc => $figures->smallDiscPadMm2,
        };
    }

    /** Whether the lathe turns meanwhile, so that its speed is the work's. */
    public function spins(): bool
    {
        return in_array($this, [self::Hand, self::PowerDisc, self::Stick], true);
    }

    /** Whether it is driven, so that it would round over crisp edges and heat a thin wall. */
    public function isPowered(): bool
    {
        return in_array($this, [self::PowerDisc, self::Orbit, self::SmallDisc], true);
    }

    /** Whether it runs along the grain, so that no rings are left to take out in the end. */
    public function leavesNoRings(): bool
    {
        return $this === self::AlongGrain;
    }

    /** What it leaves. */
    public function leaves(): Said
    {
        return new Said("abrasive.method.{$this->value}.leaves");
    }

    public function how(): Said
    {
        return new Said("abrasive.method.{$this->value}.how");
    }
}
