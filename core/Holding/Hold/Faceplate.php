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
        $short = $this->tooSmall($work, $rig, $plate, $least);
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

    /** @return list<Said> why the work stands too far out of a plate; none where it does not */
    private function tooSmall(Workpiece $work, Rig $rig, float $plateMm, float $leastMm): array
    {
        $across = $work->size->diameterMm;

        return match (true) {
            $rig->isMeasured() && $plateMm < $leastMm
                && $work->size->heightMm > $plateMm * $rig->limits->overhang($work->grain) => [
                    new Said('holding.hold.plate-small', [
                        'plate' => Quantity::mm($plateMm), 'least' => Quantity::mm($leastMm),
                    ]),
                ],
            // Nobody screws a plate to work that is narrower.
            ! $rig->isMeasured() && $leastMm > max($rig->limits->sizeMm ?? 0.0, $across) => [
                new Said('holding.hold.too-slender', [
                    'least' => Quantity::mm($leastMm), 'across' => Quantity::mm($across),
                ]),
            ],
            default => [],
        };
    }
}
