<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Said;

/** What goes into a cup: each part by volume and, where its density is known, by mass; and in how many batches. */
final readonly class Mix
{
    /** Published: one pound of flakes to a US gallon of alcohol, g/L. */
    public const POUND_CUT_G_PER_L = 119.83;

    private const ALCOHOL_G_PER_ML = 0.789;

    /** @param  list<array{name: Said|string, ml: float|null, g: float|null}>  $items */
    private function __construct(public array $items, public int $batches, public ?float $flakesG)
    {
    }

    /**
     * @param  list<array{name: string, parts: float, density: float|null}>  $parts
     *
     * @throws InvalidField when no part is above zero
     */
    public static function byParts(float $volumeMl, array $parts): self
    {
        $sum = array_sum(array_column($parts, 'parts'));
        if ($sum <= 0) {
            throw InvalidField::because('parts', $sum, new Said('coating.mix.parts-must-add-up'));
        }

        return new self(array_map(function (array $part) use ($volumeMl, $sum): array {
            $ml = $volumeMl * $part['parts'] / $sum;

            return [
                'name' => $part['name'], 'ml' => $ml, 'g' => $part['density'] === null ? null : $ml * $part['density'],
            ];
        }, $parts), 1, null);
    }

    public static function shellacCut(float $cutLb, float $alcoholMl): self
    {
        $flakes = $cutLb * self::POUND_CUT_G_PER_L * $alcoholMl / 1000;

        return new self([
            ['name' => new Said('coating.mix.shellac-flakes'), 'ml' => null, 'g' => $flakes],
            ['name' => 'alcohol', 'ml' => $alcoholMl, 'g' => $alcoholMl * self::ALCOHOL_G_PER_ML],
        ], 1, $flakes);
    }

    /**
     * Resin and hardener, split into batches that are each used up within the pot life.
     *
     * @param  array{float, float}  $ratio  resin to hardener
     * @param  array{float, float}|null  $densities  g/mL; needed only where the ratio is by mass
     *
     * @throws InvalidField for a ratio by mass without densities
     */
    public static function twoPart(
        float $volumeMl,
        array $ratio,
        bool $byMass,
        ?array $densities,
        ?float $potLifeMinutes,
        ?float $useMinutes,
    ): self {
        if ($byMass && $densities === null) {
            throw InvalidField::missing('densities', new Said('coating.mix.two-numbers-g-ml'));
        }
        $volumes = $byMass ? [$ratio[0] / $densities[0], $ratio[1] / $densities[1]] : $ratio;
        $scale = $volumeMl / ($volumes[0] + $volumes[1]);
        $items = [];
        foreach (['resin', 'hardener'] as $i => $name) {
            $ml = $volumes[$i] * $scale;
            $items[] = ['name' => $name, 'ml' => $ml, 'g' => $densities === null ? null : $ml * $densities[$i]];
        }
        $batches = $potLifeMinutes === null || $useMinutes === null
            ? 1 : max(1, (int) ceil($useMinutes / $potLifeMinutes - 1e-9));

        return new self($items, $batches, null);
    }

    /** @return array<string, mixed> the answer of `bin/grain mix`; amounts are for all batches together */
    public function toArray(): array
    {
        $round = fn (?float $value): ?float => $value === null ? null : round($value, 2);
        $answer = [
            'items' => array_map(
                fn (array $item): array => [
                    'name' => $item['name'], 'ml' => $round($item['ml']), 'g' => $round($item['g']),
                ],
                $this->items,
            ),
            'batches' => $this->batches,
        ];

        return $this->flakesG === null ? $answer : $answer + ['flakes_g' => round($this->flakesG, 2)];
    }
}
