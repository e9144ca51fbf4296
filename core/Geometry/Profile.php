<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

use HonestGrain\Geometry\Exception\InvalidProfile;
use HonestGrain\Geometry\Internal\DeeperStretch;
use HonestGrain\Geometry\Internal\Outline;
use HonestGrain\Geometry\Internal\SegmentTree;
use HonestGrain\Reading\Copy;
use HonestGrain\Reading\Document;

/**
 * The half profile of a turned piece: an outer curve from the foot up to the rim and, for a
 * hollow piece, an inner curve from the rim down to the bottom centre.
 */
final readonly class Profile
{
    /** An inside that starts this close to the outside's end makes a sharp rim. */
    private const SHARP_RIM_MM = 0.01;

    /** A table is not flatter than this. */
    private const LEVEL_MM = 0.05;

    /** So much wood stands over the floor of the inside where a rim is lowest. */
    private const UNDER_EDGE_MM = 2.0;

    private function __construct(
        public Curve $outer,
        public ?Curve $inner,
        public ?Bore $bore,
        public ?NaturalEdge $edge = null,
    ) {
    }

    /**
     * @throws InvalidProfile when the lines cross or the inner leaves the wood
     */
    public static function of(Curve $outer, ?Curve $inner, string $field = 'shape', ?Bore $bore = null): self
    {
        foreach (['outer' => $outer, 'inner' => $inner] as $name => $curve) {
            $crossing = $curve?->tree()->meetsItself();
            if ($crossing !== null) {
                throw InvalidProfile::selfCrossing("$field.$name", ...$crossing);
            }
        }
        if ($inner !== null) {
            self::checkInside($outer, $inner, "$field.inner");
        }
        if ($bore !== null) {
            $outer = $bore->open($outer, $inner, "$field.bore");
            $bore->check($outer, $inner, "$field.bore");
        }

        return new self($outer, $inner, $bore);
    }

    /** @throws InvalidProfile when the inside is not drawn downwards, or leaves the wood */
    private static function checkInside(Curve $outer, Curve $inner, string $field): void
    {
        if ($inner->last()->z >= $inner->first()->z) {
            throw InvalidProfile::upsideDown($field, $inner->first()->z, $inner->last()->z);
        }
        $foot = $outer->first();
        foreach ($inner->points as $point) {
            if ($point->z <= $foot->z && $point->r <= $foot->r) {
                throw InvalidProfile::throughTheFloor($field, $point->z, $foot->z);
            }
        }
        // The two may share the rim, and nothing else.
        $from = $inner->first();
        $sharp = hypot($from->z - $outer->last()->z, $from->r - $outer->last()->r) < self::SHARP_RIM_MM;
        $below = $sharp ? $inner->between(
            min($inner->lengthMm() / 2, self::SHARP_RIM_MM), $inner->lengthMm(),
        ) : $inner->points;
        $crossing = SegmentTree::over($below)->meets($outer->tree());
        if ($crossing !== null) {
            throw InvalidProfile::selfCrossing($field, ...$crossing);
        }
        $middle = $inner->at($inner->lengthMm() / 2);
        $outline = [new Point($foot->z, 0.0, 0.0), ...$outer->points, new Point($outer->last()->z, 0.0, 0.0)];
        if (! Outline::encloses($outline, $middle->z, $middle->r)) {
            throw InvalidProfile::insideOut($field, $middle->z, $middle->r);
        }
    }

    /** @throws InvalidProfile */
    public static function read(Document $shape): self
    {
        $inner = $shape->value('inner');

        $read = self::of(
            Curve::fromArray($shape->list('outer', PHP_INT_MAX), $shape->at('outer')),
            $inner === null ? null : Curve::fromArray($shape->list('inner', PHP_INT_MAX), $shape->at('inner')),
            $shape->path === '' ? 'shape' : $shape->path,
            $shape->has('bore') ? Bore::read($shape->child('bore')) : null,
        );

        return $shape->has('rim') ? $read->edged(NaturalEdge::read(
            $shape->list('rim', PHP_INT_MAX), $read->mostDropMm(), $shape->at('rim'),
        )) : $read;
    }

    /** The same, its rim level or standing higher here and lower there. */
    public function edged(?NaturalEdge $edge): self
    {
        return Copy::with($this, ['edge' => $edge]);
    }

    /** The same before anything is hollowed or bored. */
    public function solid(): self
    {
        return self::of($this->outer, null)->edged($this->edge);
    }

    /** How far a rim may drop, mm: what is hollow under it, and nothing where nothing is. */
    public function mostDropMm(): float
    {
        return $this->inner === null ? 0.0
            : max(0.0, $this->topMm() - $this->inner->last()->z - self::UNDER_EDGE_MM);
    }

    /** Its highest place over z = 0, mm. */
    public function topMm(): float
    {
        return max($this->outer->last()->z, $this->inner?->first()->z ?? -INF);
    }

    /**
     * The same with other lines, as a document has them, and its bore.
     *
     * @throws InvalidProfile
     */
    public function redrawn(Document $shape): self
    {
        return self::read(Document::of([
            'outer' => $shape->value('outer'), 'inner' => $shape->value('inner'), 'bore' => $this->bore?->toArray(),
            'rim' => $this->edge?->toArray(),
        ], 'shape'));
    }

    /**
     * The same with another bore, or none.
     *
     * @throws InvalidProfile
     */
    public function bored(?Bore $bore): self
    {
        return self::of($this->outer, $this->inner, 'shape', $bore)->edged($this->edge);
    }

    /**
     * The same, a stretch of its inside cut so much deeper into the wall, fully over its middle half.
     *
     * @throws InvalidProfile where it is not hollow there, or would come through
     */
    public function deepened(float $fromMm, float $toMm, float $byMm): self
    {
        $inner = $this->inner ?? throw InvalidProfile::noStretch('deepen.to', 0.0, 0.0);
        $stretch = DeeperStretch::of($inner, $fromMm, $toMm);
        try {
            return self::of($this->outer, $stretch->by($byMm), 'shape', $this->bore)->edged($this->edge);
        } catch (InvalidProfile) {
            throw InvalidProfile::comesThrough('deepen.by', $fromMm, $toMm, $byMm);
        }
    }

    /** With other lines, which were made from these and are not looked over again. */
    public function with(Curve $outer, ?Curve $inner): self
    {
        return new self($outer, $inner, $this->bore, $this->edge);
    }

    /** The widest diameter, mm. */
    public function diameterMm(): float
    {
        return 2 * max(array_map(fn (Point $p): float => $p->r, $this->outer->points));
    }

    /** What it holds up to the lowest of its rim, mm³, along its drawn line; null for what is not hollow, or leaks. */
    public function capacityMm3(): ?float
    {
        if ($this->inner === null || ($this->bore !== null && $this->bore->isThrough())) {
            return null;
        }
        $mm3 = 0.0;
        $drop = $this->edge->dropMm ?? 0.0;
        $line = $this->edge?->finely($this->inner->points, $this->topMm()) ?? $this->inner->points;
        $above = $line[0];
        foreach ($line as $point) {
            if ($drop === 0.0 || ($above->z + $point->z) / 2 < $this->topMm() - $drop) {
                $mm3 += M_PI / 3 * ($above->z - $point->z)
                    * ($above->r ** 2 + $above->r * $point->r + $point->r ** 2);
            }
            $above = $point;
        }

        return $mm3;
    }

    /** How deep it is hollowed under the top of its rim, at a distance from its axis, mm; 0 where it stays solid. */
    public function hollowAtMm(float $radiusMm): float
    {
        if ($this->inner === null || $this->inner->first()->r <= $radiusMm) {
            return 0.0;
        }
        $top = max($this->outer->last()->z, $this->inner->first()->z);

        return max(0.0, $top - $this->inner->at($this->inner->arcAtRadius($radiusMm, true))->z);
    }

    /** How wide the mouth is over the widest place inside it, 0 to 1; null for what is not hollow. */
    public function mouthShare(): ?float
    {
        $widest = $this->inner === null ? 0.0 : max(array_map(fn (Point $p): float => $p->r, $this->inner->points));

        return $this->inner === null || $widest <= 0.0 ? null : $this->inner->first()->r / $widest;
    }

    /** The outer diameter at a height over the lowest place of the piece, mm; null above it. */
    public function diameterAtMm(float $aboveMm): ?float
    {
        $lowest = min(array_map(fn (Point $p): float => $p->z, $this->outer->points));
        $radius = $this->outer->radiusAtMm($lowest + $aboveMm);

        return $radius === null ? null : 2 * $radius;
    }

    /** How far it is hollow from its axis at a height over its lowest place, mm; 0 where it is solid. */
    public function hollowRadiusAtMm(float $aboveMm): float
    {
        $lowest = min(array_map(fn (Point $p): float => $p->z, $this->outer->points));

        return $this->inner?->radiusAtMm($lowest + $aboveMm) ?? 0.0;
    }

    /** The same of its bore. */
    public function boreRadiusAtMm(float $aboveMm): float
    {
        $bore = $this->bore;
        $depth = $bore?->depthMm;
        $isThere = $bore !== null && ($depth === null
            || ($bore->fromFoot ? $aboveMm <= $depth : $aboveMm >= $this->heightMm() - $depth));

        return $isThere ? $bore->radiusMm() : 0.0;
    }

    public function heightMm(): float
    {
        $z = array_map(fn (Point $p): float => $p->z, $this->outer->points);

        return max($z) - min($z);
    }

    /**
     * The least wood under the inside, mm; null for a solid piece. Over a flat foot it is measured straight down, over
     * a hollow one to the nearest of it; under or over a blind bore it is what is left beyond its end.
     */
    public function floorMm(): ?float
    {
        if ($this->bore?->depthMm !== null) {
            $top = $this->inner === null ? $this->outer->last() : $this->inner->last();

            return $top->z - $this->outer->first()->z - $this->bore->depthMm;
        }
        if ($this->inner === null || $this->bore !== null) {
            return null;
        }
        $foot = $this->outer->first();
        $floor = $this->inner->last()->z - $foot->z;
        foreach ($this->inner->points as $point) {
            if ($point->r <= $foot->r) {
                $floor = min($floor, $point->z - $foot->z);
            }
        }
        $under = $this->hollow();
        if ($under === null) {
            return $floor;
        }
        foreach ($this->inner->points as $point) {
            $floor = min($floor, $under->nearest($point, $floor)[0]);
        }

        return $floor;
    }

    /** @return non-empty-list<Point> up its outside, and down its inside to the middle, or to where a bore comes in */
    public function outline(): array
    {
        return [...$this->outer->points, ...$this->inner === null ? [] : $this->downTo($this->inner)];
    }

    /** @return non-empty-list<Point> the line of its inside, down to the middle, or to where a bore comes in */
    public function downTo(Curve $inner): array
    {
        if ($this->bore?->isThrough() === true) {
            return $inner->between(0.0, $this->bore->cut($inner)->arcMm);
        }
        $bottom = $inner->last();

        return $bottom->r > 0.01
            ? [...$inner->points, new Point($bottom->z, 0.0, $bottom->arcMm + $bottom->r)] : $inner->points;
    }

    /** Where the outside is lowest, as far out as it is so: what the piece stands on. */
    public function standsOn(): Point
    {
        $z = min(array_map(fn (Point $point): float => $point->z, $this->outer->points));
        $stands = $this->outer->first();
        $widest = -1.0;
        foreach ($this->outer->points as $point) {
            if ($point->z <= $z + self::LEVEL_MM && $point->r > $widest) {
                [$stands, $widest] = [$point, $point->r];
            }
        }

        return $stands;
    }

    /** Whether the outside droops below the foot after it has risen from it; the ring of a hollow foot does not. */
    public function droops(): bool
    {
        $foot = $this->outer->first();
        $stands = $this->standsOn();
        if ($stands->z >= $foot->z - self::LEVEL_MM) {
            return false;
        }
        foreach ($this->outer->points as $point) {
            if ($point->arcMm < $stands->arcMm && $point->z > $foot->z + self::LEVEL_MM) {
                return true;
            }
        }

        return false;
    }

    /** The underside from the middle of the foot, or the edge of its disc, out to what the piece stands on. */
    private function hollow(): ?SegmentTree
    {
        $foot = $this->outer->first();
        $stands = $this->standsOn();
        $isFlat = $foot->r > 0 && $stands->z >= $foot->z - self::LEVEL_MM;

        return $isFlat || $stands->arcMm <= 0.0 || $this->droops()
            ? null
            : SegmentTree::over($this->outer->between(0.0, $stands->arcMm));
    }

    /** @return array<string, mixed> as in the document */
    public function toArray(): array
    {
        return [
            'outer' => $this->outer->toArray(), 'inner' => $this->inner?->toArray(), 'bore' => $this->bore?->toArray(),
            ...$this->edge === null ? [] : ['rim' => $this->edge->toArray()],
        ];
    }
}
