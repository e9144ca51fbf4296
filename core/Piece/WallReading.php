<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Calibration\ShapeFigures;
use HonestGrain\Geometry\Node;
use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\Wall;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** What callipers say of a wall at a height over the foot, beside what is drawn there. */
final readonly class WallReading
{
    public const MOST = 60;

    /** Two readings nearer than this are of one place. */
    public const SAME_MM = 0.5;

    private function __construct(public float $heightMm, public float $wallMm)
    {
    }

    public static function read(Document $reading): self
    {
        return new self(
            $reading->number('height_mm', 0, Node::MAX_MM), $reading->number('wall_mm', 0.1, Node::MAX_MM),
        );
    }

    /** @throws InvalidField where there is no wall to measure at that height */
    public function check(Profile $profile): void
    {
        if ($this->drawn($profile) === null) {
            throw InvalidField::because(
                'wall_readings.0.height_mm', $this->heightMm, $profile->inner === null
                    ? new Said('piece.wall-reading.not-hollow') : new Said('piece.wall-reading.no-wall-there', [
                        'from' => Quantity::mm($profile->inner->last()->z),
                        'to' => Quantity::mm($profile->inner->first()->z),
                    ]),
            );
        }
    }

    /** How thick it is drawn there, square to the outside; null where it is not hollow at that height. */
    public function drawn(Profile $profile): ?Wall
    {
        return $profile->inner === null ? null : Wall::at($profile->outer, $profile->inner, $this->heightMm);
    }

    /** How much more wood stands there than is drawn, mm; below nothing where there is less. */
    public function overMm(Profile $profile): float
    {
        return $this->wallMm - ($this->drawn($profile)->minMm ?? $this->wallMm);
    }

    /** Workshop model: whether that is more than a cut leaves and callipers tell. */
    public function isThick(Profile $profile, ShapeFigures $figures): bool
    {
        return $this->overMm($profile) > $this->toleranceMm($profile, $figures);
    }

    public function isThin(Profile $profile, ShapeFigures $figures): bool
    {
        return -$this->overMm($profile) > $this->toleranceMm($profile, $figures);
    }

    private function toleranceMm(Profile $profile, ShapeFigures $figures): float
    {
        return max($figures->thickSpotMm, $figures->thickSpotShare * ($this->drawn($profile)->minMm ?? 0.0));
    }

    /** @return array<string, float> as in the document */
    public function toArray(): array
    {
        return ['height_mm' => $this->heightMm, 'wall_mm' => $this->wallMm];
    }
}
