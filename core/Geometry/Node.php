<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

use HonestGrain\Geometry\Exception\InvalidProfile;

/** One point that the maker sets on a curve: z along the axis from the foot plane, r from the axis, mm. */
final readonly class Node
{
    public const MAX_MM = 3000.0;

    private function __construct(public float $z, public float $r, public bool $corner)
    {
    }

    /**
     * @throws InvalidProfile when a coordinate is not a length a lathe could hold
     */
    public static function at(float $z, float $r, bool $corner = false, string $field = 'shape'): self
    {
        if (! is_finite($z) || abs($z) > self::MAX_MM) {
            throw InvalidProfile::coordinate("$field.0", 'z', $z, -self::MAX_MM);
        }
        if (! is_finite($r) || $r < 0 || $r > self::MAX_MM) {
            throw InvalidProfile::coordinate("$field.1", 'r', $r, 0);
        }

        return new self($z, $r, $corner);
    }

    /** @return array{float, float}|array{float, float, string} */
    public function toArray(): array
    {
        $z = round($this->z, 3);
        $r = round($this->r, 3);

        return $this->corner ? [$z, $r, 'corner'] : [$z, $r];
    }
}
