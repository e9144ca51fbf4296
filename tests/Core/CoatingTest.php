<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\Amount;
use HonestGrain\Coating\ClimateRecord;
use HonestGrain\Coating\Compatibility;
use HonestGrain\Coating\CureClock;
use HonestGrain\Coating\DayNightClimate;
use HonestGrain\Coating\Denib;
use HonestGrain\Coating\DewPoint;
use HonestGrain\Coating\Exception\Stalled;
use HonestGrain\Coating\Humidity;
use HonestGrain\Coating\Kinetics;
use HonestGrain\Coating\Layer;
use HonestGrain\Coating\Mix;
use HonestGrain\Coating\Stack;
use HonestGrain\Coating\Verdict;
use HonestGrain\Exception\InvalidField;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Zone;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CoatingTest extends TestCase
{
    private const SHELLAC = 'Dewaxed shellac (2 lb cut)';

    private const VARNISH = 'Wiping varnish (oil-based thinned)';

    private const WATER = 'Water-borne acrylic or polyurethane';

    private const LINSEED = 'Boiled linseed oil';

    #[DataProvider('pairs')]
    public function test_pairs(string $under, string $over, ?float $hours, string $verdict): void
    {
        $table = Catalogue::shipped()->coatings();
        $pair = Compatibility::of($table->product($under), $table->product($over), $hours);
        self::assertSame($verdict, $pair->verdict->value, $pair->reason);
        self::assertSame($verdict === 'fine', $pair->mend === null);
    }

    /** @return iterable<array{string, string, float|null, string}> */
    public static function pairs(): iterable
    {
        yield 'its own window' => [self::VARNISH, self::VARNISH, 8, 'fine'];
        yield 'before it opens' => [self::VARNISH, self::VARNISH, 2, 'after-full-cure'];
        yield 'after it closed' => [self::VARNISH, self::VARNISH, 30, 'scuff-first'];
        yield 'shellac melts in at any time' => [self::SHELLAC, self::SHELLAC, 5000, 'fine'];
        yield 'nothing over wax' => ['Paste wax', self::VARNISH, 5000, 'never'];
        yield 'wax over wax' => ['Paste wax', 'Microcrystalline wax', 24, 'fine'];
        yield 'nothing over mineral oil' => ['Mineral oil (non-drying)', self::VARNISH, 5000, 'never'];
        yield 'mineral oil renews itself' => ['Mineral oil (non-drying)', 'Mineral oil (non-drying)', 24, 'fine'];
        yield 'oil through a film' => [self::VARNISH, self::LINSEED, 5000, 'never'];
        yield 'varnish over fresh oil' => [self::LINSEED, self::VARNISH, 24, 'after-full-cure'];
        yield 'varnish over cured oil' => [self::LINSEED, self::VARNISH, 40 * 24, 'fine'];
        yield 'water over fresh oil' => [self::LINSEED, self::WATER, 48, 'barrier'];
        yield 'water over cured oil' => [self::LINSEED, self::WATER, 40 * 24, 'fine'];
        yield 'blend then varnish' => ['Oil-varnish blend', self::VARNISH, 24, 'fine'];
        yield 'lacquer over varnish' => [self::VARNISH, 'Aerosol lacquer (nitrocellulose)', 900, 'barrier'];
        yield 'anything over shellac' => [self::SHELLAC, self::WATER, 24, 'fine'];
        yield 'water over fresh varnish' => [self::VARNISH, self::WATER, 24, 'after-full-cure'];
        yield 'water over cured varnish' => [self::VARNISH, self::WATER, 30 * 24, 'fine'];
        yield 'wax over fresh varnish' => [self::VARNISH, 'Paste wax', 24, 'after-full-cure'];
        yield 'wax over hard varnish' => [self::VARNISH, 'Paste wax', 600, 'fine'];
        yield 'alcohol dye under shellac' => ['Alcohol dye (powder)', self::SHELLAC, 12, 'barrier'];
        yield 'alcohol dye under sprayed lacquer' => ['Alcohol dye (powder)', 'Aerosol lacquer (nitrocellulose)', 12, 'test-first'];
        yield 'alcohol dye under varnish' => ['Alcohol dye (powder)', self::VARNISH, 12, 'fine'];
        yield 'oil dye under oil' => ['Oil-soluble dye', 'Walnut oil (heat-treated)', 24, 'barrier'];
        yield 'wet water dye' => ['Water dye (powder)', self::VARNISH, 2, 'after-full-cure'];
        yield 'dye over oil' => [self::LINSEED, 'Water dye (powder)', 5000, 'never'];
        yield 'liming paste over sealer' => [self::SHELLAC, 'Liming paste (water)', 5, 'fine'];
        yield 'liming wax, then varnish' => ['Liming wax', self::VARNISH, 500, 'never'];
        yield 'shellac over oil that is dry' => [self::LINSEED, self::SHELLAC, 24, 'fine'];
        yield 'shellac over oil that is not' => [self::LINSEED, self::SHELLAC, 12, 'after-full-cure'];
        yield 'shellac as the barrier over varnish' => [self::VARNISH, self::SHELLAC, 300, 'fine'];
        yield 'shellac over wax all the same' => ['Paste wax', self::SHELLAC, 300, 'never'];
        yield 'bleach over dye' => ['Water dye (powder)', 'Two-part bleach', 24, 'never'];
        yield 'dye over bleach' => ['Two-part bleach', 'Water dye (powder)', 24, 'fine'];
        yield 'a coat over bleach after a day' => ['Two-part bleach', self::VARNISH, 24, 'after-full-cure'];
        yield 'a coat over bleach after two' => ['Two-part bleach', self::VARNISH, 48, 'fine'];
        yield 'epoxy past its tack' => ['Casting epoxy as liner', 'Casting epoxy as liner', 20, 'scuff-first'];
    }

    /** What a mend names must itself be sound: a barrier that needs a barrier helps nobody. */
    public function test_the_shellac_that_a_mend_asks_for_goes_on_and_takes_the_coat(): void
    {
        $table = Catalogue::shipped()->coatings();
        $shellac = $table->coating(self::SHELLAC);
        $asked = 0;
        foreach ($table->coatings() as $under) {
            foreach ($table->coatings() as $over) {
                $pair = Compatibility::of($under, $over, $under->recoatFromHours);
                if ($pair->verdict !== Verdict::Barrier || ! str_contains((string) $pair->mend, 'dewaxed shellac')) {
                    continue;
                }
                $asked++;
                self::assertSame(Verdict::Fine, Compatibility::of($under, $shellac, $under->recoatFromHours)->verdict, "$under->class under the barrier for $over->class");
                self::assertSame(Verdict::Fine, Compatibility::of($shellac, $over, 24)->verdict, "$over->class over the barrier on $under->class");
            }
        }
        self::assertGreaterThan(50, $asked);
    }

    public function test_every_pair_of_the_catalogue_gets_an_answer_with_a_reason(): void
    {
        $table = Catalogue::shipped()->coatings();
        $all = [...$table->coatings(), ...$table->stains()];
        foreach ($all as $under) {
            foreach ($all as $over) {
                $pair = Compatibility::of($under, $over);
                self::assertNotSame('', $pair->reason);
            }
        }
        self::assertCount(40, $all);
    }

    public function test_steel_wool_is_judged_with_the_wood_and_the_coat(): void
    {
        $verdict = fn (string $wood, string $over, ?Denib $denib): string => Stack::judge(
            Catalogue::shipped()->woods()->named($wood),
            [$this->layer(self::SHELLAC), $this->layer($over, $denib, 24)],
        )->verdict->overall();

        self::assertSame('never', $verdict('Ash (white)', self::WATER, Denib::SteelWool));
        self::assertSame('caution', $verdict('Oak (white)', self::VARNISH, Denib::SteelWool));
        self::assertSame('fine', $verdict('Ash (white)', self::VARNISH, Denib::SteelWool));
        self::assertSame('fine', $verdict('Oak (white)', self::WATER, Denib::Pad));
    }

    public function test_oily_wood_wants_a_barrier_and_hard_wax_two_coats_at_most(): void
    {
        $woods = Catalogue::shipped()->woods();
        self::assertSame('barrier', Stack::judge($woods->named('Teak'), [$this->layer(self::VARNISH)])->verdict->value);
        self::assertSame('fine', Stack::judge($woods->named('Teak'), [$this->layer(self::SHELLAC), $this->layer(self::VARNISH)])->verdict->value);
        $coats = array_fill(0, 3, $this->layer('Hard-wax oil', null, 20));
        self::assertSame('test-first', Stack::judge(null, $coats)->verdict->value);
        self::assertSame('fine', Stack::judge(null, array_slice($coats, 1))->verdict->value);
    }

    public function test_film_is_counted_coat_by_coat(): void
    {
        $label = Catalogue::shipped()->coatings()->withLabels([self::VARNISH => ['coverage_m2_per_l' => 12.0, 'solids_percent' => 35.0]]);
        $varnish = $label->coating(self::VARNISH);
        self::assertEqualsWithDelta(83.3, $varnish->wetUm(), 0.05);
        self::assertEqualsWithDelta(29.2, $varnish->dryUm(), 0.05);
        $stack = Stack::judge(null, [new Layer($varnish), new Layer($varnish, Denib::Paper, 8), new Layer(Catalogue::shipped()->coatings()->coating('Paste wax'), Denib::Pad, 600)]);
        self::assertEqualsWithDelta(2 * 29.1667 - 8 - 3, $stack->totalUm(), 0.001);
    }

    public function test_a_label_out_of_range_is_refused(): void
    {
        $table = Catalogue::shipped()->coatings();
        foreach ([['coverage_m2_per_l' => 0.0], ['recoat_until_h' => 2.0], ['colour' => 3.0]] as $label) {
            try {
                $table->withLabels([self::VARNISH => $label]);
                self::fail('It was taken.');
            } catch (InvalidField $e) {
                self::assertSame('label.'.array_key_first($label), $e->field);
            }
        }
    }

    public function test_bare_end_grain_drinks_three_times_as_much(): void
    {
        $oil = Catalogue::shipped()->coatings()->coating('Oil-varnish blend');
        $disc = [Zone::along('foot', [new Point(0, 0, 0), new Point(0, 100, 100)], GrainDirection::End)];
        $sealed = Amount::forCoatMl($oil, $disc, false) - Amount::CLOTH_AND_CUP_ML;
        self::assertEqualsWithDelta(M_PI * 0.01 / 20 * 1000, $sealed, 0.001);
        self::assertEqualsWithDelta(3 * $sealed, Amount::forCoatMl($oil, $disc, true) - Amount::CLOTH_AND_CUP_ML, 0.001);
    }

    public function test_mixes(): void
    {
        self::assertEqualsWithDelta(59.9, Mix::shellacCut(2, 250)->flakesG, 0.05);
        $parts = Mix::byParts(60, [['name' => 'oil', 'parts' => 1.0, 'density' => 0.9], ['name' => 'varnish', 'parts' => 2.0, 'density' => null]]);
        self::assertSame([20.0, 18.0, 40.0, null], [$parts->items[0]['ml'], $parts->items[0]['g'], $parts->items[1]['ml'], $parts->items[1]['g']]);
        $byMass = Mix::twoPart(40, [2, 1], true, [1.1, 0.97], 30, 45);
        self::assertEqualsWithDelta(2.0, $byMass->items[0]['g'] / $byMass->items[1]['g'], 1e-9);
        self::assertEqualsWithDelta(40.0, $byMass->items[0]['ml'] + $byMass->items[1]['ml'], 1e-9);
        self::assertSame(2, $byMass->batches);
        self::assertSame(1, Mix::twoPart(40, [2, 1], false, [1.1, 0.97], 45, 45)->batches);
    }

    public function test_the_cure_clock_slows_in_the_cold_and_stops_below_the_least(): void
    {
        $run = fn (array $climate, Kinetics $kinetics, float $hours = 24): float => (new CureClock(ClimateRecord::of($climate)))->run($hours, $kinetics, 0)->elapsedHours();
        self::assertEqualsWithDelta(48.0, $run([[0, 11, 50]], Kinetics::of(2)), 0.001);
        self::assertEqualsWithDelta(16.97, $run([[0, 26, 50]], Kinetics::of(2)), 0.005);
        self::assertEqualsWithDelta(24.0, $run([[0, 21, 50]], Kinetics::of(2, Humidity::WaterBorne)), 0.001);
        self::assertEqualsWithDelta(48.0, $run([[0, 21, 75]], Kinetics::of(2, Humidity::WaterBorne)), 0.001);
        self::assertEqualsWithDelta(16.0, $run([[0, 21, 75]], Kinetics::of(2, Humidity::MoistureCuring)), 0.001);
        // Ten hours at the reference, five hours frozen, then twice as fast.
        self::assertEqualsWithDelta(10 + 5 + 7, $run([[0, 21, 50], [36_000, 4, 50], [54_000, 31, 50]], Kinetics::of(2, minC: 10)), 0.001);
        $stalled = (new CureClock(ClimateRecord::of([[0, 21, 50], [36_000, 4, 50], [54_000, 31, 50]])))->run(24, Kinetics::of(2, minC: 10), 0);
        self::assertEqualsWithDelta(5.0, $stalled->stalledHours, 0.001);
        self::assertCount(1, $stalled->warnings);
    }

    public function test_a_wait_that_never_ends_is_said(): void
    {
        $zone = new \DateTimeZone('Europe/Oslo');
        foreach ([ClimateRecord::of([[0, 21, 50], [7200, 5, 50]]), DayNightClimate::of(8, 60, 5, 70, 8, 18, $zone)] as $climate) {
            try {
                (new CureClock($climate))->run(24, Kinetics::of(2, minC: 10), 0);
                self::fail('It ended.');
            } catch (Stalled $e) {
                self::assertSame('stalled', $e->reason);
            }
        }
    }

    public function test_a_cold_night_stops_the_clock_till_morning(): void
    {
        // 08:00–18:00 at the reference, nights too cold: 24 h take ten hours on each of two days and four on the third.
        $climate = DayNightClimate::of(21, 50, 8, 60, 8, 18, new \DateTimeZone('UTC'));
        $run = (new CureClock($climate))->run(24, Kinetics::of(2, minC: 10), 8 * 3600);
        self::assertEqualsWithDelta(2 * 24 + 4, $run->elapsedHours(), 0.001);
        self::assertEqualsWithDelta(28, $run->stalledHours, 0.001);
    }

    public function test_dew_point(): void
    {
        self::assertEqualsWithDelta(9.3, DewPoint::of(20, 50), 0.1);
        self::assertEqualsWithDelta(15.0, DewPoint::of(15, 100), 0.01);
    }

    private function layer(string $class, ?Denib $denib = null, ?float $hours = null): Layer
    {
        return new Layer(Catalogue::shipped()->coatings()->product($class), $denib, $hours);
    }
}
