<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Calibration\SandingFigures;

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

    public function label(): string
    {
        return match ($this) {
            self::Hand => 'by hand, folded',
            self::PowerDisc => 'power disc against the spin',
            self::Orbit => 'random orbit, lathe stopped',
            self::AlongGrain => 'by hand along the grain, lathe stopped',
            self::Cloth => 'twisted cloth strip, lathe stopped',
            self::Stick => 'paper round a stick',
            self::SmallDisc => 'small disc in a drill, lathe stopped',
        };
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
    public function leaves(): string
    {
        return match ($this) {
            self::Hand, self::Stick => 'rings round the work, until the last grit along the grain',
            self::PowerDisc => 'short crossing arcs: the least seen of the spinning ways',
            self::Orbit => 'small swirls: they show under a film unless the last is taken along the grain',
            self::AlongGrain => 'straight lines that the grain hides',
            self::Cloth => 'lines round the edge of a hole, softened corners',
            self::SmallDisc => 'arcs with the drill: finish along the grain',
        };
    }

    public function how(): string
    {
        return match ($this) {
            self::Hand => 'Below the middle, trailing; keep it moving, and stop when it is too hot to hold.',
            self::PowerDisc => 'Disc trailing, half its face, against the spin; keep it moving.',
            self::Orbit => 'Lathe locked; flat on the wood, no pressing: it swirls when pressed.',
            self::AlongGrain => 'Lathe stopped, straight strokes with the grain.',
            self::Cloth => 'Lathe stopped, work locked: pull a twisted strip through; never a wrapped cloth on work '
                .'that spins.',
            self::Stick => 'With paper round a stick: never a finger in a spinning bore.',
            self::SmallDisc => 'Lathe stopped, a small disc in a drill: nothing is held against a broken edge that '
                .'spins.',
        };
    }
}
