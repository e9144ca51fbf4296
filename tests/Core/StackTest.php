<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\Amount;
use HonestGrain\Coating\Between;
use HonestGrain\Coating\Coating;
use HonestGrain\Coating\Denib;
use HonestGrain\Coating\Layer;
use HonestGrain\Coating\Mix;
use HonestGrain\Coating\PotLife;
use HonestGrain\Coating\Stack;
use HonestGrain\Coating\Verdict;
use HonestGrain\Geometry\Form;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Route\LayerWaits;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whole stacks: film ledger, amounts, mixes, and verdicts that hold together. */
final class StackTest extends TestCase
{
    private Catalogue $catalogue;

    protected function setUp(): void
    {
        $this->catalogue = Catalogue::shipped();
    }

    public function test_the_film_ledger_never_falls_below_nothing_and_grows_by_what_stays(): void
    {
        mt_srand(61);
        $coatings = array_values($this->catalogue->coatings()->coatings());
        for ($i = 0; $i < 60; $i++) {
            $layers = [];
            for ($k = 0, $count = mt_rand(1, 8); $k < $count; $k++) {
                $layers[] = new Layer(
                    $coatings[mt_rand(0, count($coatings) - 1)], [null, ...Denib::cases()][mt_rand(0, 3)], 24.0,
                );
            }
            $stack = Stack::judge(Drawn::pairs(), null, $layers);
            $film = 0.0;
            foreach ($layers as $k => $layer) {
                $film = max(0.0, $film - ($layer->denib?->removesUm(Drawn::coats()) ?? 0.0));
                /** @var Coating $coating */
                $coating = $layer->product;
                $soaksIn = $k === 0 && str_ends_with($coating->key, '-sealer');
                $film += $coating->buildsFilm()
                    ? 1000 / $coating->coverageM2PerL * $coating->solidsPercent / 100 * ($soaksIn ? 0.5 : 1) : 0.0;
                self::assertEqualsWithDelta($film, $stack->filmUm[$k], 1e-9);
            }
            self::assertSame($stack->filmUm[count($layers) - 1], $stack->totalUm());
            self::assertCount(count($layers) - 1, $stack->pairs);
        }
    }

    public function test_a_rubbing_that_would_go_through_the_film_is_caught(): void
    {
        $polish = $this->catalogue->coatings()->coating('Friction polish (shellac oil alcohol)');
        $judge = fn (Denib $denib, int $coats): Stack => Stack::judge(Drawn::pairs(),
            null, [...array_fill(0, $coats, new Layer($polish, null, 24)), new Layer($polish, $denib, 24)],
        );
        // One coat leaves 8 µm: worn paper takes all of it, a pad three.
        self::assertSame('caution', $judge(Denib::Paper, 1)->verdict->overall());
        self::assertStringContainsString(
            'Only 8 µm of film stands', Told::of($judge(Denib::Paper, 1)->notes[0]->reason),
        );
        self::assertStringContainsString('or rub with a pad', Told::of($judge(Denib::Paper, 1)->notes[0]->mend));
        self::assertSame([], $judge(Denib::Pad, 1)->notes);
        self::assertSame([], $judge(Denib::Paper, 2)->notes);
        $oil = $this->catalogue->coatings()->coating('Oil-varnish blend');
        self::assertSame(
            [], Stack::judge(Drawn::pairs(), null, [new Layer($oil, null, null), new Layer($oil, Denib::Paper, 24)],
            )->notes,
        );
    }

    public function test_the_verdict_of_a_stack_is_its_worst(): void
    {
        mt_srand(62);
        $names = array_keys([...$this->catalogue->coatings()->coatings(), ...$this->catalogue->coatings()->stains()]);
        $woods = $this->catalogue->woods();
        for ($i = 0; $i < 80; $i++) {
            $layers = array_map(
                fn (): Layer => new Layer(
                    $this->catalogue->coatings()->product($names[mt_rand(0, count($names) - 1)]),
                    [null, ...Denib::cases()][mt_rand(0, 3)], (float) mt_rand(1, 2000),
                ),
                range(0, mt_rand(0, 5)),
            );
            $stack = Stack::judge(Drawn::pairs(), $woods->named($woods->names()[mt_rand(0, 26)]), $layers);
            $all = array_map(fn ($pair): Verdict => $pair->verdict, [...$stack->pairs, ...$stack->notes]);
            self::assertSame(
                $all === [] ? Verdict::Fine : array_reduce(
                    $all, fn (Verdict $worst, Verdict $one): Verdict => $one->isWorseThan($worst) ? $one : $worst,
                    Verdict::Fine,
                ),
                $stack->verdict,
            );
            foreach ([...$stack->pairs, ...$stack->notes] as $pair) {
                self::assertNotSame('', $pair->reason);
                self::assertTrue(
                    $pair->verdict === Verdict::Fine || $pair->mend !== null,
                    Told::of($pair->under).', '.Told::of($pair->over).': not fine and no mend',
                );
            }
        }
    }

    public function test_the_wait_that_a_mend_names_is_all_the_waiting_that_a_pair_needs(): void
    {
        $early = 0;
        foreach ($this->catalogue->coatings()->coatings() as $under) {
            foreach ($this->catalogue->coatings()->coatings() as $over) {
                $reason = Drawn::pairs()->of($under, $over, Between::hours(0.01))->reason;
                if (str_starts_with(Told::of($reason), 'Too early')) {
                    $early++;
                    $after = Drawn::pairs()->of($under, $over, Between::hours($under->recoatFromHours));
                    self::assertNotContains(
                        $after->verdict, [Verdict::AfterFullCure, Verdict::Barrier, Verdict::Never],
                        "$over->class over $under->class",
                    );
                }
            }
        }
        self::assertGreaterThan(100, $early);
    }

    public function test_the_waits_of_a_route_make_every_pair_as_good_as_time_can_make_it(): void
    {
        foreach ($this->catalogue->coatings()->coatings() as $under) {
            foreach ($this->catalogue->coatings()->coatings() as $over) {
                $wait = LayerWaits::before(Drawn::pairs(), $under, $over);
                self::assertGreaterThanOrEqual($under->recoatFromHours, $wait);
                self::assertNotSame(
                    Verdict::AfterFullCure, Drawn::pairs()->of($under, $over, Between::hours($wait),
                    )->verdict,
                    "$over->class over $under->class after $wait h",
                );
            }
        }
    }

    public function test_a_litre_covers_what_its_label_says(): void
    {
        foreach ($this->catalogue->coatings()->coatings() as $coating) {
            self::assertEqualsWithDelta(1000.0, $coating->wetUm() * $coating->coverageM2PerL, 1e-9);
            self::assertLessThanOrEqual($coating->wetUm(), $coating->dryUm());
        }
        // 12 m²/L at 35 % solids: 83.3 µm wet, 29.2 µm dry.
        $table = $this->catalogue->coatings()->withLabels(
            ['Wiping varnish (oil-based thinned)' => ['coverage_m2_per_l' => 12.0, 'solids_percent' => 35.0]],
        );
        self::assertEqualsWithDelta(83.33, $table->coating('Wiping varnish (oil-based thinned)')->wetUm(), 0.01);
        self::assertEqualsWithDelta(29.17, $table->coating('Wiping varnish (oil-based thinned)')->dryUm(), 0.01);
    }

    public function test_the_first_coat_on_bare_wood_takes_more_and_most_where_end_grain_shows(): void
    {
        $oil = $this->catalogue->coatings()->coating('Walnut oil (heat-treated)');
        $form = Form::ShallowBowl;
        $profile = $form->profile(...array_values($form->sizes()));
        $zones = Drawn::measured($profile, $form->grain())->zones;
        foreach ($zones as $zone) {
            $bare = Amount::forCoat($oil, [$zone], true, Drawn::coats())->value - 3;
            $sealed = Amount::forCoat($oil, [$zone], false, Drawn::coats())->value - 3;
            self::assertEqualsWithDelta(1 + 2 * $zone->endGrainMean, $bare / $sealed, 1e-9);
            self::assertEqualsWithDelta($zone->areaMm2 / 1e6 / $oil->coverageM2PerL * 1000, $sealed, 1e-9);
        }
        $together = Amount::forCoat(
            $oil, array_values($zones), true, Drawn::coats(),
        )->value - 3;
        $apart = array_sum(
            array_map(
                fn ($zone): float => Amount::forCoat(
                    $oil, [$zone], true, Drawn::coats(),
                )->value - 3,
                $zones,
            ),
        );
        self::assertEqualsWithDelta($apart, $together, 1e-9);
    }

    public function test_parts_add_up_and_keep_their_proportion(): void
    {
        mt_srand(63);
        for ($i = 0; $i < 40; $i++) {
            $parts = array_map(
                fn (int $k): array => [
                    'name' => "part $k", 'parts' => mt_rand(0, 90) / 10 + ($k === 0 ? 0.5 : 0),
                    'density' => mt_rand(0, 1) === 1 ? mt_rand(70, 130) / 100 : null,
                ],
                range(0, mt_rand(0, 5)),
            );
            $volume = (float) mt_rand(5, 900);
            $mix = Mix::byParts($volume, $parts);
            self::assertEqualsWithDelta(
                $volume, array_sum(array_map(fn (array $item): float => (float) $item['ml'], $mix->items)), 1e-6,
            );
            $sum = array_sum(array_column($parts, 'parts'));
            foreach ($mix->items as $k => $item) {
                self::assertEqualsWithDelta($parts[$k]['parts'] / $sum, (float) $item['ml'] / $volume, 1e-9);
                self::assertSame($parts[$k]['density'] === null, $item['g'] === null);
            }
        }
    }

    #[DataProvider('resins')]
    public function test_resin_and_hardener_by_volume_or_by_mass_in_batches(
        bool $byMass,
        float $pot,
        float $use,
        int $batches,
    ): void {
        $mix = Mix::twoPart(40, [2, 1], $byMass, [1.1, 0.97], PotLife::asLabel($pot), $use);
        [$resin, $hardener] = $mix->items;
        self::assertEqualsWithDelta(40.0, (float) $resin['ml'] + (float) $hardener['ml'], 1e-9);
        self::assertEqualsWithDelta(2.0, $byMass ? $resin['g'] / $hardener['g'] : $resin['ml'] / $hardener['ml'], 1e-9);
        self::assertEqualsWithDelta(1.1, $resin['g'] / $resin['ml'], 1e-9);
        self::assertSame($batches, $mix->batches);
    }

    /** @return iterable<string, array{bool, float, float, int}> */
    public static function resins(): iterable
    {
        yield 'by volume, in time' => [false, 30, 30, 1];
        yield 'by volume, half as long again' => [false, 30, 45, 2];
        yield 'by mass, four pots' => [true, 12, 45, 4];
        yield 'by mass, used at once' => [true, 30, 0, 1];
    }

    public function test_colours_are_judged_under_the_first_coat_of_their_own_zone_only(): void
    {
        $piece = Piece::read(Document::of(OnePart::document([
            'name' => 'Bowl', 'form' => 'shallow-bowl',
            'wood' => 'Ash (white)', 'grain' => 'side',
            'shape' => Form::ShallowBowl->profile(260, 70, 90, 7)->toArray(),
            'marks' => [
                [
                    'id' => 'tide', 'kind' => 'dye', 'on' => 'outer', 'from_mm' => 40, 'to_mm' => 60,
                    'product' => 'Alcohol dye (powder)',
                ],
                [
                    'id' => 'eye', 'kind' => 'dye', 'on' => 'inner', 'from_mm' => 10, 'to_mm' => 20,
                    'product' => 'Water dye (powder)',
                ],
                ['id' => 'line', 'kind' => 'v-groove', 'on' => 'outer', 'from_mm' => 61, 'to_mm' => 63],
            ],
            'coats' => [
                [
                    'zones' => ['outside', 'rim'], 'layers' => [['product' => 'Dewaxed shellac (2 lb cut)']],
                    'buff' => false,
                ],
                ['zones' => ['inside'], 'layers' => [['product' => 'Dewaxed shellac (2 lb cut)']], 'buff' => false],
            ],
        ])), Tables::of($this->catalogue));
        $verdicts = array_map(
            fn ($plan): array => array_map(
                fn (array $over): array => [$over[0]->band->id, $over[1]->verdict->value],
                $plan->overColours($piece->body()->marks, Drawn::pairs()),
            ),
            $piece->body()->coatPlans,
        );
        self::assertSame([[['tide', 'barrier']], [['eye', 'fine']]], $verdicts);
    }

    public function test_labels_out_of_range_or_out_of_order_are_refused_by_field(): void
    {
        foreach ([
            ['solids_percent' => 120.0], ['coverage_m2_per_l' => 0.0], ['recoat_from_h' => -1.0],
            ['full_cure_days' => NAN],
        ] as $label) {
            try {
                $this->catalogue->coatings()->withLabels(['Hard-wax oil' => $label]);
                self::fail('It was taken: '.key($label));
            } catch (InvalidField $e) {
                self::assertSame('label.'.key($label), $e->field);
            }
        }
        $this->expectExceptionMessage('the window must close after it opens');
        $this->catalogue->coatings()->withLabels(['Hard-wax oil' => ['recoat_until_h' => 3.0]]);
    }
}
