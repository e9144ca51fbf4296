<?php

declare(strict_types=1);

namespace HonestGrain\Lathework;

use HonestGrain\Reading\Document;
use HonestGrain\Words\FirstLetter;
use HonestGrain\Words\Said;

/**
 * What a bought part asks of the wood: a ferrule a spigot of its inside, all else a hole of a diameter and a depth, mm.
 */
final readonly class FittingSize
{
    public const MOST_LENGTH_MM = 600.0;

    /** @param  float|null  $outerMm  the outside of a tube; null for what goes into the wood, or where nobody said */
    private function __construct(
        public FittingKind $kind,
        public ?string $name,
        public float $diameterMm,
        public float $lengthMm,
        public ?float $outerMm,
    ) {
    }

    /** @throws \HonestGrain\Reading\InvalidField */
    public static function read(Document $fitting): self
    {
        $diameter = $fitting->number('diameter_mm', 0.5, Bit::MOST_DIAMETER_MM);

        return new self(
            FittingKind::from($fitting->choice('kind', array_column(FittingKind::cases(), 'value'))),
            $fitting->textOr('name', null, 40), $diameter,
            $fitting->number('length_mm', 0.5, self::MOST_LENGTH_MM),
            $fitting->numberOr('outer_mm', null, 0.5, 2 * Bit::MOST_DIAMETER_MM),
        );
    }

    /** As it is called within a sentence. */
    public function called(): Said|string
    {
        return $this->name === null ? $this->kind->label() : FirstLetter::small($this->name);
    }

    /** @return array<string, mixed> as in a document */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind->value, 'name' => $this->name, 'diameter_mm' => $this->diameterMm,
            'length_mm' => $this->lengthMm, 'outer_mm' => $this->outerMm,
        ];
    }
}
