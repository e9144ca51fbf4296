<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Geometry\Node;
use HonestGrain\Geometry\Profile;
use HonestGrain\Lathework\Bit;
use HonestGrain\Lathework\BitKind;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * A hole besides the bore: on the axis from either end, in steps of one bit each, or across, at a height over the foot,
 * an azimuth from where the grain comes out, and an angle up from level. Without a depth it goes through: into what is
 * hollow, or out at the other side.
 */
final readonly class PartHole
{
    public const MOST_ANGLE_DEG = 75.0;

    private function __construct(
        public string $id,
        public float $diameterMm,
        public ?float $depthMm,
        public HoleFrom $from,
        public ?HolePlace $place,
        public ?BitKind $bit,
    ) {
    }

    public static function read(Document $hole): self
    {
        $from = HoleFrom::from($hole->choice('from', array_column(HoleFrom::cases(), 'value'), HoleFrom::Side->value));

        return new self(
            id: Id::read($hole), diameterMm: $hole->number('diameter_mm', 0.5, Bit::MOST_DIAMETER_MM),
            depthMm: $hole->numberOr('depth_mm', null, 0.5, Node::MAX_MM), from: $from,
            place: $from === HoleFrom::Side ? HolePlace::read($hole) : null,
            bit: $hole->has('bit') ? BitKind::from(
                $hole->choice('bit', array_column(BitKind::cases(), 'value')),
            ) : null,
        );
    }

    /** One on the axis that goes with something else, of whose id it is. */
    public static function onAxis(string $id, float $diameterMm, float $depthMm, HoleFrom $from): self
    {
        return new self(
            id: $id, diameterMm: $diameterMm, depthMm: $depthMm, from: $from, place: null, bit: null,
        );
    }

    /** @throws InvalidField where it starts on no wood */
    public function check(Profile $profile, string $field): void
    {
        $high = $profile->heightMm();
        if ($this->place !== null && $this->place->heightMm > $high) {
            throw InvalidField::range("$field.height_mm", $this->place->heightMm, 0, $high);
        }
    }

    /** How much wood stands before it where it starts, mm: to the inside, or to the other side. */
    public function woodMm(Profile $profile): float
    {
        if ($this->place !== null) {
            return $this->place->woodMm($profile);
        }
        $deep = $profile->hollowAtMm(0.0);

        return $deep > 0 && $this->from === HoleFrom::Foot ? $profile->floorMm() ?? 0.0 : $profile->heightMm() - $deep;
    }

    /** How deep it is bored, mm. */
    public function deepMm(Profile $profile): float
    {
        return $this->depthMm ?? $this->woodMm($profile);
    }

    /** Whether it comes out: where its maker asked for it, or because there is less wood than it is deep. */
    public function comesOut(Profile $profile): bool
    {
        return $this->depthMm === null || $this->depthMm >= $this->woodMm($profile);
    }

    /** Whether it goes into what is hollow, or bored. */
    public function opensInside(Profile $profile): bool
    {
        return $this->comesOut($profile) && ($this->place === null ? $profile->inner !== null
            : $this->place->innerMm($profile) > 0);
    }

    public function label(): Said
    {
        return new Said($this->place === null ? 'piece.hole.on-axis' : 'piece.hole.across', [
            'diameter' => Quantity::mm($this->diameterMm), 'from' => $this->from->label(),
            'depth' => $this->depthMm === null ? new Said('piece.hole.through')
                : new Said('piece.hole.deep', ['depth' => Quantity::mm($this->depthMm)]),
            'height' => $this->place === null ? null : Quantity::mm($this->place->heightMm),
            'azimuth' => $this->place === null ? null : Quantity::degrees($this->place->azimuthDeg),
        ]);
    }

    /** @return array<string, mixed> as in the document */
    public function toArray(): array
    {
        return [
            'id' => $this->id, 'diameter_mm' => $this->diameterMm, 'depth_mm' => $this->depthMm,
            'from' => $this->from->value, ...$this->place?->toArray() ?? [
                'height_mm' => null, 'azimuth_deg' => null, 'angle_deg' => null,
            ], 'bit' => $this->bit?->value,
        ];
    }
}
