<?php

declare(strict_types=1);

namespace HonestGrain\Lathework;

use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;

/** One bit, `{"kind","diameter_mm","length_mm"}`; the length is what goes into wood. */
final readonly class Bit
{
    public const MOST_DIAMETER_MM = 200.0;

    public const MOST_LENGTH_MM = 2000.0;

    /** A bit bores its own hole and no other, within what wood gives. */
    private const SAME_MM = 0.3;

    public function __construct(public BitKind $kind, public float $diameterMm, public float $lengthMm)
    {
    }

    /** @throws InvalidField */
    public static function read(Document $bit): self
    {
        return new self(
            BitKind::from($bit->choice('kind', array_column(BitKind::cases(), 'value'))),
            $bit->number('diameter_mm', 0.5, self::MOST_DIAMETER_MM),
            $bit->number('length_mm', 1, self::MOST_LENGTH_MM),
        );
    }

    public function bores(float $diameterMm): bool
    {
        return abs($this->diameterMm - $diameterMm) <= self::SAME_MM;
    }

    /** @return array{kind: string, diameter_mm: float, length_mm: float} */
    public function toArray(): array
    {
        return ['kind' => $this->kind->value, 'diameter_mm' => $this->diameterMm, 'length_mm' => $this->lengthMm];
    }
}
