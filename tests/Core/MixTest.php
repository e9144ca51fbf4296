<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\PotLife;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What goes into a cup, by hand. */
final class MixTest extends TestCase
{
    use Asking;

    /**
     * @param  array<string, mixed>  $question
     * @param  list<float|null>  $ml
     * @param  list<float|null>  $g
     */
    #[DataProvider('mixes')]
    public function test_a_mix_is_what_its_ratio_says(array $question, array $ml, array $g): void
    {
        $items = $this->ask('mix', $question)['items'];
        self::assertEqualsWithDelta($ml, array_column($items, 'ml'), 0.006);
        self::assertEqualsWithDelta($g, array_column($items, 'g'), 0.006);
    }

    /** @return iterable<string, array{array<string, mixed>, list<float|null>, list<float|null>}> */
    public static function mixes(): iterable
    {
        yield 'epoxy, two to one' => [
            ['kind' => 'two-part', 'volume_ml' => 30, 'ratio' => [2, 1], 'by' => 'volume', 'densities' => [1.15, 0.97]],
            [20, 10], [23, 9.7],
        ];
        // 3 % of 23 g of resin.
        yield 'epoxy with pigment' => [
            [
                'kind' => 'two-part', 'volume_ml' => 30, 'ratio' => [2, 1], 'by' => 'volume',
                'densities' => [1.15, 0.97], 'pigment_share' => 0.03,
            ], [20, 10, null], [23, 9.7, 0.69],
        ];
        yield 'thinned half and half' => [
            ['kind' => 'thinned', 'volume_ml' => 40, 'thinner_share' => 0.5], [20, 20], [null, null],
        ];
        yield 'a three-pound cut to two pounds' => [
            ['kind' => 'weaker-cut', 'from_lb' => 3, 'to_lb' => 2, 'alcohol_ml' => 200], [100], [78.9],
        ];
        yield 'by thirds' => [['kind' => 'oil-varnish', 'volume_ml' => 60], [20, 20, 20], [null, null, null]];
        yield 'by a recipe of one’s own' => [
            ['kind' => 'oil-varnish', 'volume_ml' => 60, 'ratio' => [2, 1, 0]], [40, 20, 0], [null, null, null],
        ];
        yield 'wax in oil' => [['kind' => 'wax-in-oil', 'mass_g' => 50, 'wax_share' => 0.2], [null, null], [10, 40]];
        yield 'dye at half its strength' => [
            ['kind' => 'dye', 'volume_ml' => 250, 'grams_per_litre' => 24, 'strength' => 0.5], [null, 250], [3, null],
        ];
        // 0.3 · 60 + 0.7 · 10 = 25.
        yield 'a sheen between two' => [
            ['kind' => 'sheen', 'volume_ml' => 100, 'sheens' => [60, 10], 'wanted' => 25], [30, 70], [null, null],
        ];
    }

    public function test_a_cup_holds_what_the_coats_need_and_what_it_keeps(): void
    {
        $brushed = ['area_cm2' => 1200, 'coverage_m2_per_l' => 14];
        $answer = $this->ask('mix', ['kind' => 'oil-varnish', 'coats' => [$brushed, $brushed, $brushed]]);
        self::assertEqualsWithDelta(3 * 8.571 + 5, $answer['volume_ml'], 0.01);
        self::assertEqualsWithDelta(5.0, $answer['waste_ml'], 1e-9, 'one cup for all three');
        self::assertEqualsWithDelta(
            0.0, $this->ask('mix', ['kind' => 'oil-varnish', 'volume_ml' => 20])['waste_ml'], 1e-9,
        );
    }

    public function test_a_pot_life_halves_for_ten_kelvin_and_for_four_times_the_mass(): void
    {
        $figures = Catalogue::shipped()->calibration()->mixes;
        $label = PotLife::asLabel(30);
        self::assertEqualsWithDelta(15.0, $label->at(31, $figures)->minutes, 1e-9);
        self::assertEqualsWithDelta(60.0, $label->at(11, $figures)->minutes, 1e-9);
        self::assertEqualsWithDelta(15.0, $label->with(4, $figures)->minutes, 1e-9);
        $epoxy = [
            'kind' => 'two-part', 'volume_ml' => 30, 'ratio' => [2, 1], 'by' => 'volume', 'pot_life_minutes' => 30,
            'use_minutes' => 45,
        ];
        self::assertSame(2, $this->ask('mix', $epoxy)['batches']);
        $warm = $this->ask('mix', $epoxy + ['temp_c' => 31]);
        self::assertSame(3, $warm['batches'], 'in the warm it takes a cup more');
        self::assertSame([20, 10], array_column($warm['items'], 'ml'), 'its ratio is never changed for it');
    }

    public function test_what_sets_no_more_or_cannot_be_is_refused(): void
    {
        $epoxy = ['kind' => 'two-part', 'volume_ml' => 30, 'ratio' => [2, 1], 'by' => 'volume'];
        $this->refusedAt('pigment_share', $epoxy + ['densities' => [1.1, 1], 'pigment_share' => 0.031]);
        $this->refusedAt('densities', $epoxy + ['pigment_share' => 0.01]);
        $this->refusedAt('to_lb', ['kind' => 'weaker-cut', 'from_lb' => 2, 'to_lb' => 3, 'alcohol_ml' => 10]);
        $this->refusedAt('wanted', ['kind' => 'sheen', 'volume_ml' => 9, 'sheens' => [10, 60], 'wanted' => 61]);
        $this->refusedAt('thinner_share', ['kind' => 'thinned', 'volume_ml' => 9, 'thinner_share' => 0.99]);
        $this->refusedAt('volume_ml', ['kind' => 'oil-varnish']);
    }

    /** @param  array<string, mixed>  $question */
    private function refusedAt(string $field, array $question): void
    {
        self::assertSame($field, $this->refused('mix', $question)['field']);
    }
}
