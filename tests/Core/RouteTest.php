<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\ClimateRecord;
use HonestGrain\Drawing\Elevation;
use HonestGrain\Geometry\Form;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\BadInput;
use HonestGrain\Reading\Document;
use HonestGrain\Route\Behind;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\Promised;
use HonestGrain\Route\Remaining;
use HonestGrain\Route\Route;
use HonestGrain\Route\Step;
use HonestGrain\Safety\Hazard;
use HonestGrain\Words\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RouteTest extends TestCase
{
    private const VARNISH = 'Wiping varnish (oil-based thinned)';

    private const DYE = [
        'id' => 'tide', 'kind' => 'dye', 'on' => 'outer', 'from_mm' => 60, 'to_mm' => 90,
        'product' => 'Water dye (powder)', 'colour' => '#2e4d63',
    ];

    public function test_what_is_watched_or_levelled_carries_its_own_cautions_and_what_waits_says_for_what(): void
    {
        $own = ['part' => 'body', 'on' => 'outer', 'minutes' => 5];
        $steps = Benchwork::steps(Benchwork::piece([Benchwork::bowl(['marks' => [
            Benchwork::mark('inlay', 'inlay', 60, 64), Benchwork::mark('char', 'scorch', 80, 110),
        ]])], ['steps' => [
            $own + ['id' => 'wet', 'title' => 'Wet it', 'wait_hours' => 3, 'after' => ['body.outside/sand']],
            $own + ['id' => 'look', 'title' => 'Look', 'wait_hours' => 0],
        ]]));
        self::assertSame([Hazard::Flame], $steps['char/watch']->setup->hazards);
        self::assertContains(Hazard::Dust, $steps['inlay/level']->setup->hazards);
        self::assertContains(Hazard::HardDust, $steps['inlay/level']->setup->hazards, 'what fills it is dust as well');
        self::assertSame(['watched', 'to set', 'as you set', ''], array_map(
            fn (string $id): string => Told::of($steps[$id]->words->waitFor), ['char', 'inlay', 'wet', 'look'],
        ));
    }

    public function test_a_conflict_says_whether_it_forbids(): void
    {
        self::assertSame(
            'warn', Conflict::warn(['a'], Said::name('Mind it.'), [Said::name('Wait')])->toArray()['severity'],
        );
        self::assertSame(
            'forbid', Conflict::forbid(['a'], Said::name('Not so.'), [Said::name('Wait')])->toArray()['severity'],
        );
    }

    public function test_marks_stand_in_the_order_of_the_craft_whatever_order_they_were_placed_in(): void
    {
        $marks = [self::DYE];
        foreach (['pen-pattern', 'scorch', 'spun-texture', 'flutes', 'v-groove'] as $i => $kind) {
            $marks[] = ['id' => $kind, 'kind' => $kind, 'on' => 'outer', 'from_mm' => 10 * $i, 'to_mm' => 10 * $i + 5];
        }
        $kinds = array_values(
            array_filter(
                array_map(fn (Step $step): string => $step->id, $this->route(['marks' => $marks])->steps),
                fn (string $id): bool => ! str_contains($id, '/') && ! preg_match('/^l\d/', $id),
            ),
        );
        self::assertSame(['v-groove', 'flutes', 'spun-texture', 'scorch', 'pen-pattern', 'tide'], $kinds);
    }

    public function test_every_form_has_a_whole_route_that_ends_ready_with_reasons(): void
    {
        foreach (Form::cases() as $form) {
            $profile = $form->profile(...array_values($form->sizes()));
            $zones = $profile->inner === null ? ['outside', 'top'] : ['outside', 'inside', 'rim'];
            $steps = $this->route(
                [
                    'form' => $form->value, 'shape' => $profile->toArray(),
                    'coats' => [['zones' => $zones, 'layers' => [['product' => 'Oil-varnish blend']], 'buff' => false]],
                ],
            )->steps;
            $ids = array_map(fn (Step $step): string => $step->id, $steps);
            self::assertSame('body/weigh', $ids[count($ids) - 1]);
            self::assertContains('body/cure', $ids);
            self::assertContains('body/sign', $ids);
            if ($form !== Form::Sphere) {
                self::assertGreaterThan(
                    array_search('body/part-off', $ids, true), array_search('body/sign', $ids, true), $form->value,
                );
            }
            foreach ($steps as $i => $step) {
                self::assertNotSame('', Told::of($step->words->because));
                foreach ($step->timing->after as $lag) {
                    self::assertContains($lag->task, array_slice($ids, 0, $i));
                }
            }
        }
    }

    public function test_a_recoat_window_reaches_from_coat_to_coat_past_the_rubbing_between(): void
    {
        $steps = $this->steps(
            [
                'coats' => [
                    [
                        'zones' => ['outside', 'inside', 'rim'],
                        'layers' => [['product' => self::VARNISH], ['product' => self::VARNISH, 'denib' => 'pad']],
                        'buff' => true,
                    ],
                ],
            ],
        );
        $second = $steps['l2'];
        self::assertSame('l1', $second->timing->after[0]->task);
        self::assertSame(
            [4.0, 18.0], [$second->timing->after[0]->wait->minHours, $second->timing->after[0]->wait->maxHours],
        );
        self::assertSame('l2/denib', $second->timing->after[1]->task);
        self::assertSame(504.0, $steps['c1/buff']->timing->after[0]->wait->minHours, 'the wheel');
        self::assertContains('rags', array_map(fn ($hazard): string => $hazard->value, $second->setup->hazards));
        self::assertSame(
            'l2/foot', $steps['c1/buff']->timing->after[0]->task, 'the whole piece, its foot with the rest',
        );
    }

    public function test_food_waits_for_full_cure_and_oily_wood_slows_it(): void
    {
        $oil = [
            'coats' => [
                [
                    'zones' => ['outside', 'inside', 'rim'], 'layers' => [['product' => 'Walnut oil (heat-treated)']],
                    'buff' => false,
                ],
            ],
        ];
        self::assertSame(72.0, $this->steps($oil)['body/cure']->timing->after[0]->wait->minHours);
        self::assertSame(
            720.0, $this->steps($oil + ['purpose' => 'food'])['body/cure']->timing->after[0]->wait->minHours,
        );
        $teak = $this->steps($oil + ['wood' => 'Teak']);
        self::assertSame(180.0, $teak['body/cure']->timing->after[0]->wait->minHours, '2.5 times as long');
        self::assertStringContainsString(
            'every wait is counted 2.5 times', Told::all($teak['l1']->words->how),
        );
    }

    public function test_a_surface_with_a_product_that_is_not_for_food_gets_no_date_for_it(): void
    {
        $coats = fn (string $inside): array => ['purpose' => 'food', 'coats' => [
            [
                'zones' => ['inside'], 'layers' => [['product' => $inside], ['product' => 'Walnut oil (heat-treated)']],
                'buff' => false,
            ],
        ]];
        $refused = $this->steps($coats('Five-minute epoxy'))['body/cure'];
        self::assertSame('Hard enough to be handled', Told::of($refused->words->title));
        self::assertSame([], $refused->setup->hazards);
        self::assertStringContainsString(
            'may hold food', Told::of($this->steps($coats('Walnut oil (heat-treated)'))['body/cure']->words->title),
        );
    }

    public function test_a_colour_step_says_what_is_done_and_with_what(): void
    {
        foreach ([
            'Two-part bleach' => 'Bleach', 'Liming paste (water)' => 'Lime', 'Iron liquor (ebonising)' => 'Ebonise',
            'Water dye (powder)' => 'Dye',
        ] as $product => $action) {
            $step = $this->steps(
                [
                    'marks' => [
                        [
                            'id' => 'm', 'kind' => 'dye', 'on' => 'outer', 'from_mm' => 5, 'to_mm' => 20,
                            'product' => $product,
                        ],
                    ],
                ],
            )['m'];
            self::assertSame("$action, outside", Told::of($step->words->title));
            self::assertStringContainsString(
                'With '.lcfirst($product).'; keep a wet edge', Told::all($step->words->how),
            );
        }
    }

    public function test_an_oil_is_wiped_off_and_a_wax_rubbed_when_it_hazes(): void
    {
        $how = fn (string $product): string => Told::all($this->steps(['coats' => [
            ['zones' => ['outside'], 'layers' => [['product' => $product]], 'buff' => false],
        ]])['l1']->words->how);
        self::assertStringContainsString(
            'Lay it on wet; wipe every trace off from 30 min on, and before 10 h are over.',
            $how('Mineral oil (non-drying)'),
        );
        self::assertStringContainsString('Lay it on thin; rub the haze off from 10 min on', $how('Paste wax'));
    }

    public function test_every_coat_on_the_surface_that_holds_food_must_cure_and_no_other(): void
    {
        $walnut = ['product' => 'Walnut oil (heat-treated)'];
        $steps = $this->steps(['purpose' => 'food', 'coats' => [
            ['zones' => ['inside'], 'layers' => [['product' => 'Raw linseed oil'], $walnut]],
            ['zones' => ['outside', 'rim'], 'layers' => [['product' => self::VARNISH]]],
        ]]);
        $waits = array_column(
            array_map(fn ($lag): array => [$lag->task, $lag->wait->minHours], $steps['body/cure']->timing->after), 1, 0,
        );
        ksort($waits);
        self::assertSame([
            'l1/wipe-off' => 90 * 24.0, 'l2/wipe-off' => 30 * 24.0, 'l3/foot' => 12.0,
        ], $waits, 'the slow oil below counts; outside and foot only have to be handled');
        self::assertStringContainsString('as the label says', Told::of($steps['body/cure']->words->title));
        self::assertSame(['min_hours' => 2160.0, 'max_hours' => null], $steps['body/cure']->toArray()['wait']);
    }

    public function test_an_oil_that_never_cures_gets_no_date_of_cure(): void
    {
        $oil = [
            'coats' => [['zones' => ['outside', 'inside', 'rim'], 'layers' => [['product' => 'Mineral oil and wax']]]],
        ];
        $cure = $this->steps(['purpose' => 'food'] + $oil)['body/cure'];
        self::assertSame(
            'Hard enough to be handled; usable for food at once, as the label says', Told::of($cure->words->title),
        );
        self::assertSame([1.0], array_map(fn ($lag): float => $lag->wait->minHours, $cure->timing->after));
        self::assertStringNotContainsString('food', Told::of($this->steps($oil)['body/cure']->words->title));
    }

    public function test_a_bare_piece_waits_for_no_coat(): void
    {
        $steps = $this->steps(['purpose' => 'food', 'coats' => []]);
        self::assertArrayNotHasKey('body/cure', $steps);
        self::assertSame('body/sign', $steps['body/weigh']->timing->after[0]->task);
        self::assertContains(Hazard::FoodClaim, $steps['body/weigh']->setup->hazards);
        foreach ($steps as $step) {
            self::assertDoesNotMatchRegularExpression('/\bcoat/', Told::of($step->words->because), $step->id);
        }
    }

    public function test_waxing_waits_days_and_the_wheel_weeks(): void
    {
        $plan = fn (?string $with, string ...$products): array => [
            'coats' => [
                [
                    'zones' => ['outside', 'inside', 'rim'],
                    'layers' => array_map(fn (string $p): array => ['product' => $p], $products),
                    'buff' => $with !== null,
                ] + ($with === null ? [] : ['buff_with' => $with]),
            ],
        ];
        $wait = fn (array $more, string $step): float => $this->steps($more)[$step]->timing->after[0]->wait->minHours;
        self::assertSame(
            168.0, $wait($plan(null, 'Walnut oil (heat-treated)', 'Paste wax'), 'l2'),
            'a week, not a month',
        );
        self::assertSame(168.0, $wait($plan('hand', 'Walnut oil (heat-treated)'), 'c1/buff'));
        self::assertSame(720.0, $wait($plan('wheel', 'Walnut oil (heat-treated)'), 'c1/buff'));
        self::assertSame(
            1.0,
            $wait(
                [
                    'coats' => [
                        [
                            'zones' => ['outside', 'inside', 'rim'], 'layers' => [['product' => 'Paste wax']],
                            'buff' => true,
                        ],
                    ],
                ],
                'c1/buff',
            ),
            'wax is buffed by hand where nothing is said',
        );
        $answer = $this->steps($plan('wheel', 'Walnut oil (heat-treated)'))['c1/buff']->toArray();
        self::assertSame(['min_hours' => 720.0, 'max_hours' => null], $answer['wait']);
    }

    public function test_minutes_follow_the_surface(): void
    {
        $minutes = function (float $diameter): array {
            $coats = [
                [
                    'zones' => ['outside', 'inside', 'rim'],
                    'layers' => [['product' => self::VARNISH], ['product' => self::VARNISH, 'denib' => 'pad']],
                ],
            ];
            $marks = [['id' => 'pen', 'kind' => 'pen-pattern', 'on' => 'outer', 'from_mm' => 60, 'to_mm' => 80]];
            $steps = $this->steps(
                [
                    'shape' => Form::ShallowBowl->profile($diameter, 70, 90, 7)->toArray(), 'coats' => $coats,
                    'marks' => $marks,
                ],
            );

            return array_map(
                fn (string $id): float => $steps[$id]->timing->minutes,
                ['l1', 'l2/denib', 'pen'],
            );
        };
        foreach ($minutes(200) as $i => $small) {
            self::assertGreaterThan($small, $minutes(320)[$i]);
        }
    }

    /** @param  list<string>  $hazards */
    #[DataProvider('colours')]
    public function test_a_colour_brings_the_cautions_of_its_own_class(
        string $product,
        array $hazards,
        string $how,
    ): void {
        $step = $this->steps(['marks' => [['product' => $product] + self::DYE]])['tide'];
        self::assertSame($hazards, array_map(fn (Hazard $hazard): string => $hazard->value, $step->setup->hazards));
        self::assertStringContainsString($how, Told::all($step->words->how));
    }

    /** @return iterable<string, array{string, list<string>, string}> */
    public static function colours(): iterable
    {
        yield 'powder in water' => ['Water dye (powder)', ['dye-powder'], ''];
        yield 'a concentrate has no powder' => ['Concentrate in water', [], ''];
        yield 'alcohol burns' => ['Alcohol dye (powder)', ['dye-powder', 'solvent-vapour', 'flame'], ''];
        yield 'bleach bites' => ['Two-part bleach', ['caustic'], 'Neutralise'];
        yield 'iron liquor bites' => ['Iron liquor (ebonising)', ['caustic', 'iron-liquor'], 'neutralise'];
        yield 'rags of an oil stain heat' => ['Pigment wiping stain', ['solvent-vapour', 'rags'], ''];
    }

    public function test_dust_of_a_wood_that_sensitises_is_named_where_it_is_made(): void
    {
        foreach ([
            'Redcedar (western)' => Hazard::OilyWoodDust, 'Teak' => Hazard::OilyWoodDust,
            'Maple (sugar)' => Hazard::Dust,
        ] as $wood => $hazard) {
            foreach (['body.outside/sand', 'body/wipe-clean', 'body/part-off'] as $step) {
                self::assertContains($hazard, $this->steps(['wood' => $wood])[$step]->setup->hazards, "$wood, $step");
            }
        }
    }

    public function test_the_end_under_the_tail_centre_is_sanded_and_coated_once_it_is_free(): void
    {
        $spindle = [
            'form' => 'spindle', 'grain' => 'end', 'holding' => 'between-centres',
            'shape' => Form::Spindle->profile(45, 260, 40, 0)->toArray(),
            'coats' => [['zones' => ['outside', 'top'], 'layers' => [['product' => 'Oil-varnish blend']]]],
        ];
        $steps = $this->steps($spindle);
        self::assertSame(
            ['lap', null], [$steps['body.top/sand']->setup->mount?->value, $steps['body.top/sand']->setup->rpm],
        );
        self::assertContains(
            'body/part-off', array_map(fn ($lag): string => $lag->task, $steps['body.top/sand']->timing->after),
        );
        self::assertSame(['outside', 'top', 'foot'], $steps['l1']->work->zones());
        $last = $this->steps(['school' => ['tenon' => 'last']] + $spindle);
        self::assertSame(['outside'], $last['l1']->work->zones());
        self::assertSame(['foot', 'top'], $last['l1/foot']->work->zones());
        self::assertArrayHasKey('body/part-off/mount', $last);
        self::assertArrayNotHasKey('body/part-off/mount', $steps, 'so it goes before the coats');
        self::assertSame(
            'tenon', $this->steps(['holding' => 'tenon'] + $spindle)['body.top/sand']->setup->mount?->value,
        );
    }

    public function test_water_raises_the_grain_before_the_first_wet_step(): void
    {
        self::assertArrayHasKey('body/raise-grain', $this->steps(['marks' => [self::DYE]]));
        self::assertArrayNotHasKey('body/raise-grain', $this->steps([]));
    }

    public function test_contradictions_are_said_with_choices(): void
    {
        $said = fn (array $more): string => implode(
            ' ',
            array_map(
                fn ($c): string => ($c->forbids ? 'FORBID ' : 'WARN ').Told::of($c->message).' '.implode(
                    '|', Told::each($c->choices),
                ),
                $this->route($more)->conflicts,
            ),
        );
        $coats = fn (string ...$products): array => [
            'coats' => [
                [
                    'zones' => ['outside', 'inside', 'rim'],
                    'layers' => array_map(fn (string $p): array => ['product' => $p], $products), 'buff' => false,
                ],
            ],
        ];
        self::assertStringContainsString(
            'FORBID Wiping varnish (oil-based thinned) over Paste wax: nothing sticks over wax',
            $said($coats('Paste wax', self::VARNISH)),
        );
        self::assertStringContainsString(
            'What comes on it asks for grains of 26.5 µm or finer, the dye for 32.0',
            $said(
                ['wood' => 'Maple (sugar)', 'marks' => [self::DYE]] + $coats('Friction polish (shellac oil alcohol)'),
            ),
        );
        self::assertStringContainsString(
            'would be dragged about',
            $said(
                ['marks' => [['product' => 'Alcohol dye (powder)'] + self::DYE]] + $coats('Dewaxed shellac (2 lb cut)'),
            ),
        );
        self::assertStringContainsString(
            'lie on the same place',
            $said(
                [
                    'marks' => [
                        ['id' => 'a', 'kind' => 'flutes', 'on' => 'outer', 'from_mm' => 10, 'to_mm' => 30],
                        ['id' => 'b', 'kind' => 'scorch', 'on' => 'outer', 'from_mm' => 20, 'to_mm' => 40],
                    ],
                ],
            ),
        );
        self::assertStringContainsString(
            'size falls by', $said(['surface' => ['own' => ['outside' => ['P80', 'P320']]]]),
        );
        self::assertSame('', $said($coats(self::VARNISH, self::VARNISH)));
        self::assertStringContainsString(
            'WARN Iron liquor (ebonising) over Ash (white): it needs tannin',
            $said(['marks' => [['product' => 'Iron liquor (ebonising)'] + self::DYE]]),
        );
        $iron = ['id' => 'iron', 'product' => 'Iron liquor (ebonising)'] + self::DYE;
        $stain = ['id' => 'stain', 'product' => 'Pigment wiping stain'] + self::DYE;
        self::assertStringContainsString(
            'wakes the lower one', $said(['marks' => [self::DYE, ['id' => 'again'] + self::DYE]]),
        );
        self::assertStringNotContainsString(
            'keeps it off', $said(['marks' => [$stain, $iron]]), 'the route puts the stain last',
        );
        $bleach = ['id' => 'pale', 'product' => 'Two-part bleach'] + self::DYE;
        self::assertStringContainsString(
            'Bleach takes burnt lines out',
            $said(
                [
                    'marks' => [
                        $bleach,
                        ['id' => 'pen', 'kind' => 'pen-pattern', 'on' => 'outer', 'from_mm' => 70, 'to_mm' => 80],
                    ],
                ],
            ),
        );
        self::assertStringNotContainsString(
            'Bleach',
            $said(
                [
                    'marks' => [
                        $bleach,
                        ['id' => 'pen', 'kind' => 'pen-pattern', 'on' => 'outer', 'from_mm' => 10, 'to_mm' => 20],
                    ],
                ],
            ),
        );
        self::assertStringContainsString(
            'FORBID Five-minute epoxy is not for food', $said(['purpose' => 'food'] + $coats('Five-minute epoxy')),
        );
        self::assertStringNotContainsString('not for food', $said($coats('Five-minute epoxy')));
    }

    public function test_what_is_left_counts_running_waits_and_hands_skipped_ones_on(): void
    {
        $route = $this->route(
            [
                'coats' => [
                    [
                        'zones' => ['outside', 'inside', 'rim'],
                        'layers' => [
                            ['product' => self::VARNISH], ['product' => self::VARNISH, 'denib' => 'pad'],
                            ['product' => self::VARNISH],
                        ],
                        'buff' => false,
                    ],
                ],
            ],
        );
        $clock = Drawn::clock(ClimateRecord::of([[0, 21.0, 50.0]]));
        $done = [];
        foreach ($route->steps as $step) {
            $done[$step->id] = 1_000_000_020;
            if ($step->id === 'l1') {
                break;
            }
        }
        $tasks = fn (array $skipped): array => array_column(
            Remaining::of(
                new Promised('1', 'Ebb bowl'), $route, new Behind($done, $skipped), $clock, 100,
            )->tasks, null, 'id',
        );
        $second = $tasks([])['l2'];
        self::assertSame(1_000_000_020 + 4 * 3600, $second->bounds->notBefore);
        self::assertSame(1_000_000_020 + 18 * 3600, $second->bounds->notAfter);
        $third = $tasks(['l2' => true, 'l2/denib' => true])['l3'];
        self::assertSame(1_000_000_020 + 4 * 3600, $third->bounds->notBefore);
        self::assertSame([], $third->after);
    }

    public function test_a_document_survives_reading_and_writing(): void
    {
        $first = $this->piece(
            [
                'marks' => [self::DYE], 'surface' => ['tool_mark_um' => 60, 'own' => ['rim' => ['P120', 'CAMI 220']]],
                'due_at' => '2026-12-12T17:00:00Z', 'note' => 'for the door',
            ],
        )->toArray();
        $json = json_encode($first, JSON_THROW_ON_ERROR);
        self::assertSame(
            $json, json_encode(Piece::read(Document::decode($json), Tables::of(Catalogue::shipped()))->toArray()),
        );
    }

    /** @param  array<string, mixed>  $more */
    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused_by_name(array $more, string $field): void
    {
        try {
            $this->piece($more);
            self::fail('It was taken.');
        } catch (BadInput $e) {
            self::assertSame($field, $e->field, $e->getMessage());
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function nonsense(): iterable
    {
        yield 'format' => [['format' => 'other'], 'format'];
        yield 'version' => [['version' => 3], 'version'];
        yield 'wood' => [['wood' => 'Unobtainium'], 'parts.0.wood'];
        yield 'grit' => [['surface' => ['own' => ['outside' => ['120']]]], 'parts.0.surface.own.outside.0'];
        yield 'zone' => [['surface' => ['own' => ['lid' => ['P120']]]], 'parts.0.surface.own.lid'];
        yield 'mark off the piece' => [['marks' => [['from_mm' => 500, 'to_mm' => 510] + self::DYE]], 'bands.tide'];
        yield 'mark twice' => [['marks' => [self::DYE, self::DYE]], 'parts.0.marks.1.id'];
        yield 'colour' => [['marks' => [['colour' => 'blue'] + self::DYE]], 'parts.0.marks.0.settings.colour'];
        yield 'product' => [
            ['coats' => [['zones' => ['outside'], 'layers' => [['product' => 'Ketchup']]]]],
            'parts.0.coats.0.layers.0.product',
        ];
        yield 'zone twice' => [
            ['coats' => [['zones' => ['outside'], 'layers' => []], ['zones' => ['outside'], 'layers' => []]]],
            'parts.0.coats.1.zones.0',
        ];
    }

    public function test_the_true_size_drawing_is_as_large_as_the_piece(): void
    {
        $piece = $this->piece(
            [
                'marks' => [
                    self::DYE, ['id' => 'ring', 'kind' => 'v-groove', 'on' => 'rim', 'from_mm' => 1, 'to_mm' => 3],
                ],
            ],
        );
        $svg = new \SimpleXMLElement(Elevation::of($piece->body(), '<Bowl & "co">')->trueSize());
        [, , $width, $height] = array_map(floatval(...), explode(' ', (string) $svg['viewBox']));
        self::assertSame([$width.'mm', $height.'mm'], [(string) $svg['width'], (string) $svg['height']]);
        self::assertGreaterThan($piece->body()->profile->diameterMm(), $width);
        self::assertLessThan($piece->body()->profile->diameterMm() * 1.4, $width);
    }

    /** @param  array<string, mixed>  $more */
    private function piece(array $more): Piece
    {
        return Piece::read(Document::of(OnePart::document($more + [
            'name' => 'Bowl', 'form' => 'shallow-bowl',
            'wood' => 'Ash (white)', 'grain' => 'side',
            'shape' => Form::ShallowBowl->profile(260, 70, 90, 7)->toArray(), 'coats' => [
                [
                    'zones' => ['outside', 'inside', 'rim'], 'layers' => [['product' => 'Oil-varnish blend']],
                    'buff' => false,
                ],
            ],
        ])), Tables::of(Catalogue::shipped()));
    }

    /** @param  array<string, mixed>  $more */
    private function route(array $more): Route
    {
        return Route::of($this->piece($more), Bench::usual(Catalogue::shipped()), Tables::of(Catalogue::shipped()));
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, Step>
     */
    private function steps(array $more): array
    {
        return array_column($this->route($more)->steps, null, 'id');
    }
}
