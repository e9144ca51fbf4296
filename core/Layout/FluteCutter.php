<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

/** What a flute is cut with: a ball or a V. Physics: the width that it leaves at a depth. */
final readonly class FluteCutter
{
    private function __construct(private ?float $radiusMm, private float $angleDeg)
    {
    }

    public static function ball(float $radiusMm): self
    {
        return new self($radiusMm, 0.0);
    }

    public static function v(float $angleDeg): self
    {
        return new self(null, $angleDeg);
    }

    /** A ball: 2√(2ρd − d²), no wider than itself; a V: 2d·tan(α/2). */
    public function widthMm(float $depthMm): float
    {
        if ($this->radiusMm === null) {
            return 2 * $depthMm * tan(deg2rad($this->angleDeg) / 2);
        }

        return $depthMm >= $this->radiusMm ? 2 * $this->radiusMm
            : 2 * sqrt(2 * $this->radiusMm * $depthMm - $depthMm ** 2);
    }
}
