<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** Round holes on a grid. Physics: open share πø²/(2√3p²) on a hexagonal grid, πø²/(4p²) on a square one. */
final readonly class Piercing
{
    public function __construct(public float $holeMm, public float $pitchMm, public bool $isHexagonal)
    {
    }

    public function openShare(): float
    {
        return M_PI * $this->holeMm ** 2 / 4 / $this->cellMm2();
    }

    /** What stands between two holes at the narrowest. */
    public function bridgeMm(): float
    {
        return $this->pitchMm - $this->holeMm;
    }

    public function count(float $areaMm2): int
    {
        return (int) floor($areaMm2 / $this->cellMm2() + 1e-9);
    }

    /** @return list<Said> */
    public function warnings(float $leastMm): array
    {
        return $this->bridgeMm() >= $leastMm - 1e-9 ? [] : [new Said('layout.piercing.stands-between-two-holes', [
            'bridge' => Quantity::mm($this->bridgeMm()),
            'least' => Quantity::mm($leastMm),
            'hole' => Quantity::mm($this->holeMm + $leastMm),
        ])];
    }

    private function cellMm2(): float
    {
        return $this->pitchMm ** 2 * ($this->isHexagonal ? sqrt(3) / 2 : 1);
    }
}
