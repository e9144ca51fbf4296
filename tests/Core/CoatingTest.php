<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\Amount;
use HonestGrain\Coating\AmountUnit;
use HonestGrain\Coating\Between;
use HonestGrain\Coating\ClimateRecord;
use HonestGrain\Coating\DayNightClimate;
use HonestGrain\Coating\Denib;
use HonestGrain\Coating\DewPoint;
use HonestGrain\Coating\Exception\Stalled;
use HonestGrain\Coating\Humidity;
use HonestGrain\Coating\Kinetics;
use HonestGrain\Coating\Layer;
use HonestGrain\Coating\Mix;
use HonestGrain\Coating\PotLife;
use HonestGrain\Coating\Stack;
use HonestGrain\Coating\Verdict;
use HonestGrain\Command\Verb\MixVerb;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Zone;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CoatingTest extends TestCase
{
    private const SHELLAC = 'Dewaxed shellac (2 lb cut)';

    private const VARNISH = 'Wiping varnish (oil-based thinned)';

    private const WATER = 'Water-borne acrylic or polyurethane';

    private const LINSEED = 'Boiled linseed oil';

    private const LACQUER = 'Brushing or wiping lacquer (nitrocellulose)';

    #[DataProvider('pairs')]
    public function test_pairs(string $under, string $over, ?float $hours, string $verdict, ?Denib $denib = null): void
    {
        $table = Catalogue::shipped()->coatings();
        $pair = Drawn::pairs()->of($table->product($under), $table->product($over), new Between($hours, $denib),
        );
        self::assertSame($verdict, $pair->verdict->value, Told::of($pair->reason));
        self::assertSame($verdict === 'fine', $pair->mend === null);
    }

    /** @return iterable<array{0: string, 1: string, 2: float|null, 3: string, 4?: Denib}> */
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
        yield 'wax over varnish that is hard to the nail' => [self::VARNISH, 'Paste wax', 96, 'fine'];
        yield 'alcohol dye under shellac' => ['Alcohol dye (powder)', self::SHELLAC, 12, 'barrier'];
        yield 'alcohol dye under sprayed lacquer' => [
            'Alcohol dye (powder)', 'Aerosol lacquer (nitrocellulose)', 12, 'test-first',
        ];
        yield 'alcohol dye under varnish' => ['Alcohol dye (powder)', self::VARNISH, 12, 'fine'];
        yield 'oil dye under oil' => ['Oil-soluble dye', 'Walnut oil (heat-treated)', 24, 'barrier'];
        yield 'wet water dye' => ['Water dye (powder)', self::VARNISH, 2, 'after-full-cure'];
        yield 'dye over oil' => [self::LINSEED, 'Water dye (powder)', 5000, 'never'];
        yield 'liming paste over sealer' => [self::SHELLAC, 'Liming paste (water)', 5, 'fine'];
        yield 'liming wax, then varnish' => ['Liming wax', self::VARNISH, 500, 'never'];
        yield 'shellac over oil that is dry' => [self::LINSEED, self::SHELLAC, 72, 'fine'];
        yield 'shellac over oil that is wet below its skin' => [self::LINSEED, self::SHELLAC, 24, 'after-full-cure'];
        yield 'shellac over oil that is not' => [self::LINSEED, self::SHELLAC, 12, 'after-full-cure'];
        yield 'shellac as the barrier over varnish' => [self::VARNISH, self::SHELLAC, 300, 'fine'];
        yield 'shellac over wax all the same' => ['Paste wax', self::SHELLAC, 300, 'never'];
        yield 'bleach over dye' => ['Water dye (powder)', 'Two-part bleach', 24, 'never'];
        yield 'dye over bleach' => ['Two-part bleach', 'Water dye (powder)', 48, 'fine'];
        yield 'a coat over bleach after a day' => ['Two-part bleach', self::VARNISH, 24, 'after-full-cure'];
        yield 'a coat over bleach after two' => ['Two-part bleach', self::VARNISH, 48, 'fine'];
        yield 'past its window but scuffed with a pad' => [self::VARNISH, self::VARNISH, 30, 'fine', Denib::Pad];
        yield 'past its window but scuffed with paper' => [self::VARNISH, self::VARNISH, 30, 'fine', Denib::Paper];
        yield 'steel wool burnishes instead of scuffing' => [
            self::VARNISH, self::VARNISH, 30, 'scuff-first', Denib::SteelWool,
        ];
        yield 'rubbed but still wet' => [self::VARNISH, self::VARNISH, 2, 'after-full-cure', Denib::Pad];
        yield 'film over hard-wax oil' => ['Hard-wax oil', self::VARNISH, 5000, 'test-first'];
        yield 'film over fresh hard-wax oil' => ['Hard-wax oil', self::VARNISH, 24, 'never'];
        yield 'lacquer over hard-wax oil' => ['Hard-wax oil', self::LACQUER, 5000, 'never'];
        yield 'shellac over hard-wax oil' => ['Hard-wax oil', self::SHELLAC, 100, 'never'];
        yield 'shellac over hard-wax oil long cured' => ['Hard-wax oil', self::SHELLAC, 5000, 'test-first'];
        yield 'mineral oil over wax' => ['Microcrystalline wax', 'Mineral oil (non-drying)', 24, 'test-first'];
        yield 'mineral oil over oil and wax' => ['Mineral oil and wax', 'Mineral oil (non-drying)', 24, 'fine'];
        yield 'iron over wet bleach' => ['Two-part bleach', 'Iron liquor (ebonising)', 24, 'never'];
        yield 'iron over bleach' => ['Two-part bleach', 'Iron liquor (ebonising)', 72, 'test-first'];
        yield 'wax over hard-wax oil' => ['Hard-wax oil', 'Paste wax', 170, 'fine'];
        yield 'colour over a wet coat' => [self::SHELLAC, 'Pigment wiping stain', 0.5, 'after-full-cure'];
        yield 'liming wax over a wet sealer' => ['Cellulose sanding sealer', 'Liming wax', 0.3, 'after-full-cure'];
        yield 'paste over a wet sealer' => [
            'Cellulose sanding sealer', 'Abrasive paste (wax carried)', 1, 'after-full-cure',
        ];
        yield 'paste over a dry sealer' => ['Cellulose sanding sealer', 'Abrasive paste (wax carried)', 3, 'fine'];
        yield 'wax over wet wax' => ['Paste wax', 'Paste wax', 0.2, 'after-full-cure'];
        yield 'wax on lacquer after a day' => [self::LACQUER, 'Paste wax', 24, 'after-full-cure'];
        yield 'wax on lacquer after a week' => [self::LACQUER, 'Paste wax', 168, 'fine'];
        yield 'CA and casein paint' => ['Cyanoacrylate coats (thin)', 'Milk paint', 24, 'test-first'];
        yield 'casein paint and CA' => ['Milk paint', 'Cyanoacrylate coats (thin)', 24, 'test-first'];
        yield 'epoxy and CA' => ['Casting epoxy as liner', 'Cyanoacrylate coats (thin)', 10, 'scuff-first'];
        yield 'one epoxy over the other' => ['Five-minute epoxy', 'Casting epoxy as liner', 1, 'fine'];
        yield 'oil over casein paint' => ['Milk paint', 'Boiled linseed oil', 24, 'fine'];
        yield 'oil over wet casein paint' => ['Milk paint', 'Boiled linseed oil', 1, 'after-full-cure'];
        yield 'oil over acrylic paint' => ['Acrylic paint', 'Boiled linseed oil', 24, 'never'];
        yield 'dye over an oil stain' => ['Pigment wiping stain', 'Water dye (powder)', 500, 'never'];
        yield 'iron liquor over an oil stain' => ['Pigment wiping stain', 'Iron liquor (ebonising)', 500, 'never'];
        yield 'oil stain over dye' => ['Water dye (powder)', 'Pigment wiping stain', 24, 'fine'];
        yield 'water-borne over an oil stain at once' => ['Pigment wiping stain', self::WATER, 12, 'barrier'];
        yield 'water-borne over an oil stain in time' => ['Pigment wiping stain', self::WATER, 72, 'fine'];
        yield 'oil varnish over an oil stain' => ['Pigment wiping stain', self::VARNISH, 24, 'fine'];
        yield 'oil varnish over an oil dye' => ['Oil-soluble dye', self::VARNISH, 24, 'barrier'];
        yield 'liming paste over a bare dye' => ['Water dye (powder)', 'Liming paste (water)', 24, 'barrier'];
        yield 'the same dye twice' => ['Water dye (powder)', 'Water dye (powder)', 24, 'test-first'];
        yield 'a blend of oil and wax renews wax' => ['Paste wax', 'Mineral oil and wax', 24, 'fine'];
        yield 'wax renews a blend of oil and wax' => ['Mineral oil and wax', 'Paste wax', 24, 'fine'];
        yield 'wax over plain mineral oil' => ['Mineral oil (non-drying)', 'Paste wax', 24, 'test-first'];
        yield 'friction polish over paste' => [
            'Abrasive paste (wax carried)', 'Friction polish (shellac oil alcohol)', 1, 'fine',
        ];
        yield 'varnish over paste' => ['Abrasive paste (wax carried)', self::VARNISH, 24, 'test-first'];
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
                $pair = Drawn::pairs()->of($under, $over, Between::hours($under->recoatFromHours));
                if ($pair->verdict !== Verdict::Barrier || ! str_contains(Told::of($pair->mend), 'dewaxed shellac')) {
                    continue;
                }
                $asked++;
                self::assertSame(
                    Verdict::Fine,
                    Drawn::pairs()->of($under, $shellac, Between::hours($under->handleHours),
                    )->verdict,
                    "$under->class under the barrier for $over->class",
                );
                self::assertSame(
                    Verdict::Fine, Drawn::pairs()->of($shellac, $over, Between::hours(24))->verdict,
                    "$over->class over the barrier on $under->class",
                );
            }
        }
        self::assertGreaterThan(50, $asked);
    }

    public function test_the_barrier_that_a_mend_puts_over_a_colour_holds_it_and_takes_the_coat(): void
    {
        $table = Catalogue::shipped()->coatings();
        $named = [
            'dewaxed shellac' => self::SHELLAC, 'a thin coat of '
                .'wiping varnish' => self::VARNISH, 'a water-borne sealer' => self::WATER,
        ];
        $asked = 0;
        foreach ($table->stains() as $colour) {
            foreach ([...$table->coatings(), ...$table->stains()] as $over) {
                $pair = Drawn::pairs()->of($colour, $over, Between::hours(500));
                if ($pair->verdict !== Verdict::Barrier || preg_match(
                    '/Seal first with (.*), or/', Told::of($pair->mend), $m,
                ) !== 1) {
                    continue;
                }
                $asked++;
                $barrier = $table->coating($named[$m[1]]);
                self::assertSame(
                    Verdict::Fine, Drawn::pairs()->of($colour, $barrier, Between::hours(500))->verdict,
                    "$colour->class under $barrier->class",
                );
                $upon = Drawn::pairs()->of($barrier, $over, new Between(24, Denib::Pad));
                self::assertContains(
                    $upon->verdict, [Verdict::Fine, Verdict::TestFirst],
                    Told::of($pair->over)." over $barrier->class over $colour->class",
                );
            }
        }
        self::assertGreaterThan(15, $asked);
    }

    public function test_every_pair_of_the_catalogue_gets_an_answer_with_a_reason(): void
    {
        $table = Catalogue::shipped()->coatings();
        $all = [...$table->coatings(), ...$table->stains()];
        foreach ($all as $under) {
            foreach ($all as $over) {
                foreach ([null, 0.0, 0.01, 0.6, 5.0, 12.01, 18.001, 48.0, 5000.0] as $hours) {
                    $pair = Drawn::pairs()->of($under, $over, Between::hours($hours));
                    self::assertNotSame('', $pair->reason);
                    self::assertDoesNotMatchRegularExpression(
                        '/(?<![\d.])0 (h|min|days)\b/', Told::of($pair->reason).' '.Told::of($pair->mend),
                        Told::of($pair->over),
                    );
                }
            }
        }
        self::assertCount(41, $all);
    }

    public function test_steel_wool_is_judged_with_the_wood_and_the_coat(): void
    {
        $verdict = fn (string $wood, string $over, ?Denib $denib): string => Stack::judge(Drawn::pairs(),
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
        self::assertSame(
            'barrier',
            Stack::judge(Drawn::pairs(), $woods->named('Teak'), [$this->layer(self::VARNISH)])->verdict->value,
        );
        self::assertSame(
            'fine',
            Stack::judge(Drawn::pairs(),
                $woods->named('Teak'), [$this->layer(self::SHELLAC), $this->layer(self::VARNISH)],
            )->verdict->value,
        );
        $coats = array_fill(0, 3, $this->layer('Hard-wax oil', null, 20));
        self::assertSame('test-first', Stack::judge(Drawn::pairs(), null, $coats)->verdict->value);
        self::assertSame('fine', Stack::judge(Drawn::pairs(), null, array_slice($coats, 1))->verdict->value);
    }

    public function test_film_is_counted_coat_by_coat(): void
    {
        $label = Catalogue::shipped()->coatings()->withLabels(
            [self::VARNISH => ['coverage_m2_per_l' => 12.0, 'solids_percent' => 35.0]],
        );
        $varnish = $label->coating(self::VARNISH);
        self::assertEqualsWithDelta(83.3, $varnish->wetUm(), 0.05);
        self::assertEqualsWithDelta(29.2, $varnish->dryUm(), 0.05);
        $stack = Stack::judge(Drawn::pairs(),
            null,
            [
                new Layer($varnish), new Layer($varnish, Denib::Paper, 8),
                new Layer(Catalogue::shipped()->coatings()->coating('Paste wax'), Denib::Pad, 600),
            ],
        );
        self::assertEqualsWithDelta(2 * 29.1667 - 8 - 3, $stack->totalUm(), 0.001);
    }

    public function test_the_first_coat_of_a_thin_sealer_soaks_in_and_leaves_half(): void
    {
        $sealer = $this->layer('Shellac sanding sealer');
        $one = 1000 / 14 * 0.18;
        self::assertEqualsWithDelta($one / 2, Stack::judge(Drawn::pairs(), null, [$sealer])->totalUm(), 1e-9);
        self::assertEqualsWithDelta(
            $one * 1.5, Stack::judge(Drawn::pairs(), null, [$sealer, $sealer])->totalUm(), 1e-9,
        );
    }

    public function test_liming_paste_and_iron_liquor_ask_something_of_the_bare_wood(): void
    {
        $judge = fn (string $wood, string ...$classes): string => Stack::judge(Drawn::pairs(),
            Catalogue::shipped()->woods()->named($wood), array_map(
                fn (string $class): Layer => $this->layer($class, null, 24), array_values($classes),
            ),
        )->verdict->value;
        self::assertSame('barrier', $judge('Oak (white)', 'Liming paste (water)'));
        self::assertSame('fine', $judge('Oak (white)', self::SHELLAC, 'Liming paste (water)'));
        self::assertSame('test-first', $judge('Maple (sugar)', 'Iron liquor (ebonising)'));
        self::assertSame('fine', $judge('Oak (white)', 'Iron liquor (ebonising)'));
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

    #[DataProvider('amounts')]
    public function test_a_coat_is_measured_out_as_it_is_laid_on(string $class, float $value, AmountUnit $unit): void
    {
        // 100 cm² of side grain: no end grain, so the first coat drinks no more than the others.
        $zone = [
            Zone::along('wall', [new Point(0, 50 / M_PI, 0), new Point(100, 50 / M_PI, 100)], GrainDirection::End),
        ];
        $amount = Amount::forCoat(
            Catalogue::shipped()->coatings()->coating($class), $zone, true, Drawn::coats(),
        );
        self::assertEqualsWithDelta($value, $amount->value, 1e-6);
        self::assertSame($unit, $amount->unit);
    }

    /** @return iterable<string, array{string, float, AmountUnit}> */
    public static function amounts(): iterable
    {
        yield 'wiped: 3 mL in the cloth' => ['Oil-varnish blend', 10 / 20 + 3, AmountUnit::Millilitres];
        yield 'brushed: 5 mL' => [self::WATER, 10 / 11 + 5, AmountUnit::Millilitres];
        yield 'poured: 3 mL' => ['Casting epoxy as liner', 10 / 4 + 3, AmountUnit::Millilitres];
        yield 'a can loses two fifths and leaves nothing' => [
            'Aerosol lacquer (nitrocellulose)', 1.4 * 10 / 8, AmountUnit::Spray,
        ];
        yield 'so does a gun' => ['Pre-catalysed lacquer', 1.4 * 10 / 9, AmountUnit::Millilitres];
        yield 'on the lathe: half a mL' => [
            'Friction polish (shellac oil alcohol)', 10 / 25 + 0.5, AmountUnit::Millilitres,
        ];
        yield 'wax by mass' => ['Paste wax', 0.1, AmountUnit::Grams];
        yield 'thin CA over what drops can measure' => [
            'Cyanoacrylate coats (thin)', 10 / 20 + 0.5, AmountUnit::Millilitres,
        ];
    }

    public function test_bare_end_grain_drinks_three_times_as_much(): void
    {
        $oil = Catalogue::shipped()->coatings()->coating('Oil-varnish blend');
        $disc = [Zone::along('foot', [new Point(0, 0, 0), new Point(0, 100, 100)], GrainDirection::End)];
        $sealed = Amount::forCoat($oil, $disc, false, Drawn::coats())->value - 3;
        self::assertEqualsWithDelta(M_PI * 0.01 / 20 * 1000, $sealed, 0.001);
        self::assertEqualsWithDelta(
            3 * $sealed, Amount::forCoat($oil, $disc, true, Drawn::coats())->value - 3,
            0.001,
        );
    }

    public function test_a_mist_of_accelerator_goes_with_thin_ca(): void
    {
        $mix = (new MixVerb(Catalogue::shipped()->calibration()->mixes))->answer(Document::of([
            'kind' => 'ca-accelerator', 'coats' => [['area_cm2' => 200, 'coverage_m2_per_l' => 20]],
        ]));
        // 1 mL for the coat, 5 mL that the least cup keeps; a fifth of it as a mist.
        self::assertEqualsWithDelta([6.0, 1.2], array_column($mix['items'], 'ml'), 1e-9);
    }

    public function test_mixes(): void
    {
        self::assertEqualsWithDelta(59.9, Mix::shellacCut(2, 250)->flakesG, 0.05);
        $parts = Mix::byParts(
            60,
            [
                ['name' => 'oil', 'parts' => 1.0, 'density' => 0.9],
                ['name' => 'varnish', 'parts' => 2.0, 'density' => null],
            ],
        );
        self::assertSame(
            [20.0, 18.0, 40.0, null],
            [$parts->items[0]['ml'], $parts->items[0]['g'], $parts->items[1]['ml'], $parts->items[1]['g']],
        );
        $byMass = Mix::twoPart(40, [2, 1], true, [1.1, 0.97], PotLife::asLabel(30), 45);
        self::assertEqualsWithDelta(2.0, $byMass->items[0]['g'] / $byMass->items[1]['g'], 1e-9);
        self::assertEqualsWithDelta(40.0, $byMass->items[0]['ml'] + $byMass->items[1]['ml'], 1e-9);
        self::assertSame(2, $byMass->batches);
        self::assertSame(1, Mix::twoPart(40, [2, 1], false, [1.1, 0.97], PotLife::asLabel(45), 45)->batches);
        self::assertSame(
            [26.67, null],
            [
                round((float) Mix::twoPart(40, [2, 1], false, null, PotLife::asLabel(45), 45)->items[0]['ml'], 2),
                Mix::twoPart(40, [2, 1], false, null, PotLife::asLabel(45), 45)->items[0]['g'],
            ],
        );
        $this->expectExceptionMessage('densities is missing');
        Mix::twoPart(40, [2, 1], true, null, PotLife::asLabel(45), 45);
    }

    public function test_the_cure_clock_slows_in_the_cold_and_stops_below_the_least(): void
    {
        $run = fn (array $climate, Kinetics $kinetics, float $hours = 24): float => (Drawn::clock(
            ClimateRecord::of($climate),
        ))
            ->run($hours, $kinetics, 0)
            ->elapsedHours();
        self::assertEqualsWithDelta(48.0, $run([[0, 11, 50]], Kinetics::of(2)), 0.001);
        self::assertEqualsWithDelta(16.97, $run([[0, 26, 50]], Kinetics::of(2)), 0.005);
        self::assertEqualsWithDelta(24.0, $run([[0, 21, 50]], Kinetics::of(2, Humidity::WaterBorne)), 0.001);
        self::assertEqualsWithDelta(48.0, $run([[0, 21, 75]], Kinetics::of(2, Humidity::WaterBorne)), 0.001);
        self::assertEqualsWithDelta(16.0, $run([[0, 21, 75]], Kinetics::of(2, Humidity::MoistureCuring)), 0.001);
        // Ten hours at the reference, five hours frozen, then twice as fast.
        self::assertEqualsWithDelta(
            10 + 5 + 7, $run([[0, 21, 50], [36_000, 4, 50], [54_000, 31, 50]], Kinetics::of(2, minC: 10)), 0.001,
        );
        $stalled = Drawn::clock(ClimateRecord::of([[0, 21, 50], [36_000, 4, 50], [54_000, 31, 50]]))->run(
            24, Kinetics::of(2, minC: 10), 0,
        );
        self::assertEqualsWithDelta(5.0, $stalled->stalledHours, 0.001);
        self::assertCount(1, $stalled->warnings);
    }

    public function test_a_wait_that_never_ends_is_said(): void
    {
        $zone = new \DateTimeZone('Europe/Oslo');
        foreach ([
            ClimateRecord::of([[0, 21, 50], [7200, 5, 50]]), DayNightClimate::of(8, 60, 5, 70, 8, 18, $zone),
        ] as $climate) {
            try {
                Drawn::clock($climate)->run(24, Kinetics::of(2, minC: 10), 0);
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
        $run = Drawn::clock($climate)->run(24, Kinetics::of(2, minC: 10), 8 * 3600);
        self::assertEqualsWithDelta(2 * 24 + 4, $run->elapsedHours(), 0.001);
        self::assertEqualsWithDelta(28, $run->stalledHours, 0.001);
    }

    public function test_a_temperature_factor_stays_between_one_and_six(): void
    {
        self::assertEqualsWithDelta(1.0, Kinetics::of(1)->rate(5, 50), 1e-9, 'one: the cold does nothing');
        self::assertEqualsWithDelta(6.0, Kinetics::of(6)->rate(31, 50), 1e-9);
        self::assertEqualsWithDelta(0.5, Kinetics::of(1, slowedBy: 2)->rate(21, 50), 1e-9);
        foreach ([[0.99, 1.0], [6.01, 1.0], [NAN, 1.0], [2.0, 0.0], [2.0, -1.0], [2.0, INF]] as [$q, $slowedBy]) {
            try {
                Kinetics::of($q, slowedBy: $slowedBy);
                self::fail("$q slowed by $slowedBy was taken.");
            } catch (InvalidField) {
                self::addToAssertionCount(1);
            }
        }
    }

    #[DataProvider('cans')]
    public function test_a_can_is_made_ready_as_its_kind_asks(string $class, string $words): void
    {
        self::assertStringStartsWith($words, Told::of(Catalogue::shipped()->coatings()->product($class)->readied()));
    }

    /** @return iterable<string, array{string, string}> */
    public static function cans(): iterable
    {
        foreach ([
            'Wiping varnish (oil-based thinned)' => 'Stir it first, and never shake it',
            'Water-borne acrylic or polyurethane' => 'Stir it first, and never shake it',
            'Brushing or wiping lacquer (nitrocellulose)' => 'Stir it first, and never shake it',
            'Hard-wax oil' => 'Stir it first, and never shake it', 'Milk paint' => 'Stir it first, and never shake it',
            'Aerosol lacquer (nitrocellulose)' => 'Shake the can for two minutes',
            'Casting epoxy as liner' => 'Stir slowly', 'Dewaxed shellac (2 lb cut)' => 'Shake it',
            'Friction polish (shellac oil alcohol)' => 'Shake it', 'Pure tung oil' => 'Shake it',
        ] as $class => $words) {
            yield $class => [$class, $words];
        }
    }

    public function test_colours_go_on_in_the_order_that_they_can_lie_in(): void
    {
        $coatings = Catalogue::shipped()->coatings();
        $ranks = array_map(fn (string $class): int => $coatings->stain($class)->rank(), [
            'Two-part bleach', 'Water dye (powder)', 'Iron liquor (ebonising)', 'Pigment wiping stain', 'Liming wax',
        ]);
        $sorted = $ranks;
        sort($sorted);
        self::assertSame($sorted, $ranks);
        self::assertCount(5, array_unique($ranks));
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
