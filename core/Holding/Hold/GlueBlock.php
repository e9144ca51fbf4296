<?php

declare(strict_types=1);

namespace HonestGrain\Holding\Hold;

use HonestGrain\Holding\Grip;
use HonestGrain\Holding\Mount;
use HonestGrain\Holding\Rig;
use HonestGrain\Holding\Workpiece;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** A block of waste wood glued to a flat face. */
final readonly class GlueBlock implements Hold
{
    public function grip(Workpiece $work, Rig $rig): Grip
    {
        [$across, $high] = [$work->size->diameterMm, $work->size->heightMm];
        $figures = $rig->calibration->holds;
        $least = max(
            $work->isSide() ? $figures->tenonShare * $across : 0.0, $high / $rig->limits->overhang($work->grain),
        );
        $held = $high / $rig->limits->overhangHeld();
        $mayTail = ! $work->isHollow() || $rig->equipment->owns(Mount::Steady);
        $block = $least <= $across ? $least : $held;

        return new Grip(
            not: $block > $across || ($block < $least && ! $mayTail) ? [new Said('holding.hold.too-slender', [
                'least' => Quantity::mm($least), 'across' => Quantity::mm($across),
            ])] : [],
            how: array_values(array_filter([
                new Said('holding.hold.block', ['across' => Quantity::mm($block)]),
                $work->wood->isWet ? new Said('holding.hold.block-wet') : null,
                $block < $least ? new Said('holding.hold.tail-up', [
                    'times' => Quantity::number(round($high / $block, 1)),
                    'share' => Quantity::share($block / $across),
                ]) : null,
            ])),
            size: ['block_mm' => round($block, 1)],
        );
    }
}
