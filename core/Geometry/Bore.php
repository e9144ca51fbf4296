<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

use HonestGrain\Geometry\Exception\InvalidProfile;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** A straight drilled hole on the axis: its diameter, how deep it goes (null: right through) and from which end, mm. */
final readonly class Bore
{
    public const FROM = ['top', 'foot'];

    /** Less wood than this about a bore, and the drill comes out. */
    private const LEAST_WALL_MM = 0.5;

    private const MIN_MM = 1.0;

    /** An outside that ends so near the axis ends in a point on it. */
    private const POLE_MM = 0.01;

    private const EDGE_MM = 1e-6;

    private function __construct(public float $diameterMm, public ?float $depthMm, public bool $fromFoot)
    {
    }

    /** @throws InvalidField */
    public static function of(float $diameterMm, ?float $depthMm, bool $fromFoot = false, string $field = 'bore'): self
    {
        if (! is_finite($diameterMm) || $diameterMm < self::MIN_MM || $diameterMm > 2 * Node::MAX_MM) {
            throw InvalidField::range("$field.diameter_mm", $diameterMm, self::MIN_MM, 2 * Node::MAX_MM);
        }
        if ($depthMm !== null && (! is_finite($depthMm) || $depthMm < self::MIN_MM || $depthMm > Node::MAX_MM)) {
            throw InvalidField::range("$field.depth_mm", $depthMm, self::MIN_MM, Node::MAX_MM);
        }

        return new self($diameterMm, $depthMm, $fromFoot);
    }

    public static function read(Document $bore): self
    {
        return self::of(
            $bore->number('diameter_mm', self::MIN_MM, 2 * Node::MAX_MM),
            $bore->numberOr('depth_mm', null, self::MIN_MM, Node::MAX_MM),
            $bore->choice('from', self::FROM, 'top') === 'foot',
            $bore->path,
        );
    }

    public function radiusMm(): float
    {
        return $this->diameterMm / 2;
    }

    public function isThrough(): bool
    {
        return $this->depthMm === null;
    }

    public function opensAtFoot(): bool
    {
        return $this->fromFoot || $this->isThrough();
    }

    public function opensAtTop(): bool
    {
        return ! $this->fromFoot || $this->isThrough();
    }

    /**
     * The heights it runs between, lower first, mm.
     *
     * @return array{float, float}
     */
    public function span(Curve $outer, ?Curve $inner): array
    {
        $foot = $outer->first()->z;
        $top = $inner === null ? $outer->last()->z : $this->cut($inner)->z;

        return match (true) {
            $this->depthMm === null => [$foot, $top],
            $this->fromFoot => [$foot, $foot + $this->depthMm],
            default => [$top - $this->depthMm, $top],
        };
    }

    /** Where a bore right through the floor comes out on the inside. */
    public function cut(Curve $inner): Point
    {
        $last = $inner->last();
        $before = $inner->first();
        $cut = $last->r >= $this->radiusMm() ? $last : $before;
        foreach ($inner->points as $point) {
            if ($before->r >= $this->radiusMm() && $point->r < $this->radiusMm()) {
                $share = ($before->r - $this->radiusMm()) / ($before->r - $point->r);
                $cut = new Point(
                    $before->z + $share * ($point->z - $before->z), $this->radiusMm(),
                    $before->arcMm + $share * ($point->arcMm - $before->arcMm),
                );
            }
            $before = $point;
        }

        return $cut;
    }

    /**
     * The outside as it is once the bore is through: where it came to a point on the axis, the drill takes that away.
     *
     * @throws InvalidProfile where that would leave nothing
     */
    public function open(Curve $outer, ?Curve $inner, string $field): Curve
    {
        $needed = $this->radiusMm() + self::LEAST_WALL_MM;
        $widest = max(array_map(fn (Point $point): float => $point->r, $outer->points));
        if ($widest <= $needed) {
            throw InvalidProfile::bore("$field.diameter_mm", $this->diameterMm,
                new Said('geometry.bore.outside-most-across-bore', [
                    'what' => Quantity::mm(2 * $widest),
                    'what2' => Quantity::mm(self::LEAST_WALL_MM),
                ]));
        }
        $from = $this->opensAtFoot() && self::isPole($outer->first())
            ? $outer->arcAtRadius($this->radiusMm(), false) : $outer->first()->arcMm;
        $to = $inner === null && $this->opensAtTop() && self::isPole($outer->last())
            ? $outer->arcAtRadius($this->radiusMm(), true) : $outer->last()->arcMm;

        return $from === $outer->first()->arcMm && $to === $outer->last()->arcMm ? $outer : $outer->part($from, $to);
    }

    /**
     * The outside and the wall of the bore between which wood is measured: the edge that is left round a mouth on a
     * rounded end is an edge and no wall.
     *
     * @return array{Curve, Curve}
     */
    public function wallLines(Curve $outer, ?Curve $inner): array
    {
        $isEdge = fn (Point $end): bool => abs($end->r - $this->radiusMm()) < self::EDGE_MM;
        $from = $isEdge($outer->first()) ? $outer->shoulderArc(false) : $outer->first()->arcMm;
        $to = $inner === null && $isEdge($outer->last()) ? $outer->shoulderArc(true) : $outer->last()->arcMm;
        $line = $this->line($outer, $inner);
        if ($to <= $from || ($from === $outer->first()->arcMm && $to === $outer->last()->arcMm)) {
            return [$outer, $line];
        }
        $wall = $outer->part($from, $to);
        $long = $line->lengthMm();
        [$high, $low] = [$line->first()->z, $line->last()->z];
        $arc = fn (float $z): float => $high > $low ? max(0.0, min($long, ($high - $z) / ($high - $low) * $long)) : 0.0;
        [$upper, $lower] = [max($wall->first()->z, $wall->last()->z), min($wall->first()->z, $wall->last()->z)];

        return [$wall, $arc($lower) > $arc($upper) ? $line->part($arc($upper), $arc($lower)) : $line];
    }

    private static function isPole(Point $end): bool
    {
        return $end->r < self::POLE_MM;
    }

    /** @throws InvalidProfile where it does not stay within the wood */
    public function check(Curve $outer, ?Curve $inner, string $field): void
    {
        if ($inner !== null && ! $this->fromFoot && ! $this->isThrough()) {
            throw InvalidProfile::bore(
                "$field.from", 'top', new Said('geometry.bore.piece-hollowed-bored-from'),
            );
        }
        if ($inner !== null && $inner->first()->r <= $this->radiusMm()) {
            throw InvalidProfile::bore(
                "$field.diameter_mm", $this->diameterMm, new Said('geometry.bore.takes-less-than-mouth'),
            );
        }
        [$low, $high] = $this->span($outer, $inner);
        $top = $inner === null ? $outer->last()->z : $inner->last()->z;
        if (($this->depthMm ?? 0.0) >= $top - $outer->first()->z) {
            throw InvalidProfile::bore("$field.depth_mm", $this->depthMm ?? 0.0,
                new Said('geometry.bore.takes-less-than-wood', [
                    'top' => Quantity::mm($top - $outer->first()->z),
                ]));
        }
        [$walled] = $this->wallLines($outer, $inner);
        foreach ($walled->points as $point) {
            if ($point->z >= $low && $point->z <= $high && $point->r < $this->radiusMm() + self::LEAST_WALL_MM) {
                throw InvalidProfile::bore("$field.diameter_mm", $this->diameterMm,
                    new Said('geometry.bore.outside-only-across-height', [
                        'what' => Quantity::mm(2 * $point->r),
                        'z' => Quantity::mm($point->z),
                        'what2' => Quantity::mm(self::LEAST_WALL_MM),
                    ]));
            }
        }
    }

    /** Its wall as a line from the upper end down, for distances. */
    public function line(Curve $outer, ?Curve $inner): Curve
    {
        [$low, $high] = $this->span($outer, $inner);

        return Curve::through([
            Node::at($high, $this->radiusMm(), true), Node::at($low, $this->radiusMm(), true),
        ]);
    }

    /** @return array{diameter_mm: float, depth_mm: float|null, from: string} */
    public function toArray(): array
    {
        return [
            'diameter_mm' => $this->diameterMm, 'depth_mm' => $this->depthMm,
            'from' => self::FROM[(int) $this->fromFoot],
        ];
    }
}
