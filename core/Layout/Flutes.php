<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * Flutes round a straight band, along it or in a spiral.
 *
 * Physics: land = 2πr/N − width; a spiral of lead l stands at atan(2πr/l) from the axis, and is
 * ∫√(1 + (2πr/l)²) ds long, here by Simpson's rule over the slant.
 */
final readonly class Flutes
{
    private const SLICES = 200;

    /** @param  list<float>  $radiiMm  of the band, two or more, evenly apart from the top down */
    public function __construct(
        public int $count,
        public FluteCutter $cutter,
        public float $depthMm,
        public array $radiiMm,
        public float $slantMm,
        public ?float $leadMm = null,
        public float $fadeMm = 0.0,
    ) {
    }

    public function widthMm(): float
    {
        return $this->cutter->widthMm($this->depthMm);
    }

    /** @return list<float> what is left standing between two flutes, at each radius */
    public function landsMm(): array
    {
        $last = count($this->radiiMm) - 1;

        return array_map(
            fn (int $i, float $radius): float => 2 * M_PI * $radius / $this->count
                - $this->cutter->widthMm($this->depthAtMm($last === 0 ? 0.0 : $i / $last * $this->slantMm)),
            array_keys($this->radiiMm), $this->radiiMm,
        );
    }

    /** How deep one is so far along the band: where it fades, less towards both ends in a straight line. */
    public function depthAtMm(float $alongMm): float
    {
        if ($this->fadeMm <= 0) {
            return $this->depthMm;
        }

        return $this->depthMm * max(
            0.0, min(1.0, $alongMm / $this->fadeMm, ($this->slantMm - $alongMm) / $this->fadeMm),
        );
    }

    /** @return list<float>|null at each radius; null for straight ones */
    public function helixDeg(): ?array
    {
        $lead = $this->leadMm;

        return $lead === null ? null : array_map(
            fn (float $radius): float => rad2deg(atan(2 * M_PI * $radius / $lead)), $this->radiiMm,
        );
    }

    /** One flute from end to end. */
    public function lengthMm(): float
    {
        if ($this->leadMm === null) {
            return $this->slantMm;
        }
        $sum = 0.0;
        $stretches = count($this->radiiMm) - 1;
        for ($i = 0; $i < $stretches; $i++) {
            $sum += $this->turnsMm($this->radiiMm[$i], $this->radiiMm[$i + 1], $this->slantMm / $stretches);
        }

        return $sum;
    }

    /** @param  int  $passes  for each flute */
    public function minutes(int $passes, float $feedMmPerS): float
    {
        return $this->count * $passes * $this->lengthMm() / $feedMmPerS / 60;
    }

    /**
     * @param  float  $leftMm  of the wall under a flute
     * @return list<Said>
     */
    public function warnings(float $leftMm, float $leastWallMm, float $leastLandMm): array
    {
        $warnings = [];
        if ($leftMm <= 0) {
            $warnings[] = new Said('layout.flutes.flutes-deep-cut-through', [
                'depth' => Quantity::mm($this->depthMm),
                'what' => Quantity::mm(-$leftMm),
            ]);
        } elseif ($leftMm < $leastWallMm) {
            $warnings[] = new Said('layout.flutes.flutes-leave-wall-less', [
                'left' => Quantity::mm($leftMm),
                'leastWall' => Quantity::mm($leastWallMm),
            ]);
        }
        foreach ($this->landsMm() as $i => $land) {
            if ($land <= 0) {
                $warnings[] = new Said('layout.flutes.radius-neighbouring-flutes-run', [
                    'what' => Quantity::mm($this->radiiMm[$i]),
                    'what2' => Quantity::mm(-$land),
                ]);
            } elseif ($land < $leastLandMm) {
                $warnings[] = new Said('layout.flutes.radius-stands-between-two', [
                    'what' => Quantity::mm($this->radiiMm[$i]),
                    'land' => Quantity::mm($land),
                    'leastLand' => Quantity::mm($leastLandMm),
                ]);
            }
        }

        return $warnings;
    }

    private function turnsMm(float $first, float $last, float $slantMm): float
    {
        $sum = 0.0;
        for ($i = 0; $i <= self::SLICES; $i++) {
            $radius = $first + ($last - $first) * $i / self::SLICES;
            $weight = $i === 0 || $i === self::SLICES ? 1 : ($i % 2 === 1 ? 4 : 2);
            $sum += $weight * hypot(1.0, 2 * M_PI * $radius / (float) $this->leadMm);
        }

        return $sum * $slantMm / self::SLICES / 3;
    }
}
