<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Calibration\MixFigures;
use HonestGrain\Reading\Copy;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * What goes into a cup: each part by volume and, where its density is known, by mass; and in how many batches.
 *
 * Exact, from the ratio that the label gives; the label comes first always.
 */
final readonly class Mix
{
    /** Published: one pound of flakes to a US gallon of alcohol, g/L. */
    public const POUND_CUT_G_PER_L = 119.83;

    private const ALCOHOL_G_PER_ML = 0.789;

    /** @param  list<array{name: Said|string, ml: float|null, g: float|null}>  $items */
    private function __construct(
        public array $items,
        public int $batches = 1,
        public ?float $flakesG = null,
        public ?float $potLifeMinutes = null,
    ) {
    }

    /**
     * @param  list<array{name: Said|string, parts: float, density: float|null}>  $parts
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
        }, $parts));
    }

    public static function shellacCut(float $cutLb, float $alcoholMl): self
    {
        $flakes = $cutLb * self::POUND_CUT_G_PER_L * $alcoholMl / 1000;

        return new self([
            ['name' => new Said('coating.mix.shellac-flakes'), 'ml' => null, 'g' => $flakes],
            [
                'name' => new Said('coating.mix.alcohol'), 'ml' => $alcoholMl,
                'g' => $alcoholMl * self::ALCOHOL_G_PER_ML,
            ],
        ], flakesG: $flakes);
    }

    /**
     * Alcohol that makes a weaker cut of a stronger one.
     *
     * @param  float  $alcoholMl  in what there is
     *
     * @throws InvalidField where it would have to be stronger
     */
    public static function weakerCut(float $fromLb, float $toLb, float $alcoholMl): self
    {
        if ($toLb > $fromLb) {
            throw InvalidField::because('to_lb', $toLb, new Said(
                'coating.mix.only-weaker', ['from' => Quantity::count($fromLb)],
            ));
        }
        $more = $alcoholMl * ($fromLb / $toLb - 1);

        return new self([[
            'name' => new Said('coating.mix.alcohol-more'), 'ml' => $more, 'g' => $more * self::ALCOHOL_G_PER_ML,
        ]]);
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
        ?PotLife $potLife,
        ?float $useMinutes,
    ): self {
        if ($byMass && $densities === null) {
            throw InvalidField::missing('densities', new Said('coating.mix.two-numbers-g-ml'));
        }
        $volumes = $byMass ? [$ratio[0] / $densities[0], $ratio[1] / $densities[1]] : $ratio;
        $scale = $volumeMl / ($volumes[0] + $volumes[1]);
        $items = [];
        foreach ([new Said('coating.mix.resin'), new Said('coating.mix.hardener')] as $i => $name) {
            $ml = $volumes[$i] * $scale;
            $items[] = ['name' => $name, 'ml' => $ml, 'g' => $densities === null ? null : $ml * $densities[$i]];
        }
        $batches = $potLife === null || $useMinutes === null
            ? 1 : max(1, (int) ceil($useMinutes / $potLife->minutes - 1e-9));

        return new self($items, $batches, potLifeMinutes: $potLife?->minutes);
    }

    /**
     * Pigment or dye stirred into the resin.
     *
     * @param  float  $share  of the resin's mass
     *
     * @throws InvalidField where the resin's density is not known, or it would set no more
     */
    public function pigmented(float $share, MixFigures $figures): self
    {
        $resinG = $this->items[0]['g'] ?? throw InvalidField::missing(
            'densities', new Said('coating.mix.densities-for-pigment'),
        );
        if ($share > $figures->mostPigmentShare) {
            throw InvalidField::because('pigment_share', $share, new Said(
                'coating.mix.most-pigment', ['most' => Quantity::percent(100 * $figures->mostPigmentShare)],
            ));
        }

        return Copy::with($this, ['items' => [
            ...$this->items, ['name' => new Said('coating.mix.pigment'), 'ml' => null, 'g' => $resinG * $share],
        ]]);
    }

    /** A finish thinned with its own thinner: for a first coat on bare wood, half and half. */
    public static function thinned(float $volumeMl, float $thinnerShare): self
    {
        return self::byParts($volumeMl, [
            ['name' => new Said('coating.mix.finish'), 'parts' => 1 - $thinnerShare, 'density' => null],
            ['name' => new Said('coating.mix.thinner'), 'parts' => $thinnerShare, 'density' => null],
        ]);
    }

    /** Thin CA, and what is misted over it once it lies level (workshop): the two never go into one cup. */
    public static function hastened(float $volumeMl, MixFigures $figures): self
    {
        return new self([
            ['name' => new Said('coating.mix.thin-ca'), 'ml' => $volumeMl, 'g' => null],
            [
                'name' => new Said('coating.mix.accelerator'), 'ml' => $volumeMl * $figures->acceleratorShare,
                'g' => null,
            ],
        ]);
    }

    /** Oil, varnish and thinner: by thirds, unless the maker has a recipe. */
    public static function oilVarnish(float $volumeMl, float $oil = 1.0, float $varnish = 1.0, float $thin = 1.0): self
    {
        return self::byParts($volumeMl, [
            ['name' => new Said('coating.mix.oil'), 'parts' => $oil, 'density' => null],
            ['name' => new Said('coating.mix.varnish'), 'parts' => $varnish, 'density' => null],
            ['name' => new Said('coating.mix.thinner'), 'parts' => $thin, 'density' => null],
        ]);
    }

    /** Wax melted into oil, by mass. */
    public static function waxInOil(float $massG, float $waxShare): self
    {
        return new self([
            ['name' => new Said('coating.mix.wax'), 'ml' => null, 'g' => $massG * $waxShare],
            ['name' => new Said('coating.mix.oil'), 'ml' => null, 'g' => $massG * (1 - $waxShare)],
        ]);
    }

    /** Dye powder for so much of its solvent. */
    public static function dye(float $volumeMl, float $gramsPerLitre, float $strength): self
    {
        return new self([
            [
                'name' => new Said('coating.mix.dye-powder'), 'ml' => null,
                'g' => $volumeMl / 1000 * $gramsPerLitre * $strength,
            ],
            ['name' => new Said('coating.mix.solvent'), 'ml' => $volumeMl, 'g' => null],
        ]);
    }

    /**
     * Two sheens of one finish stirred to a third between them: units of gloss add by share.
     *
     * @param  array{float, float}  $sheens  gloss units
     *
     * @throws InvalidField where the third is not between them
     */
    public static function sheen(float $volumeMl, array $sheens, float $wanted): self
    {
        [$flat, $gloss] = [min($sheens), max($sheens)];
        if ($wanted < $flat || $wanted > $gloss || $flat === $gloss) {
            throw InvalidField::because('wanted', $wanted, new Said('coating.mix.sheen-between', [
                'from' => Quantity::count($flat), 'to' => Quantity::count($gloss),
            ]));
        }
        $share = ($wanted - $flat) / ($gloss - $flat);

        return self::byParts($volumeMl, [
            ['name' => new Said('coating.mix.glossier'), 'parts' => $share, 'density' => null],
            ['name' => new Said('coating.mix.flatter'), 'parts' => 1 - $share, 'density' => null],
        ]);
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

        return $answer + array_filter([
            'flakes_g' => $round($this->flakesG), 'pot_life_minutes' => $round($this->potLifeMinutes),
        ], fn (?float $value): bool => $value !== null);
    }
}
