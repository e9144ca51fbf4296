<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

use HonestGrain\Reading\Document;

/** What a flute is cut with: a ball or a V. Physics: the width that it leaves at a depth. */
final readonly class FluteCutter
{
    /** Cutters whose sizes differ by less cut alike, mm and degrees. */
    private const LIKE = 0.05;

    private function __construct(private ?float $radiusMm, private float $angleDeg)
    {
    }

    /** Reads `{"kind":"ball","radius_mm"}` or `{"kind":"v","angle_deg"}`. */
    public static function read(Document $tool): self
    {
        return $tool->choice('kind', ['ball', 'v']) === 'ball'
            ? self::ball($tool->number('radius_mm', 0.1, 100)) : self::v($tool->number('angle_deg', 10, 170));
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

    public function isLike(self $other): bool
    {
        return ($this->radiusMm === null) === ($other->radiusMm === null)
            && abs(($this->radiusMm ?? $this->angleDeg) - ($other->radiusMm ?? $other->angleDeg)) < self::LIKE;
    }

    /** @return array{kind: string, radius_mm: float}|array{kind: string, angle_deg: float} */
    public function toArray(): array
    {
        return $this->radiusMm === null
            ? ['kind' => 'v', 'angle_deg' => $this->angleDeg] : ['kind' => 'ball', 'radius_mm' => $this->radiusMm];
    }
}
