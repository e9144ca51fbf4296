<?php

declare(strict_types=1);

namespace HonestGrain\Lathework;

use HonestGrain\Lathework\Exception\NoBit;
use HonestGrain\Reading\Row;

/** The kinds of bits there are, those that run truest first. */
final readonly class BitTable
{
    /** @param  non-empty-array<string, BitFigures>  $kinds  by kind */
    private function __construct(private array $kinds)
    {
    }

    /** @param  list<Row>  $rows */
    public static function of(array $rows): self
    {
        $kinds = array_map(BitFigures::fromRow(...), Row::by('kind', $rows));

        return new self($kinds === [] ? throw new \LogicException('The catalogue has no bits.') : $kinds);
    }

    public function figures(BitKind $kind): BitFigures
    {
        return $this->kinds[$kind->value] ?? throw new \LogicException("The catalogue has no bit $kind->value.");
    }

    /**
     * Every kind in the hole's own diameter, as long as they are sold: what a shop is taken to have that has not said.
     *
     * @return list<Bit>
     */
    public function sold(float $diameterMm): array
    {
        return array_values(array_map(
            fn (BitFigures $one): Bit => new Bit($one->kind, $diameterMm, $one->lengthMm),
            array_filter(
                $this->kinds, fn (BitFigures $one): bool => $diameterMm >= $one->leastMm && $diameterMm <= $one->mostMm,
            ),
        ));
    }

    /**
     * The bit for a hole: of those that reach, the kind that runs truest.
     *
     * @param  list<Bit>  $bits
     *
     * @throws NoBit where none has the diameter, or none of those is long enough
     */
    public function bitFor(Hole $hole, array $bits, string $field = 'bits'): Bit
    {
        $wide = array_filter($bits, fn (Bit $bit): bool => $bit->bores($hole->diameterMm));
        if ($wide === []) {
            throw NoBit::ofDiameter($field, $hole->diameterMm, $bits);
        }
        $long = array_filter($wide, fn (Bit $bit): bool => $bit->lengthMm >= $hole->leastReachMm());
        if ($long === []) {
            $longest = max(array_map(fn (Bit $bit): float => $bit->lengthMm, $wide));
            $at = array_key_first(array_filter($wide, fn (Bit $bit): bool => $bit->lengthMm === $longest));
            throw NoBit::soLong("$field.$at.length_mm", $longest, $hole->leastReachMm());
        }
        $order = array_flip(array_keys($this->kinds));
        usort($long, fn (Bit $a, Bit $b): int => [$order[$a->kind->value], $a->lengthMm]
            <=> [$order[$b->kind->value], $b->lengthMm]);

        return $long[0];
    }
}
