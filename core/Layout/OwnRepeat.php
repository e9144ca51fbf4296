<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** A repeat of the maker's own: strokes on a unit square, u round the piece and v up the band. */
final readonly class OwnRepeat implements Repeat
{
    public const MOST_STROKES = 200;

    public const MOST_POINTS = 4000;

    /** What leaves the square on one side must come in on the other within this. */
    private const MEETS = 0.005;

    /** @param  list<list<array{float, float}>>  $strokes */
    private function __construct(public array $strokes)
    {
    }

    /**
     * @param  list<mixed>  $strokes  each a list of points [u, v], 0 to 1
     *
     * @throws InvalidField for what is no stroke, leaves the square, or has too many points
     */
    public static function read(array $strokes, string $field): self
    {
        $read = [];
        $points = 0;
        foreach ($strokes as $i => $stroke) {
            $path = "$field.$i";
            if (! is_array($stroke) || ! array_is_list($stroke) || count($stroke) < 2) {
                throw InvalidField::type($path, $stroke, new Said('layout.own-repeat.stroke-two-or-more'));
            }
            $points += count($stroke);
            if ($points > self::MOST_POINTS) {
                throw InvalidField::because($field, $points, new Said('layout.own-repeat.takes-most-points', [
                    'what' => Quantity::number(self::MOST_POINTS),
                ]));
            }
            $line = [];
            foreach ($stroke as $k => $at) {
                $line[] = self::point($at, "$path.$k");
            }
            $read[] = $line;
        }

        return new self($read);
    }

    public function strokes(): array
    {
        return $this->strokes;
    }

    /** @return list<float> heights at which a line leaves the square on one side and none comes in on the other */
    public function looseEnds(): array
    {
        $sides = [[], []];
        foreach ($this->strokes as $stroke) {
            foreach ([$stroke[0], $stroke[count($stroke) - 1]] as [$u, $v]) {
                if ($u < self::MEETS) {
                    $sides[0][] = $v;
                } elseif ($u > 1 - self::MEETS) {
                    $sides[1][] = $v;
                }
            }
        }
        $loose = [];
        foreach ([0, 1] as $side) {
            foreach ($sides[$side] as $v) {
                $meets = array_filter($sides[1 - $side], fn (float $other): bool => abs($other - $v) <= self::MEETS);
                $meets === [] ? $loose[] = $v : null;
            }
        }

        return $loose;
    }

    /** @return array{float, float} */
    private static function point(mixed $at, string $field): array
    {
        if (
            ! is_array($at) || ! array_is_list($at) || count($at) !== 2
            || ! (is_int($at[0]) || is_float($at[0])) || ! (is_int($at[1]) || is_float($at[1]))
        ) {
            throw InvalidField::type($field, $at, 'a point [u, v]');
        }
        foreach ($at as $value) {
            if (! is_finite((float) $value) || $value < 0 || $value > 1) {
                throw InvalidField::range($field, (float) $value, 0, 1);
            }
        }

        return [(float) $at[0], (float) $at[1]];
    }
}
