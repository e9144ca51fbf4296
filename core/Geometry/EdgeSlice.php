<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

/** What stands at one height of a rim that is not level: how much of a turn, how it leans, and how its grain lies. */
final readonly class EdgeSlice
{
    /** |cos| of a whole turn, on the mean. */
    private const ALL_ROUND = 2 / M_PI;

    /**
     * @param  float  $share  of a turn that is wood, 0 to 1
     * @param  float  $towards0  the middle of that wood at a radius of one, towards 0°, times the share
     * @param  float  $towards90  the same towards 90°
     * @param  float  $endGrain  how much end grain shows there of side grain that stands upright, 0 to 1
     */
    private function __construct(
        public float $share,
        public float $towards0,
        public float $towards90,
        public float $endGrain,
    ) {
    }

    /** @param  list<array{float, float}>  $stands  where wood is: from and to, radians */
    public static function of(array $stands): self
    {
        [$turn, $towards0, $towards90, $end] = [0.0, 0.0, 0.0, 0.0];
        foreach ($stands as [$from, $to]) {
            $turn += $to - $from;
            $towards0 += sin($to) - sin($from);
            $towards90 += cos($from) - cos($to);
            $end += self::cosines($to) - self::cosines($from);
        }

        return new self(
            $turn / (2 * M_PI), $towards0 / (2 * M_PI), $towards90 / (2 * M_PI),
            $turn > 0.0 ? $end / $turn : self::ALL_ROUND,
        );
    }

    /** Between this height and another, 0 to 1 of the way; beyond either it stays as there. */
    public function towards(self $other, float $t): self
    {
        $t = max(0.0, min(1.0, $t));

        return $t === 0.0 ? $this : new self(
            $this->share + $t * ($other->share - $this->share),
            $this->towards0 + $t * ($other->towards0 - $this->towards0),
            $this->towards90 + $t * ($other->towards90 - $this->towards90),
            $this->endGrain + $t * ($other->endGrain - $this->endGrain),
        );
    }

    /** How much more end grain it shows than a whole turn, times. */
    public function moreEndGrain(): float
    {
        return $this->endGrain / self::ALL_ROUND;
    }

    /** ∫ |cos| from nought. */
    private static function cosines(float $to): float
    {
        $turns = floor(($to + M_PI / 2) / M_PI);

        return 2 * $turns + sin($to - M_PI * $turns);
    }
}
