<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Geometry\Face;

/**
 * A face of a part, or a stretch of it between two lengths along its line, mm.
 *
 * @internal
 */
final readonly class Place
{
    private function __construct(
        public string $part,
        public Face $face,
        public ?float $fromMm = null,
        public ?float $toMm = null,
    ) {
    }

    public static function face(string $part, Face $face): self
    {
        return new self($part, $face);
    }

    public static function stretch(string $part, Face $face, float $fromMm, float $toMm): self
    {
        return new self($part, $face, $fromMm, $toMm);
    }

    public function touches(self $other): bool
    {
        return $this->part === $other->part && $this->face === $other->face
            && ($this->fromMm === null || $other->toMm === null || $this->fromMm < $other->toMm)
            && ($other->fromMm === null || $this->toMm === null || $other->fromMm < $this->toMm);
    }
}
