<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Layout\Tooling;

/** The band that a technique is used on, as far as anything follows from it. */
final readonly class Ground
{
    /** So much of a thin wall does a cut take where nobody said how deep. */
    private const LIKELY_SHARE = 0.25;

    /**
     * @param  float|null  $hardnessN  Janka; null where no figure is known
     * @param  non-empty-list<Level>  $levels  evenly from its beginning to its end
     * @param  float|null  $openMinutes  how long the chosen colour keeps a wet edge; null where none is chosen
     * @param  bool  $opensLongerInWater  the chosen colour is a dye that can be had in a carrier that dries slower
     */
    public function __construct(
        public float $areaMm2,
        public ?float $hardnessN,
        public array $levels,
        public GrainDirection $grain = GrainDirection::Side,
        public bool $hasTannin = false,
        public Tooling $tooling = new Tooling,
        public ?float $openMinutes = null,
        public bool $opensLongerInWater = false,
    ) {
    }

    public function lengthMm(): float
    {
        return $this->levels[count($this->levels) - 1]->alongMm;
    }

    public function middle(): Level
    {
        return $this->levels[intdiv(count($this->levels), 2)];
    }

    /** @return non-empty-list<float> */
    public function radiiMm(): array
    {
        return array_map(fn (Level $level): float => $level->radiusMm, $this->levels);
    }

    /** The thinnest wood under it, mm; null where it is solid. */
    public function wallMm(): ?float
    {
        $walls = array_filter(
            array_map(fn (Level $level): ?float => $level->wallMm, $this->levels),
            fn (?float $mm): bool => $mm !== null,
        );

        return $walls === [] ? null : min($walls);
    }

    /** A depth that nobody typed: the usual one, or what a thin wall bears. */
    public function likelyDepthMm(float $usualMm, Calibration $calibration): float
    {
        $wall = $this->wallMm();
        $bears = $wall === null ? INF : max(self::LIKELY_SHARE * $wall, $wall - $calibration->shape->leastWallMm);

        return max(0.05, floor(100 * min($usualMm, $bears) + 1e-6) / 100);
    }

    /** The radius so far along it. */
    public function radiusAtMm(float $alongMm): float
    {
        $last = $this->levels[0];
        foreach ($this->levels as $level) {
            if ($level->alongMm >= $alongMm) {
                $span = $level->alongMm - $last->alongMm;
                $share = $span > 0 ? ($alongMm - $last->alongMm) / $span : 0.0;

                return $last->radiusMm + $share * ($level->radiusMm - $last->radiusMm);
            }
            $last = $level;
        }

        return $last->radiusMm;
    }

    /**
     * Strokes of a unit repeated round it, at true size: each point (u, v) lies u of a repeat round, v up the band.
     *
     * @param  list<list<array{float, float}>>  $strokes
     */
    public function strokesMm(array $strokes, int $repeats): float
    {
        $sum = 0.0;
        foreach ($strokes as $stroke) {
            foreach ($stroke as $i => [$u, $v]) {
                if ($i > 0) {
                    [$fromU, $fromV] = $stroke[$i - 1];
                    $round = 2 * M_PI * $this->radiusAtMm(($v + $fromV) / 2 * $this->lengthMm()) / $repeats;
                    $sum += hypot(($u - $fromU) * $round, ($v - $fromV) * $this->lengthMm());
                }
            }
        }

        return $repeats * $sum;
    }
}
