<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Command\CommandLine;
use PHPUnit\Framework\TestCase;

/** What each verb answers, field by field, with figures that can be worked out by hand. */
final class ContractTest extends TestCase
{
    use Asking;

    public function test_measure_names_every_zone_of_a_cup(): void
    {
        $answer = $this->ask('measure', [
            'shape' => [
                'outer' => [[0, 50, 'corner'], [100, 50, 'corner']],
                'inner' => [[100, 44, 'corner'], [10, 44, 'corner'], [10, 0]],
            ],
            'grain' => 'end',
            'wood' => 'Ash (white)',
            'moisture_percent' => 12,
            'bands' => [
                ['id' => 'b1', 'on' => 'outer', 'from_mm' => 10, 'to_mm' => 30],
                ['id' => 'b2', 'on' => 'inner', 'from_mm' => 90, 'to_mm' => 134],
                ['id' => 'b3', 'on' => 'rim', 'from_mm' => 0, 'to_mm' => 6],
            ],
        ]);
        $zones = array_column($answer['zones'], null, 'id');

        self::assertSame(['outside', 'inside', 'rim', 'foot', 'b1', 'b2', 'b3'], array_keys($zones));
        self::assertEqualsWithDelta(2 * M_PI * 50 * 20, $zones['b1']['area_mm2'], 0.01);
        self::assertEqualsWithDelta(M_PI * 44 ** 2, $zones['b2']['area_mm2'], 0.01);
        self::assertEqualsWithDelta(1.0, $zones['b2']['end_grain_mean'], 1e-9);
        self::assertEqualsWithDelta($zones['rim']['area_mm2'], $zones['b3']['area_mm2'], 0.01);
        self::assertEqualsWithDelta(22.0, $zones['b2']['mean_radius_mm'], 1e-6);
        self::assertEqualsWithDelta(44.0, $zones['b2']['arc_mm'], 1e-6);
        self::assertEqualsWithDelta(6.0, $answer['wall']['min_mm'], 1e-6);
        self::assertCount(2, $answer['wall']['at']);
        self::assertEqualsWithDelta(10.0, $answer['floor_mm'], 1e-6);
        self::assertSame([], $answer['warnings']);
    }

    public function test_measure_of_a_solid_has_no_wall_and_of_an_unnamed_wood_no_mass(): void
    {
        $answer = $this->ask('measure', [
            'shape' => ['outer' => [[0, 0], [60, 30], [120, 0]], 'inner' => null],
            'grain' => 'side',
            'wood' => null,
        ]);
        self::assertNull($answer['wall']);
        self::assertNull($answer['floor_mm']);
        self::assertNull($answer['mass_g']);
        self::assertSame(['outside'], array_column($answer['zones'], 'id'));
    }

    public function test_measure_places_its_warnings(): void
    {
        $answer = $this->ask('measure', [
            'shape' => [
                'outer' => [[0, 50], [100, 50]], 'inner' => [[100, 48.5, 'corner'], [4, 48.5, 'corner'], [4, 0]],
            ],
            'grain' => 'end',
        ]);
        $warnings = array_column($answer['warnings'], null, 'code');
        self::assertStringContainsString('1.5 mm at its thinnest', $warnings['thin-wall']['message']);
        self::assertEqualsWithDelta(50.0, $warnings['thin-wall']['at'][1], 1e-6);
        self::assertArrayHasKey('thin-floor', $warnings);
    }

    public function test_measure_refuses_a_band_named_like_a_zone(): void
    {
        $error = $this->refused('measure', [
            'shape' => ['outer' => [[0, 50], [100, 50]], 'inner' => null],
            'grain' => 'end',
            'bands' => [['id' => 'outside', 'on' => 'outer', 'from_mm' => 0, 'to_mm' => 5]],
        ]);
        self::assertSame('bands.0.id', $error['field']);
    }

    public function test_drying_and_truing(): void
    {
        $readings = [];
        for ($i = 0; $i < 6; $i++) {
            $readings[] = [
                'at' => gmdate('Y-m-d\TH:i:s\Z', 1_767_607_200 + $i * 14 * 86_400),
                'mass_g' => round(700 + 300 * exp(-0.02 * $i * 14), 1),
            ];
        }
        $air = ['temp_c' => 18, 'rh_percent' => 60];
        $answer = $this->ask('drying', ['readings' => $readings] + $air);
        self::assertEqualsWithDelta(700, $answer['plateau_g'], 1);
        self::assertEqualsWithDelta(0.02, $answer['rate_per_day'], 0.0003);
        self::assertSame([false, true], [$answer['ready'], is_string($answer['ready_at'])]);
        [$from, $to] = $answer['interval_days'];
        $days = (strtotime($answer['ready_at']) - strtotime($readings[5]['at'])) / 86_400;
        self::assertTrue($from < $days && $days < $to);
        $few = $this->ask('drying', ['readings' => array_slice($readings, 0, 2)] + $air);
        self::assertSame([null, null, false], [$few['ready_at'], $few['interval_days'], $few['ready']]);
        self::assertStringContainsString('3', $few['reason']);
        self::assertSame('readings.1.mass_g', $this->refused('drying', [
            'readings' => [$readings[0], ['mass_g' => -1] + $readings[1]],
        ] + $air)['field']);
        $bowl = [
            'diameter_mm' => 250, 'wall_mm' => 25, 'tangential_shrinkage_percent' => 8.4,
            'from_moisture_percent' => 30, 'to_moisture_percent' => 10, 'allowance_mm' => 0, 'tenon_mm' => 60,
            'jaws' => [['name' => 'usual', 'tenon_min_mm' => 50, 'tenon_max_mm' => 70]],
        ];
        $truing = $this->ask('truing', $bowl);
        self::assertEquals(
            [0.056, 14.0, 18.0, 56.64, ['usual']],
            [
                $truing['shrink_fraction'], $truing['ovality_mm'], $truing['max_finished_wall_mm'],
                $truing['trued_tenon_mm'], $truing['jaws'],
            ],
        );
        self::assertSame(
            'to_moisture_percent', $this->refused('truing', ['to_moisture_percent' => 40] + $bowl)['field'],
        );
    }

    public function test_emc_to_two_places(): void
    {
        self::assertSame(['emc_percent' => 9.24], $this->ask('emc', ['temp_c' => 21.1, 'rh_percent' => 50]));
        self::assertEquals(0, $this->ask('emc', ['temp_c' => 20, 'rh_percent' => 0])['emc_percent']);
        self::assertSame('rh_percent', $this->refused('emc', ['temp_c' => 20, 'rh_percent' => 101])['field']);
        self::assertSame('temp_c', $this->refused('emc', ['temp_c' => -300, 'rh_percent' => 50])['field']);
    }

    public function test_grits_price_the_shortest_and_the_own(): void
    {
        $answer = $this->ask('grits', self::GRITS + ['own' => ['P80', 'P180', 'P400']]);

        self::assertSame(['P80', 'P120', 'P180', 'P320'], array_column($answer['steps'], 'grit'));
        self::assertEqualsWithDelta(
            array_sum(array_column($answer['steps'], 'minutes')), $answer['total_minutes'], 0.001,
        );
        self::assertSame(
            ['grit', 'micron', 'scratch_um', 'removal_um', 'minutes', 'discs'], array_keys($answer['steps'][0]),
        );
        self::assertGreaterThan($answer['total_minutes'], $answer['own']['total_minutes']);
        self::assertSame(['at', 'kind', 'message', 'said'], array_keys($answer['own']['faults'][0]));
        self::assertNull($this->ask('grits', self::GRITS + ['own' => null])['own']);
    }

    public function test_grits_may_be_priced_with_other_rates(): void
    {
        $total = fn (array $more): float => $this->ask('grits', $more + self::GRITS)['total_minutes'];
        $area = self::GRITS['area_mm2'] / 10_000;
        self::assertEqualsWithDelta($total([]) + 0.5 * $area, $total(['along_grain_minutes_per_100cm2' => 0.5]), 1e-3);
        self::assertLessThan($total([]), $total(['removal_um_min' => 2000, 'cover_minutes_per_100cm2' => 0]));
        self::assertSame(
            ['P320'],
            array_column(
                $this->ask('grits', ['coarse_start' => false, 'tool_mark_um' => 20] + self::GRITS)['steps'], 'grit',
            ),
        );
        $warned = $this->ask('grits', ['tool_mark_um' => 400] + self::GRITS);
        self::assertSame('P80', $warned['steps'][0]['grit']);
        self::assertStringContainsString('start coarser', implode($warned['warnings']));
        foreach ([
            'removal_um_min' => 0, 'cover_minutes_per_100cm2' => -1, 'along_grain_minutes_per_100cm2' => 'x',
            'coarse_start' => 1,
        ] as $field => $value) {
            self::assertSame($field, $this->refused('grits', [$field => $value] + self::GRITS)['field']);
        }
    }

    public function test_one_ladder_for_a_mount(): void
    {
        $surface = fn (string $id, float $mark, float $area): array => [
            'id' => $id, 'tool_mark_um' => $mark, 'limit_um' => 12, 'area_mm2' => $area, 'speed_m_s' => 3,
        ];
        $ask = [
            'hardness_n' => 6000, 'available' => self::GRITS['available'],
            'surfaces' => [$surface('1', 160, 40_000), $surface('rim', 40, 5_000)],
        ];
        $answer = $this->ask('ladder', $ask);
        self::assertSame(['grits', 'surfaces', 'total_minutes', 'discs'], array_keys($answer));
        self::assertSame(['1', 'rim'], array_column($answer['surfaces'], 'id'));
        self::assertSame(['P80', 'P120', 'P180', 'P320'], $answer['surfaces'][0]['grits']);
        self::assertSame(['P320'], $answer['surfaces'][1]['grits'], 'a finer surface joins in later');
        self::assertEqualsWithDelta(
            array_sum(array_column($answer['surfaces'], 'minutes')) + 0.5 * $answer['discs'], $answer['total_minutes'],
            1e-3,
        );
        $one = $this->ask('ladder', ['surfaces' => [$surface('a', 80, 70_000)]] + $ask);
        self::assertEqualsWithDelta($this->ask('grits', self::GRITS)['total_minutes'], $one['total_minutes'], 1e-3);

        self::assertSame('unreachable', $this->refused('ladder', ['available' => ['P80', 'P120']] + $ask)['code']);
        self::assertSame(
            'surfaces.1.id',
            $this->refused('ladder', ['surfaces' => [$surface('a', 80, 9), $surface('a', 80, 9)]] + $ask)['field'],
        );
        self::assertSame('surfaces', $this->refused('ladder', ['surfaces' => []] + $ask)['field']);
        self::assertSame(
            'surfaces',
            $this->refused('ladder', ['surfaces' => array_fill(0, 7, $surface('a', 80, 9))] + $ask)['field'],
        );
        self::assertSame(
            'surfaces.0.floor_um',
            $this->refused('ladder', ['surfaces' => [['floor_um' => 13] + $surface('a', 80, 9)]] + $ask)['field'],
        );
    }

    public function test_grits_mix_scales_by_size_and_never_by_number(): void
    {
        $answer = $this->ask(
            'grits', ['available' => ['CAMI 320', 'P320', 'P180', 'P120'], 'limit_um' => 10] + self::GRITS,
        );
        self::assertSame('CAMI 320', $answer['steps'][count($answer['steps']) - 1]['grit']);
        $order = $this->ask('grits', self::GRITS + ['own' => ['CAMI 320', 'P320']]);
        self::assertContains('order', array_column($order['own']['faults'], 'kind'));
    }

    public function test_grits_keep_a_dyed_ground_open(): void
    {
        $answer = $this->ask(
            'grits', ['limit_um' => 15, 'floor_um' => 8, 'available' => ['P120', 'P180', 'P240', 'P600']] + self::GRITS,
        );
        $last = $answer['steps'][count($answer['steps']) - 1];
        self::assertGreaterThanOrEqual(8, $last['scratch_um']);
        self::assertSame(
            'unreachable',
            $this->refused(
                'grits', ['limit_um' => 9, 'floor_um' => 8.9, 'available' => ['P120', 'P600']] + self::GRITS,
            )['code'],
        );
        self::assertSame(
            'floor_um', $this->refused('grits', ['limit_um' => 8, 'floor_um' => 9] + self::GRITS)['field'],
        );
    }

    public function test_mix_of_parts_cut_and_two_parts(): void
    {
        $parts = $this->ask('mix', ['kind' => 'parts', 'volume_ml' => 60, 'parts' => [
            ['name' => 'varnish', 'parts' => 1, 'density_g_per_ml' => 0.9],
            ['name' => 'spirits', 'parts' => 1, 'density_g_per_ml' => 0.8],
            ['name' => 'oil', 'parts' => 1],
        ]]);
        self::assertEquals([20, 20, 20], array_column($parts['items'], 'ml'));
        self::assertEquals([18, 16, null], array_column($parts['items'], 'g'));

        self::assertEqualsWithDelta(
            59.9, $this->ask('mix', ['kind' => 'shellac-cut', 'cut_lb' => 2, 'alcohol_ml' => 250])['flakes_g'], 0.05,
        );

        $resin = [
            'kind' => 'two-part', 'volume_ml' => 40, 'ratio' => [2, 1], 'by' => 'volume', 'densities' => [1.1, 0.97],
            'pot_life_minutes' => 30, 'use_minutes' => 61,
        ];
        $answer = $this->ask('mix', $resin);
        self::assertSame(3, $answer['batches']);
        self::assertEqualsWithDelta(26.67, $answer['items'][0]['ml'], 0.005);
        self::assertEqualsWithDelta(26.67 * 1.1, $answer['items'][0]['g'], 0.01);
        self::assertSame('ratio', $this->refused('mix', ['ratio' => [2, 1, 1]] + $resin)['field']);
        self::assertSame('by', $this->refused('mix', ['by' => 'eye'] + $resin)['field']);
        self::assertSame('kind', $this->refused('mix', ['kind' => 'cocktail'])['field']);
        self::assertSame(
            'parts',
            $this->refused(
                'mix', ['kind' => 'parts', 'volume_ml' => 10, 'parts' => [['name' => 'a', 'parts' => 0]]],
            )['field'],
        );
    }

    public function test_stack_gives_a_verdict_for_every_adjacent_pair(): void
    {
        $answer = $this->ask('stack', ['wood' => 'Walnut (black)', 'layers' => [
            ['product' => 'Alcohol dye (powder)'],
            ['product' => 'Wiping varnish (oil-based thinned)', 'denib' => null, 'hours_since_previous' => 2],
            ['product' => 'Wiping varnish (oil-based thinned)', 'denib' => 'steel-wool', 'hours_since_previous' => 10],
            ['product' => 'Paste wax', 'denib' => null, 'hours_since_previous' => 24],
        ]]);
        self::assertSame(['fine', 'fine', 'after-full-cure'], array_column($answer['pairs'], 'verdict'));
        self::assertSame('caution', $answer['verdict']);
        self::assertSame(['under', 'over', 'verdict', 'reason', 'mend', 'said'], array_keys($answer['pairs'][0]));
        self::assertNull($answer['pairs'][0]['mend']);
        self::assertStringContainsString('tannin', $answer['notes'][0]['reason']);
        self::assertEqualsWithDelta(2 * 1000 / 24 * 0.35 - 4, $answer['film_um'], 0.01);
    }

    public function test_one_layer_has_no_pair_and_none_is_refused(): void
    {
        self::assertSame([], $this->ask('stack', ['wood' => null, 'layers' => [['product' => 'Paste wax']]])['pairs']);
        self::assertSame('layers', $this->refused('stack', ['wood' => null, 'layers' => []])['field']);
        self::assertSame(
            'layers.0.denib',
            $this->refused(
                'stack', ['wood' => null, 'layers' => [['product' => 'Paste wax', 'denib' => 'sandblaster']]],
            )['field'],
        );
        self::assertSame(
            'wood', $this->refused('stack', ['wood' => 'Chipboard', 'layers' => [['product' => 'Paste wax']]])['field'],
        );
    }

    public function test_cure_follows_the_readings_and_says_what_it_met(): void
    {
        $question = [
            'needs_hours' => 24, 'q' => 2, 'humidity' => 'water-borne', 'min_c' => 10, 'max_rh_percent' => 80,
            'start' => '2026-12-01T09:00:00Z',
            'climate' => [
                ['at' => '2026-12-01T00:00:00Z', 'temp_c' => 21, 'rh_percent' => 50],
                ['at' => '2026-12-01T21:00:00Z', 'temp_c' => 9.9, 'rh_percent' => 81],
                ['at' => '2026-12-01T22:00:00Z', 'temp_c' => 6, 'rh_percent' => 90],
                ['at' => '2026-12-02T09:00:00Z', 'temp_c' => 21, 'rh_percent' => 75],
            ],
        ];
        $answer = $this->ask('cure', $question);
        // Twelve hours at the reference, twelve too cold, and the last twelve at half speed.
        self::assertSame('2026-12-03T09:00:00Z', $answer['done_at']);
        self::assertEqualsWithDelta(48.0, $answer['elapsed_hours'], 0.001);
        self::assertEqualsWithDelta(12.0, $answer['stalled_hours'], 0.001);
        self::assertCount(3, $answer['warnings']);
        self::assertStringContainsString('falls to 6 °C', $answer['warnings'][0]);
        self::assertStringContainsString('reaches 90 % RH', $answer['warnings'][1]);
        self::assertStringContainsString('dew point (4.5 °C)', $answer['warnings'][2]);

        self::assertSame('2026-12-01T09:00:00Z', $this->ask('cure', ['needs_hours' => 0] + $question)['done_at']);
        self::assertSame(
            'climate.1.at',
            $this->refused('cure', ['climate' => array_reverse($question['climate'])] + $question)['field'],
        );
        self::assertSame('climate', $this->refused('cure', ['climate' => []] + $question)['field']);
        self::assertSame('humidity', $this->refused('cure', ['humidity' => 'wet'] + $question)['field']);
        self::assertSame('start', $this->refused('cure', ['start' => '2026-13-45T09:00:00Z'] + $question)['field']);
    }

    public function test_schedule_answers_in_utc_with_every_promised_field(): void
    {
        $answer = $this->ask('schedule', [
            'start' => '2026-12-01T08:00:00Z',
            'hours' => ['tue' => [['08:00', '12:00']], 'wed' => [['08:00', '12:00']]],
            'closed' => ['2026-12-02'],
            'resources' => ['turner' => 1, 'shelf' => 1],
            'pieces' => [
                ['id' => 'p1', 'due' => '2026-12-01T12:00:00Z', 'weight' => 2, 'tasks' => [
                    [
                        'id' => 'a', 'minutes' => 20, 'needs' => ['turner' => 1], 'after' => [],
                        'holds' => ['shelf' => 1], 'batch' => 'varnish', 'splittable' => false,
                    ],
                    [
                        'id' => 'b', 'minutes' => 30, 'needs' => ['turner' => 1],
                        'after' => [['task' => 'a', 'min_hours' => 4, 'max_hours' => null]], 'holds' => null,
                        'batch' => null,
                    ],
                ]],
            ],
            'seed' => 1,
            'budget_ms' => 1000,
        ]);
        self::assertSame(
            [
                'tasks', 'broken_windows', 'late', 'pieces', 'moved', 'finish', 'lower_bound',
                'weighted_lateness_hours', 'lateness_bound_hours', 'gap', 'proved', 'setups', 'milliseconds',
            ],
            array_keys($answer),
        );
        self::assertSame(
            ['piece' => 'p1', 'id' => 'a', 'start' => '2026-12-01T08:00:00Z', 'end' => '2026-12-01T08:20:00Z'],
            $answer['tasks'][0],
        );
        // Wednesday is closed and no other day has hours: the next Tuesday.
        self::assertSame('2026-12-08T08:00:00Z', $answer['tasks'][1]['start']);
        self::assertSame($answer['finish'], $answer['lower_bound']);
        self::assertEqualsWithDelta(2 * $answer['late'][0]['hours'], $answer['weighted_lateness_hours'], 0.001);
        self::assertNotSame([], $answer['late'][0]['because']);
        self::assertSame(1, $answer['setups']);
    }

    public function test_route_lists_steps_with_reasons_and_conflicts(): void
    {
        $answer = $this->ask('route', OnePart::document([
            'name' => 'Bowl', 'form' => 'shallow-bowl',
            'wood' => 'Oak (white)', 'grain' => 'side',
            'shape' => [
                'outer' => [[0, 40, 'corner'], [30, 90], [60, 110, 'corner']],
                'inner' => [[60, 104, 'corner'], [34, 86], [10, 0]],
            ],
            'coats' => [
                [
                    'zones' => ['outside'],
                    'layers' => [
                        ['product' => 'Paste wax'], ['product' => 'Boiled linseed oil', 'denib' => 'steel-wool'],
                    ],
                ],
            ],
        ]));
        foreach ($answer['steps'] as $step) {
            foreach (['id', 'zone', 'kind', 'title', 'minutes', 'wait', 'hold', 'hazards', 'because'] as $field) {
                self::assertArrayHasKey($field, $step);
            }
        }
        self::assertContains('forbid', array_column($answer['conflicts'], 'severity'));
        self::assertSame(['severity', 'steps', 'message', 'choices', 'said'], array_keys($answer['conflicts'][0]));
    }

    public function test_help_and_the_list_of_verbs(): void
    {
        [$code, $out] = CommandLine::over(Catalogue::shipped())->run([]);
        self::assertSame(0, $code);
        self::assertStringContainsString(
            'measure, emc, drying, truing, grits, ladder, mix, stack, cure, schedule, layout, '
            .'proportions, beads, flutes, facets, texture, piercing, burn, inlay, template, units, dye, '
            .'scorch, route', $out,
        );
        [$code, , $error] = CommandLine::over(Catalogue::shipped())->run(['sharpen']);
        self::assertSame(2, $code);
        self::assertStringContainsString('The verbs are: measure', $error);
    }

    private const GRITS = [
        'tool_mark_um' => 80, 'limit_um' => 12, 'floor_um' => null, 'area_mm2' => 70000, 'pad_mm2' => 1200,
        'hardness_n' => 6000, 'speed_m_s' => 3,
        'max_ratio' => 1.8, 'change_minutes' => 0.5, 'inspect_minutes' => 0.5,
        'available' => ['P80', 'P120', 'P150', 'P180', 'P240', 'P320', 'P400'],
    ];
}
