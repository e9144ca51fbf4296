<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\Coating;
use HonestGrain\Coating\CoatingTable;
use HonestGrain\Coating\Family;
use HonestGrain\Coating\FoodUse;
use HonestGrain\Coating\ProductHazard;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A mix of the maker's own: no quicker and no safer than what is in it, unless the maker says so. */
final class OwnMixTest extends TestCase
{
    use Asking;

    private const NAME = 'Shed wiping oil';

    private const PARTS = [
        ['product' => 'Wiping varnish (oil-based thinned)', 'parts' => 1], ['product' => 'Pure tung oil', 'parts' => 2],
        ['product' => 'White spirit', 'parts' => 1],
    ];

    public function test_it_is_like_what_there_is_most_of_and_as_slow_as_the_slowest(): void
    {
        [$mix, $tung, $varnish] = [
            $this->mix(), $this->catalogue()->coating('Pure tung oil'),
            $this->catalogue()->coating('Wiping varnish (oil-based thinned)'),
        ];
        self::assertSame(Family::Oil, $mix->family);
        self::assertSame(max($tung->recoatFromHours, $varnish->recoatFromHours), $mix->recoatFromHours);
        self::assertSame(max($tung->handleHours, $varnish->handleHours), $mix->handleHours);
        self::assertSame(max($tung->fullCureDays, $varnish->fullCureDays), $mix->fullCureDays);
        self::assertSame(min($tung->maxRhPercent, $varnish->maxRhPercent), $mix->maxRhPercent);
        // Two parts of the one, one of the other, one of what leaves nothing.
        $solids = (2 * $tung->solidsPercent + $varnish->solidsPercent) / 4;
        self::assertEqualsWithDelta($solids, $mix->solidsPercent, 0.01);
        self::assertContains(ProductHazard::Vapour, $mix->hazards, 'the thinner');
        self::assertTrue($mix->ragsSelfHeat);
        self::assertStringContainsString(
            'mixed 2 : 1 : 1 of pure tung oil, wiping varnish (oil-based thinned) and white spirit',
            Told::of($mix->note()),
        );
    }

    public function test_its_own_figures_come_before_those_of_its_parts_and_a_tin_of_it_before_both(): void
    {
        self::assertSame(30.0, $this->mix(['recoat_from_h' => 30])->recoatFromHours);
        self::assertSame(Family::Varnish, $this->mix(['like' => 'Wiping varnish (oil-based thinned)'])->family);
        $tinned = $this->catalogue()->withLabels([self::NAME => ['recoat_from_h' => 50.0]])
            ->withMix($this->typed(['recoat_from_h' => 30]));
        self::assertSame(50.0, $tinned->coating(self::NAME)->recoatFromHours);
        self::assertSame(50.0, $tinned->dryingIn('cupboard')->coating(self::NAME)->recoatFromHours);
    }

    public function test_the_strictest_of_its_parts_decides_on_food(): void
    {
        $of = fn (string ...$products): FoodUse => $this->mix(['parts' => array_map(
            fn (string $one): array => ['product' => $one, 'parts' => 1], $products,
        )])->food;
        self::assertSame(FoodUse::AtOnce, $of('Mineral oil (non-drying)'));
        self::assertSame(FoodUse::AfterCure, $of('Mineral oil (non-drying)', 'White spirit'));
        $strict = array_values(array_filter(
            $this->catalogue()->coatings(), fn (Coating $one): bool => $one->food === FoodUse::No,
        ))[0];
        self::assertSame(FoodUse::No, $of('Mineral oil (non-drying)', $strict->class));
    }

    public function test_a_window_that_is_over_before_the_mix_is_dry_is_none(): void
    {
        $varnish = $this->catalogue()->coating('Wiping varnish (oil-based thinned)');
        $slow = array_values(array_filter(
            $this->catalogue()->coatings(),
            fn (Coating $one): bool => $one->recoatFromHours >= ($varnish->recoatUntilHours ?? INF),
        ))[0];
        self::assertNull($this->mix(['parts' => [
            ['product' => $varnish->class, 'parts' => 2], ['product' => $slow->class, 'parts' => 1],
        ]])->recoatUntilHours);
    }

    public function test_a_route_waits_as_it_asks_and_says_how_much_of_each(): void
    {
        $route = $this->ask('route', Benchwork::piece([Benchwork::bowl([
            'coats' => [Benchwork::coats('c1', ['outside'], self::NAME, self::NAME)],
        ])], ['mixes' => [$this->fields(['recoat_from_h' => 31])]]));
        $steps = array_column($route['steps'], null, 'id');
        self::assertContains('c1-2', array_keys($steps));
        $waits = array_column($steps['c1-2']['waits'], 'min_hours', 'after');
        self::assertSame(31.0, (float) max($waits));
        $how = implode(' ', $steps['c1-1']['how']);
        $found = preg_match('/For that: ([\d.]+) mL of pure tung oil, ([\d.]+) mL of wiping/', $how, $m);
        self::assertSame(1, $found, $how);
        self::assertEqualsWithDelta((float) $m[1], 2 * (float) $m[2], 0.11);
        self::assertEqualsWithDelta($steps['c1-1']['amount']['ml'], 2 * (float) $m[1], 0.2);
        self::assertContains('rags', $steps['c1-1']['hazards']);
    }

    /** @param  array<string, mixed>  $fields */
    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused_by_name(array $fields, string $field): void
    {
        $this->expectException(InvalidField::class);
        $this->expectExceptionMessage($field);
        $this->mix($fields);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function nonsense(): iterable
    {
        yield 'a class of the catalogue' => [['name' => 'Pure tung oil'], 'name is'];
        yield 'a colour of the catalogue' => [['name' => 'Water dye (powder)'], 'name is'];
        yield 'nothing in it' => [['parts' => []], 'parts'];
        yield 'less than nothing' => [['parts' => [['product' => 'Pure tung oil', 'parts' => -1]]], 'parts.0.parts'];
        yield 'nothing known' => [['parts' => [['product' => 'Turps', 'parts' => 1]]], 'like'];
        yield 'like nothing known' => [['like' => 'Elbow grease'], 'like'];
        yield 'hours that are none' => [['recoat_from_h' => -3], 'recoat_from_h'];
        yield 'a window closed before it opens' => [['recoat_from_h' => 30, 'recoat_until_h' => 20], 'recoat_until_h'];
    }

    /** @param  array<string, mixed>  $fields */
    private function mix(array $fields = []): Coating
    {
        $name = $fields['name'] ?? self::NAME;

        return $this->catalogue()->withMix($this->typed($fields))->coating(is_string($name) ? $name : self::NAME);
    }

    /** @param  array<string, mixed>  $fields */
    private function typed(array $fields): Document
    {
        return Document::of($this->fields($fields));
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    private function fields(array $fields): array
    {
        return $fields + ['name' => self::NAME, 'parts' => self::PARTS];
    }

    private function catalogue(): CoatingTable
    {
        return Catalogue::shipped()->coatings();
    }
}
