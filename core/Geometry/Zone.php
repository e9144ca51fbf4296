<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

use HonestGrain\Reading\Copy;

/**
 * A named surface of a piece and what its strip of the profile measures.
 *
 * Physics: area = Σ π(r₁+r₂)s over the frusta between sampled points; the mean radius is the
 * one for which area = 2π · mean radius · arc length (Pappus).
 */
final readonly class Zone
{
    private function __construct(
        public string $id,
        public ?Face $face,
        public float $areaMm2,
        public float $endGrainMean,
        public float $meanRadiusMm,
        public float $arcMm,
    ) {
    }

    /**
     * @param  list<Point>  $points at least two
     * @param  Face|null  $face  null for a band on one
     */
    public static function along(string $id, array $points, GrainDirection $grain, ?Face $face = null): self
    {
        $area = $exposed = $arc = 0.0;
        for ($i = 1, $count = count($points); $i < $count; $i++) {
            $dz = $points[$i]->z - $points[$i - 1]->z;
            $dr = $points[$i]->r - $points[$i - 1]->r;
            $slant = hypot($dz, $dr);
            $strip = M_PI * ($points[$i]->r + $points[$i - 1]->r) * $slant;
            $area += $strip;
            $arc += $slant;
            $exposed += $strip * $grain->exposure($dz, $dr);
        }

        return new self(
            id: $id, face: $face, areaMm2: $area, endGrainMean: $area > 0 ? $exposed / $area : 0.0,
            meanRadiusMm: $arc > 0 ? $area / (2 * M_PI * $arc) : 0.0, arcMm: $arc,
        );
    }

    /** The same, so much of it left, where its rim is not level; its line stays as it was drawn. */
    public function left(float $areaMm2, float $endGrainMean): self
    {
        return Copy::with($this, ['areaMm2' => $areaMm2, 'endGrainMean' => $endGrainMean]);
    }

    /** @throws \LogicException for a band, a fault of the caller */
    public function wholeFace(): Face
    {
        return $this->face ?? throw new \LogicException("$this->id is a band and no face.");
    }

    /** @return array{id: string, area_mm2: float, end_grain_mean: float, mean_radius_mm: float, arc_mm: float} */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'area_mm2' => round($this->areaMm2, 3),
            'end_grain_mean' => round($this->endGrainMean, 5),
            'mean_radius_mm' => round($this->meanRadiusMm, 4),
            'arc_mm' => round($this->arcMm, 4),
        ];
    }
}
