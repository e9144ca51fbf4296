<?php

declare(strict_types=1);

namespace HonestGrain\Holding\Hold;

use HonestGrain\Holding\Grip;
use HonestGrain\Holding\HoldStage;
use HonestGrain\Holding\Rig;
use HonestGrain\Holding\Workpiece;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** A plate and thick wood screws: into the face that is hollowed away, or into a waste block on the foot. */
final readonly class Faceplate implements Hold
{
    public function grip(Workpiece $work, Rig $rig): Grip
    {
        $figures = $rig->calibration->holds;
        $least = max($rig->limits->sizeMm ?? 0.0, $work->size->heightMm / $rig->limits->overhang($work->grain));
        $plate = $rig->isMeasured() ? $rig->sizeMm() ?? 0.0 : $least;
        $deep = $figures->plateScrewsMm($work->size->kg(), ! $work->isSide());
        $short = $plate < $least - 1e-9 && $work->size->heightMm > $plate * $rig->limits->overhang($work->grain)
            ? [new Said('holding.hold.plate-small', [
                'plate' => Quantity::mm($plate), 'least' => Quantity::mm($least),
            ])] : [];
        $size = ['plate_mm' => round($plate, 1), 'screws_mm' => $deep];
        if ($work->stage !== HoldStage::Outside) {
            return new Grip(not: $short, how: [new Said('holding.hold.plate-block', [
                'plate' => Quantity::mm($plate), 'deep' => Quantity::mm($deep),
            ])], size: $size);
        }
        $ring = $plate - 2 * $figures->plateEdgeMm;
        $wood = $work->profile->hollowAtMm($ring / 2);

        return new Grip(not: [...$short, ...$wood < $deep + $figures->screwShortMm
            ? [new Said('holding.hold.plate-stays', [
                'deep' => Quantity::mm($deep), 'ring' => Quantity::mm($ring), 'wood' => Quantity::mm($wood),
            ])] : []], how: [new Said('holding.first-hold.faceplate', [
                'deep' => Quantity::mm($deep), 'wood' => Quantity::mm($wood), 'plate' => Quantity::mm($ring),
            ])], size: $size);
    }
}
