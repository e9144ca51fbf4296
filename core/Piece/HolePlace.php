<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Geometry\Node;
use HonestGrain\Geometry\Profile;
use HonestGrain\Reading\Document;

/** Where a hole across starts on the outside, and how it is tilted. */
final readonly class HolePlace
{
    /** @param  float  $angleDeg  up from level, towards the top */
    private function __construct(public float $heightMm, public float $azimuthDeg, public float $angleDeg)
    {
    }

    public static function read(Document $hole): self
    {
        $hole->number('height_mm', 0, Node::MAX_MM);

        return self::readOr($hole) ?? throw new \LogicException('It has a height.');
    }

    /** Null where no height is given. */
    public static function readOr(Document $hole): ?self
    {
        $azimuth = fmod($hole->numberOr('azimuth_deg', 0.0, -360, 720), 360.0);
        $height = $hole->numberOr('height_mm', null, 0, Node::MAX_MM);
        $angle = $hole->numberOr('angle_deg', 0.0, -PartHole::MOST_ANGLE_DEG, PartHole::MOST_ANGLE_DEG);

        return $height === null ? null : new self(
            $height, $azimuth < 0 ? $azimuth + 360.0 : $azimuth, $angle,
        );
    }

    /** @return array{height_mm: float, azimuth_deg: float, angle_deg: float} as in a document */
    public function toArray(): array
    {
        return [
            'height_mm' => $this->heightMm, 'azimuth_deg' => $this->azimuthDeg, 'angle_deg' => $this->angleDeg,
        ];
    }

    /** How far the hollow or the bore reaches from the axis at that height, mm; 0 where it is solid. */
    public function innerMm(Profile $profile): float
    {
        return max($profile->hollowRadiusAtMm($this->heightMm), $profile->boreRadiusAtMm($this->heightMm));
    }

    /** The wood before it, mm: the wall there, or right across where it is solid, along its tilt. */
    public function woodMm(Profile $profile): float
    {
        $across = $profile->diameterAtMm($this->heightMm) ?? 0.0;
        $inner = $this->innerMm($profile);

        return ($inner > 0 ? $across / 2 - $inner : $across) / cos(deg2rad($this->angleDeg));
    }
}
