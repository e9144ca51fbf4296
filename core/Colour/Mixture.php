<?php

declare(strict_types=1);

namespace HonestGrain\Colour;

use HonestGrain\Calibration\ColourFigures;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * Dyes stirred together in parts (Kubelka and Munk: their absorptions add up by share), and how they look on a wood.
 */
final readonly class Mixture
{
    public float $hueDeg;

    public float $chroma;

    /** @param  non-empty-array<array-key, array{Rgb, int}>  $parts  colour and parts, by the name of a dye */
    private function __construct(public array $parts, public Rgb $colour)
    {
        $this->hueDeg = $colour->hueDeg();
        $this->chroma = $colour->chroma();
    }

    /** @param  non-empty-array<array-key, array{Rgb, int}>  $parts */
    public static function of(array $parts): self
    {
        $all = array_sum(array_map(fn (array $part): int => $part[1], $parts));
        $absorption = [0.0, 0.0, 0.0];
        foreach ($parts as [$rgb, $count]) {
            $absorption = array_map(
                fn (float $ks, float $own): float => $ks + $count / $all * $own, $absorption, $rgb->absorption(),
            );
        }

        return new self($parts, Rgb::absorbing($absorption));
    }

    /**
     * Every dye by itself, and every two of them one to two, even, and two to one.
     *
     * @param  array<string, Rgb>  $dyes  by name
     * @return list<self>
     */
    public static function all(array $dyes): array
    {
        $mixtures = array_map(
            fn (string $name, Rgb $rgb): self => self::of([$name => [$rgb, 1]]), array_keys($dyes), $dyes,
        );
        $names = array_keys($dyes);
        foreach ($names as $i => $a) {
            foreach (array_slice($names, $i + 1) as $b) {
                foreach ([[2, 1], [1, 1], [1, 2]] as [$of, $and]) {
                    $mixtures[] = self::of([$a => [$dyes[$a], $of], $b => [$dyes[$b], $and]]);
                }
            }
        }

        return $mixtures;
    }

    /** "slate" or "2 parts slate, 1 amber". */
    public function name(): Said
    {
        if (count($this->parts) === 1) {
            return Said::name((string) array_key_first($this->parts));
        }
        $named = [];
        // A name of digits alone is a number as a key.
        foreach ($this->parts as $name => [, $count]) {
            $named[] = new Said($named === [] && $count > 1 ? 'colour.mixture.first' : 'colour.mixture.more', [
                'parts' => Quantity::count($count), 'dye' => (string) $name,
            ]);
        }

        return new Said('colour.mixture.named', ['dyes' => $named]);
    }

    /** @return array<array-key, float> of each dye, by its name */
    public function shares(): array
    {
        $all = array_sum(array_map(fn (array $part): int => $part[1], $this->parts));

        return array_map(fn (array $part): float => $part[1] / $all, $this->parts);
    }

    /** @return list<Rgb> early wood, late wood and figure of a wood under it */
    public function on(
        Rgb $wood,
        string $carrier,
        float $strength,
        DyeFactors $factors,
        ColourFigures $figures,
        ?Over $coat,
    ): array {
        return Tissues::ofWood($wood, $figures)->dyed(
            DyeLayer::usual(
                colour: $this->colour, carrier: $carrier, strength: $strength, sandedUm: 0.0, factors: $factors,
                figures: $figures,
            ),
        )->coated($coat, $figures)->colours();
    }

    /**
     * Of several, the one whose hue is nearest to an angle; of those with a colour at all.
     *
     * @param  non-empty-list<self>  $among
     */
    public static function nearestHue(array $among, float $hueDeg): self
    {
        $nearest = $among[0];
        $least = INF;
        foreach ($among as $mixture) {
            // What is all but grey has no hue to speak of.
            $off = abs(fmod($mixture->hueDeg - $hueDeg + 540, 360) - 180) + max(0.0, 12.0 - $mixture->chroma) * 6;
            [$nearest, $least] = $off < $least ? [$mixture, $off] : [$nearest, $least];
        }

        return $nearest;
    }
}
