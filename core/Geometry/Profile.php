<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

use HonestGrain\Exchange\Document;
use HonestGrain\Geometry\Exception\InvalidProfile;
use HonestGrain\Geometry\Internal\Segments;

/**
 * The half profile of a turned piece: an outer curve from the foot up to the rim and, for a
 * hollow piece, an inner curve from the rim down to the bottom centre.
 */
final readonly class Profile
{
    private function __construct(public Curve $outer, public ?Curve $inner)
    {
    }

    /**
     * @throws InvalidProfile when the lines cross or the inner leaves the wood
     */
    public static function of(Curve $outer, ?Curve $inner, string $field = 'shape'): self
    {
        foreach (['outer' => $outer, 'inner' => $inner] as $name => $curve) {
            $crossing = $curve === null ? null : Segments::crossing($curve->points, $curve->points, same: true);
            if ($crossing !== null) {
                throw InvalidProfile::selfCrossing("$field.$name", ...$crossing);
            }
        }
        if ($inner !== null) {
            if ($inner->last()->z >= $inner->first()->z) {
                throw InvalidProfile::upsideDown("$field.inner", $inner->first()->z, $inner->last()->z);
            }
            if ($inner->last()->z <= $outer->first()->z) {
                throw InvalidProfile::throughTheFloor("$field.inner", $inner->last()->z, $outer->first()->z);
            }
            $crossing = Segments::crossing($inner->points, $outer->points);
            if ($crossing !== null) {
                throw InvalidProfile::selfCrossing("$field.inner", ...$crossing);
            }
            $middle = $inner->at($inner->lengthMm() / 2);
            $outline = [new Point($outer->first()->z, 0.0, 0.0), ...$outer->points, new Point($outer->last()->z, 0.0, 0.0)];
            if (! Segments::encloses($outline, $middle->z, $middle->r)) {
                throw InvalidProfile::insideOut("$field.inner", $middle->z, $middle->r);
            }
        }

        return new self($outer, $inner);
    }

    /** @throws InvalidProfile */
    public static function read(Document $shape): self
    {
        $inner = $shape->value('inner');

        return self::of(
            Curve::fromArray($shape->list('outer', PHP_INT_MAX), $shape->at('outer')),
            $inner === null ? null : Curve::fromArray($shape->list('inner', PHP_INT_MAX), $shape->at('inner')),
            $shape->path === '' ? 'shape' : $shape->path,
        );
    }

    /** The widest diameter, mm. */
    public function diameterMm(): float
    {
        return 2 * max(array_map(fn (Point $p): float => $p->r, $this->outer->points));
    }

    public function heightMm(): float
    {
        $z = array_map(fn (Point $p): float => $p->z, $this->outer->points);

        return max($z) - min($z);
    }

    /** Thickness of the wood under the bottom of the inside, on the axis, mm; null for a solid piece. */
    public function floorMm(): ?float
    {
        if ($this->inner === null) {
            return null;
        }

        return $this->inner->last()->z - $this->outer->first()->z;
    }

    /** @return array{outer: list<array<int, float|string>>, inner: list<array<int, float|string>>|null} */
    public function toArray(): array
    {
        return ['outer' => $this->outer->toArray(), 'inner' => $this->inner?->toArray()];
    }
}
