<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Abrasive\Scale;
use HonestGrain\Calibration\Calibration;
use HonestGrain\Calibration\FigureUnit;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\Cure;
use HonestGrain\Coating\Denib;
use HonestGrain\Coating\Layer;
use HonestGrain\Coating\Stack;
use HonestGrain\Reading\BadInput;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\Row;
use HonestGrain\Route\LayerWaits;
use HonestGrain\Route\StepKind;
use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Nature;
use HonestGrain\Technique\Techniques;
use HonestGrain\Wood\Wood;
use HonestGrain\Words\Reader;
use HonestGrain\Words\Said;
use HonestGrain\Words\Sentences;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The shipped tables are whole, sourced and consistent with themselves and with the rules. */
final class CatalogueTest extends TestCase
{
    public function test_every_row_of_every_table_names_its_source(): void
    {
        $catalogue = Catalogue::shipped();
        foreach ($catalogue->woods()->names() as $name) {
            self::assertStringContainsString('workshop', Told::of($catalogue->woods()->named($name)->source));
        }
        foreach (Scale::graded() as $scale) {
            foreach ($catalogue->abrasives()->onScale($scale) as $grit) {
                self::assertNotSame('', $grit->source);
            }
        }
        foreach ([...$catalogue->coatings()->coatings(), ...$catalogue->coatings()->stains()] as $product) {
            self::assertNotSame('', Told::of($product->source()));
            self::assertSame($product->class(), Told::of($product->name()), 'in English a reader reads the class');
            self::assertNotSame('', Told::of($product->note()));
        }
    }

    public function test_what_a_server_reads_once_is_what_the_files_say(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'honest-grain-');
        file_put_contents($file, Catalogue::shipped()->compile());
        $read = Catalogue::compiled($file);
        unlink($file);
        foreach ([$read, Catalogue::compiled($file)] as $catalogue) {
            self::assertEquals(Catalogue::shipped()->calibration()->all(), $catalogue->calibration()->all());
            self::assertEquals(Catalogue::shipped()->coatings()->coatings(), $catalogue->coatings()->coatings());
            self::assertEquals(Catalogue::shipped()->woods()->named('Teak'), $catalogue->woods()->named('Teak'));
        }
    }

    public function test_woods_are_within_what_wood_can_be(): void
    {
        $woods = Catalogue::shipped()->woods();
        self::assertCount(64 + 29 + 1, $woods->names());
        foreach ($woods->names() as $name) {
            $wood = $woods->named($name);
            self::assertGreaterThan($wood->figures->radialPercent, $wood->figures->tangentialPercent, $name);
            self::assertTrue($wood->figures->gravity12 === null
                || ($wood->figures->gravity12 > 0.25 && $wood->figures->gravity12 < 1.1), $name);
            self::assertTrue($wood->figures->jankaN === null || $wood->figures->jankaN > 1000, $name);
            self::assertMatchesRegularExpression('/^#[0-9a-f]{6}$/', $wood->nature->rgb);
        }
        self::assertEqualsWithDelta(1320 * 4.4482, $woods->named('Ash (white)')->figures->jankaN, 1);
    }

    public function test_a_figure_nobody_published_stays_unknown_or_says_whose_it_is(): void
    {
        $woods = Catalogue::shipped()->woods();
        $madrone = $woods->named('Madrone (Pacific)');
        self::assertNull($madrone->figures->jankaN);
        self::assertNull($madrone->densityGPerCm3(10));
        self::assertEqualsWithDelta(12.4, $madrone->figures->tangentialPercent, 1e-9);
        self::assertNull($woods->named('Honeylocust')->figures->gravity12);

        $olive = $woods->named('Olive');
        self::assertSame($woods->named('Persimmon (common)')->figures->jankaN, $olive->figures->jankaN);
        self::assertStringContainsString('borrowed from Persimmon (common)', Told::of($olive->about('hardness')));
        self::assertNull($woods->named('Ash (white)')->about('hardness'));
        self::assertTrue($olive->nature->oily);
    }

    public function test_a_wood_is_typed_as_far_as_it_is_known(): void
    {
        $woods = Catalogue::shipped()->woods();
        $own = fn (array $typed): Wood => Wood::typed(Document::of($typed + ['name' => 'Hedge plum']), $woods);
        $bare = $own([]);
        self::assertNull($bare->figures->jankaN);
        self::assertNull($bare->about('hardness'));
        $like = $own(['like' => 'Plum', 'janka_n' => 5500]);
        self::assertSame(5500.0, $like->figures->jankaN);
        self::assertNull($like->about('hardness'), 'typed, not borrowed');
        self::assertSame(
            'The density is borrowed from Cherry (black): none is published for Hedge plum.',
            Told::of($like->about('density')),
        );
        self::assertEqualsWithDelta(0.7, $own(['density_kg_m3' => 700])->densityGPerCm3(12), 1e-3);
        foreach ([
            ['janka_n' => -1], ['like' => 'Unobtainium'], ['rgb' => 'red'], ['dust' => 'sneezy'], ['pore' => 7],
        ] as $bad) {
            try {
                $own($bad);
                self::fail('It was taken: '.key($bad));
            } catch (BadInput $e) {
                self::assertSame(key($bad), $e->field);
            }
        }
    }

    public function test_every_constant_says_its_unit_its_kind_and_its_source(): void
    {
        $all = Catalogue::shipped()->calibration()->all();
        self::assertGreaterThan(30, count($all));
        foreach ($all as $constant) {
            self::assertContains($constant->kind, ['physics', 'published', 'workshop']);
            self::assertNotSame('', $constant->source);
        }
    }

    public function test_grades_fall_in_size_as_their_numbers_rise(): void
    {
        foreach (Scale::graded() as $scale) {
            $before = INF;
            $number = 0;
            foreach (Catalogue::shipped()->abrasives()->onScale($scale) as $grit) {
                self::assertLessThan($before, $grit->micron, $grit->name);
                preg_match('/\d+/', $grit->name, $m);
                self::assertGreaterThan($number, (int) $m[0]);
                [$before, $number] = [$grit->micron, (int) $m[0]];
            }
        }
    }

    public function test_the_waits_of_a_finish_come_in_their_order(): void
    {
        foreach (Catalogue::shipped()->coatings()->coatings() as $coating) {
            self::assertLessThanOrEqual(
                $coating->recoatFromHours + 0.01, $coating->cure === Cure::Reactive ? 0 : $coating->dustFreeHours,
                $coating->class,
            );
            if ($coating->recoatUntilHours !== null) {
                self::assertGreaterThan($coating->recoatFromHours, $coating->recoatUntilHours, $coating->class);
            }
            if (! $coating->neverCures()) {
                self::assertGreaterThanOrEqual($coating->handleHours, $coating->fullCureHours(), $coating->class);
            }
            self::assertGreaterThan(0, $coating->wetUm());
            self::assertLessThanOrEqual($coating->wetUm(), $coating->dryUm());
        }
    }

    public function test_every_proven_stack_is_fine_on_a_plain_wood_with_the_waits_the_route_gives_it(): void
    {
        $catalogue = Catalogue::shipped();
        foreach ($catalogue->stacks() as $stack) {
            $layers = [];
            $before = null;
            foreach ($stack->layers as $layer) {
                $coating = $catalogue->coatings()->coating($layer['product']);
                $layers[] = new Layer(
                    $coating, $layer['denib'] === null ? null : Denib::from($layer['denib']),
                    $before === null ? null : LayerWaits::before(Drawn::pairs(), $before, $coating),
                );
                $before = $coating;
            }
            $judged = Stack::judge(Drawn::pairs(), $catalogue->woods()->named('Ash (white)'), $layers);
            self::assertSame('fine', $judged->verdict->value, $stack->id.': '.json_encode($judged->toArray()));
        }
        self::assertGreaterThanOrEqual(6, count($catalogue->stacks()));
    }

    public function test_a_label_lies_over_the_catalogue_and_says_so(): void
    {
        $labelled = Catalogue::shipped()->coatings()->withLabels(
            [
                'Hard-wax oil' => ['coverage_m2_per_l' => 24.0, 'recoat_until_h' => 36.0],
                'Not sold any more' => ['solids_percent' => 3.0],
            ],
        );
        $oil = $labelled->coating('Hard-wax oil');
        self::assertSame([24.0, 36.0], [$oil->coverageM2PerL, $oil->recoatUntilHours]);
        self::assertSame(['coverage_m2_per_l', 'recoat_until_h'], $oil->fromLabel);
        self::assertSame([], Catalogue::shipped()->coatings()->coating('Hard-wax oil')->fromLabel);
    }

    public function test_what_heats_itself_is_flagged_on_every_oil(): void
    {
        foreach (Catalogue::shipped()->coatings()->coatings() as $coating) {
            self::assertSame(
                $coating->cure === Cure::Oxidative || str_contains($coating->class, 'Friction polish') || str_contains(
                    $coating->class, 'Hard-wax oil (two',
                ),
                $coating->ragsSelfHeat, $coating->class,
            );
        }
    }

    public function test_every_hazard_and_every_mark_has_words(): void
    {
        foreach (Hazard::cases() as $hazard) {
            self::assertNotSame('', Told::of($hazard->title()));
            self::assertGreaterThan(30, strlen(Told::of($hazard->says())));
        }
        self::assertTrue(Hazard::Torch->wantsDeliberatePress() && Hazard::Rags->wantsDeliberatePress());
        self::assertFalse(Hazard::Dust->wantsDeliberatePress());
        foreach (Techniques::table()->decorations() as $technique) {
            $hazards = $technique->character()->hazards;
            if ($technique->nature() !== Nature::Colours) {
                self::assertNotSame([], $hazards, $technique->key());
            }
            self::assertStringEndsWith('.', Told::of($technique->because()));
        }
    }

    public function test_every_why_prints_figures_from_the_one_table(): void
    {
        $sentences = new Sentences(figures: Catalogue::shipped()->calibration());
        foreach (StepKind::cases() as $kind) {
            $told = $sentences->say($kind->why());
            self::assertDoesNotMatchRegularExpression('/[{}]/', $told, $kind->value);
            self::assertStringEndsWith('.', $told);
        }
        self::assertStringContainsString('8 min', $sentences->say(StepKind::Mount->why()));
    }

    public function test_every_technique_has_a_file_a_row_and_words_for_what_it_needs(): void
    {
        $keys = 'mount rough true shape hollow bore drill tenon recess reverse part-off saw scrape beads coves grooves '
            .'fill stabilise patch glue seal-to-cut sand wet-sand raise-grain knock-back wipe-clean burnish paste '
            .'compound '
            .'burnt-line spun-texture flutes facets dimples wire-brush pen-pattern piercing inlay scorch dye sand-back '
            .'ebonise bleach lime stain leaf paint coat wipe-off denib wax buff liner water-test cure fit assemble '
            .'sign weigh photograph pack own';
        $table = Techniques::table();
        self::assertEqualsCanonicalizing(explode(' ', $keys), $table->keys());
        foreach ($table->keys() as $key) {
            $technique = $table->named($key);
            self::assertSame($key, $technique->key());
            self::assertNotSame('', $technique->label());
            foreach ($technique->character()->needs as $need) {
                self::assertStringEndsWith('.', Told::of($need->because), $key);
            }
        }
    }

    public function test_no_table_names_a_brand_sign(): void
    {
        foreach ((array) glob(dirname(__DIR__, 2).'/catalogue/*') as $file) {
            self::assertDoesNotMatchRegularExpression('/[®™©]/u', (string) file_get_contents((string) $file));
        }
    }

    public function test_every_constant_stands_once_and_is_worked_with(): void
    {
        $lines = array_map(
            fn (string $line): array => str_getcsv($line, ',', '"', ''),
            array_filter(explode("\n", (string) file_get_contents(__DIR__.'/../../catalogue/constants.csv'))),
        );
        $head = array_shift($lines);
        $rows = array_map(fn (array $cells): Row => new Row(array_combine($head, $cells)), $lines);
        self::assertSame(array_unique(array_column($lines, 0)), array_column($lines, 0));
        foreach ($rows as $i => $row) {
            try {
                Calibration::of(array_values(array_diff_key($rows, [$i => null])));
                self::fail($lines[$i][0].' is worked with by nothing.');
            } catch (\LogicException $e) {
                self::assertStringContainsString($lines[$i][0], $e->getMessage());
            }
        }
    }

    public function test_every_rate_of_marks_that_a_page_tells_has_its_unit(): void
    {
        $says = (new Sentences(figures: Catalogue::shipped()))->say(new Said('figures.marks'));
        self::assertStringContainsString('a bead or a cove 6 min/m', $says);
        self::assertStringContainsString('sprayed at 900 cm²/min', $says);
        self::assertStringContainsString('a leaf 3 min, with 1.1 times as many', $says);
        self::assertDoesNotMatchRegularExpression('/[{}_]/', $says);
        $this->expectExceptionMessage('figures.marks: {mark_bead_minutes_per_m}');
        (new Sentences)->say(new Said('figures.marks'));
    }

    public function test_a_line_calls_constants_by_their_names_in_the_readers_units(): void
    {
        $figures = Catalogue::shipped()->calibration();
        $metric = new Sentences(figures: $figures);
        $inches = new Sentences(reader: new Reader(imperial: true), figures: $figures);
        self::assertSame(
            'Ready is within 1 point of it and losing less than 0.1 % a week (workshop).',
            $metric->say(new Said('figures.ready')),
        );
        $says = $metric->say(new Said('figures.sanding'));
        self::assertStringContainsString('0.25 × grain size × (6000 ÷ hardness)^0.3', $says);
        self::assertStringContainsString('under a pad of 12 cm² by hand', $says);
        self::assertStringContainsString('0.4 min/100 cm² for each grit', $says);
        self::assertStringContainsString('more than 40 % of it is end grain', $says);
        $says = $inches->say(new Said('figures.sanding'));
        self::assertStringContainsString('under a pad of 1.86 in² by hand', $says);
        self::assertStringContainsString('2.58 min/100 in² for each grit', $says);
        self::assertStringContainsString('of 125 µm at', $says);
        self::assertNull($figures->figure('no_such_constant'));
    }

    /** @param  array{string, string}  $reads  in metric units, and in inches */
    #[DataProvider('figures')]
    public function test_a_figure_reads_in_either_system_as_exactly_as_it_was_set_down(
        string $unit,
        float $value,
        array $reads,
    ): void {
        $figure = FigureUnit::from($unit)->quantity($value);
        self::assertSame($reads, array_map(
            fn (bool $imperial): string => (new Reader($imperial))->exact($figure), [false, true],
        ));
    }

    /** @return iterable<string, array{string, float, array{string, string}}> */
    public static function figures(): iterable
    {
        foreach ([
            ['min a hole', 0.5, ['0.5 min', '0.5 min']],
            ['min/100 cm²', 2.5, ['2.5 min/100 cm²', '16.1 min/100 in²']],
            ['min/m', 6.0, ['6 min/m', '1.83 min/ft']],
            ['mm²', 4400.0, ['44 cm²', '6.82 in²']],
            ['mm', 0.05, ['0.05 mm', '0.00197 in']],
            ['°C', -30.0, ['-30 °C', '-22 °F']],
            ['K', 3.0, ['3 °C', '5.4 °F']],
            ['share', 0.55, ['55 %', '55 %']],
            ['mL/cm²', 0.12, ['0.12 mL/cm²', '0.0262 fl oz/in²']],
            ['cm³/min', 200.0, ['200 cm³/min', '12.2 in³/min']],
            ['N', 6000.0, ['6000 N', '6000 N']],
        ] as [$unit, $value, $reads]) {
            yield $unit => [$unit, $value, $reads];
        }
    }
}
