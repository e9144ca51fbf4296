<?php

declare(strict_types=1);

namespace HonestGrain\Holding\Hold;

use HonestGrain\Holding\Grip;
use HonestGrain\Holding\HoldStage;
use HonestGrain\Holding\JawFit;
use HonestGrain\Holding\Rig;
use HonestGrain\Holding\Workpiece;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** Jaws opened in a recess: of the foot, or drilled into the face that is hollowed away. */
final readonly class Recess implements Hold
{
    public function grip(Workpiece $work, Rig $rig): Grip
    {
        $figures = $rig->calibration->holds;
        [$across, $high] = [$work->size->diameterMm, $work->size->heightMm];
        if ($high > $figures->recessMostHighShare * $across) {
            return Grip::refused(new Said('holding.hold.recess-high', [
                'high' => Quantity::mm($high), 'most' => Quantity::mm($figures->recessMostHighShare * $across),
            ]));
        }
        $wood = $work->isSide() ? $figures->recessSideWallMm : $figures->recessWallMm;
        $isFirst = $work->stage === HoldStage::Outside;
        $face = $isFirst ? $work->mouthMm() : $work->footMm();
        $most = $face - 2 * $wood;
        $wanted = $figures->recessShare($high / $across) * $across;
        $sets = $rig->equipment->jaws;
        // A small one is taken with care.
        $fit = JawFit::of($sets, true, min($wanted, $most), $most, $figures)
            ?? JawFit::of($sets, true, $figures->recessLeastMm, $most, $figures);
        if ($fit === null || $most < $figures->recessLeastMm) {
            return Grip::refused(new Said('holding.hold.recess-narrow', [
                'face' => Quantity::mm($face), 'wood' => Quantity::mm($wood), 'most' => Quantity::mm(max(0.0, $most)),
            ]));
        }
        $deep = $this->deepMm($work, $rig);
        if ($isFirst && $work->profile->hollowAtMm($fit->diameterMm / 2) < $deep + $figures->screwShortMm) {
            return Grip::refused(new Said('holding.hold.recess-stays', ['deep' => Quantity::mm($deep)]));
        }
        $left = $isFirst ? null : $work->profile->floorMm();

        return new Grip(
            how: array_values(array_filter([
                new Said($isFirst ? 'holding.hold.recess-drilled' : 'holding.hold.recess', [
                    'across' => Quantity::mm($fit->diameterMm), 'deep' => Quantity::mm($deep),
                    'jaws' => $fit->set->name ?? new Said('holding.hold.its-jaws'),
                    'sloped' => $fit->set?->sloped('holding.hold.recess-sloped'),
                ]),
                $fit->isBest ? null : new Said('holding.hold.jaws-wide'),
                $fit->diameterMm < $wanted - 0.05 ? new Said('holding.hold.recess-small', [
                    'wanted' => Quantity::mm($wanted),
                ]) : null,
                $left !== null && $left - $deep < $figures->recessFloorMm ? new Said('holding.hold.recess-floor', [
                    'left' => Quantity::mm(max(0.0, $left - $deep)), 'floor' => Quantity::mm($figures->recessFloorMm),
                ]) : null,
            ])),
            size: ['diameter_mm' => $fit->diameterMm, 'depth_mm' => $deep, 'jaws' => $fit->set?->name],
        );
    }

    /** Deeper in soft wood; no deeper than leaves its floor, where it may be shallower. */
    private function deepMm(Workpiece $work, Rig $rig): float
    {
        $figures = $rig->calibration->holds;
        $isSoft = ($work->wood->hardnessN ?? INF) < $figures->recessSoftN;
        [$least, $most] = $isSoft ? [$figures->recessMm, $figures->recessSoftMm]
            : [$figures->recessLeastDeepMm, $figures->recessMm];
        $floor = $work->profile->floorMm();

        return $floor === null || $work->stage === HoldStage::Outside ? $most
            : round(max($least, min($most, $floor - $figures->recessFloorMm)), 1);
    }
}
