<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Geometry\Face;
use HonestGrain\Piece\Piece;
use HonestGrain\Rack\BlankForm;
use HonestGrain\Reading\Document;
use HonestGrain\Route\Behind;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\ConflictCode;
use HonestGrain\Route\DoneWork;
use HonestGrain\Route\Past;
use HonestGrain\Route\Promised;
use HonestGrain\Route\Remaining;
use HonestGrain\Route\Route;
use HonestGrain\Route\SchoolOffer;
use HonestGrain\Route\SchoolWay;
use HonestGrain\Route\Step;
use HonestGrain\Route\StepKind;
use HonestGrain\Schedule\Task;
use HonestGrain\Words\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The order of work comes from what each operation needs and leaves: each sentence of the craft by itself. */
final class DerivedRouteTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $document
     * @param  list<string>  $order  steps that stand in this order, others between
     */
    #[DataProvider('sentences')]
    public function test_it_comes_in_this_order(array $document, array $order): void
    {
        $ids = array_keys(Benchwork::steps($document));
        self::assertSame([], array_diff($order, $ids), 'every step is there');
        self::assertSame($order, array_values(array_intersect($ids, $order)));
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function sentences(): iterable
    {
        $oiled = ['coats' => [Benchwork::coats('c1', Benchwork::ALL, Benchwork::OIL, Benchwork::OIL)]];
        $bowl = fn (array $part, array $more = []): array => Benchwork::piece([Benchwork::bowl($part)], $more);
        yield 'the inside is finished while there is mass outside it' => [
            Benchwork::box([], 'blank'),
            ['body/tenon', 'body.inside/hollow', 'body.inside/sand', 'body.outside/shape', 'body.outside/sand'],
        ];
        yield 'or the outside first, by choice' => [
            ['school' => ['inside' => 'later']] + Benchwork::box([], 'blank'),
            ['body.outside/shape', 'body.inside/hollow', 'body.inside/sand'],
        ];
        yield 'a bowl from a blank' => [
            $bowl($oiled, ['starts_as' => 'blank']),
            [
                'body/mount', 'body/rough', 'body/tenon', 'body.outside/shape', 'body.outside/sand', 'body/reverse',
                'body.inside/hollow', 'body.inside/sand', 'body/wipe-clean', 'c1-1', 'c1-2', 'body/reverse-foot',
                'body/part-off', 'body.foot/sand',
            ],
        ];
        yield 'a rough-out is trued, then turned to its last shape' => [
            $bowl($oiled, ['starts_as' => 'roughed']),
            ['body/mount', 'body/true', 'body.outside/shape', 'body/reverse', 'body.inside/hollow', 'body.inside/sand'],
        ];
        yield 'a base finished, even coated, before reversing' => [
            $bowl(['holding' => 'recess', 'coats' => [
                Benchwork::coats('c1', ['outside', 'foot'], Benchwork::OIL),
                Benchwork::coats('c2', ['inside', 'rim'], Benchwork::OIL),
            ]], ['starts_as' => 'blank', 'school' => ['underside' => 'coated-before-reversing']]),
            [
                'body/recess', 'body.outside/sand', 'body.foot/sand', 'c1/wipe-clean', 'c1-1', 'c1-1/wipe-off',
                'body/reverse', 'body.inside/hollow', 'body.inside/sand', 'body/wipe-clean', 'c2-1',
            ],
        ];
        yield 'a sealer, then sanding, as the maker wants it' => [
            $bowl(['coats' => [Benchwork::coats('c1', Benchwork::ALL, 'Shellac sanding sealer', Benchwork::VARNISH)]], [
                'order' => [['c1-1', 'body.outside/sand']],
            ]),
            ['c1-1', 'body.outside/sand', 'c1-2'],
        ];
        yield 'a sealer before all sanding, by school' => [
            $bowl(['coats' => [Benchwork::coats('c1', Benchwork::ALL, 'Shellac sanding sealer', Benchwork::VARNISH)]], [
                'school' => ['sealer' => 'before-sanding'],
            ]),
            ['c1-1', 'body.inside/sand', 'body.rim/sand', 'body.outside/sand', 'c1-2'],
        ];
        $flaw = fn (string $kind, string $wish, array $more = []): array => ['features' => [$more + [
            'id' => 'f1', 'kind' => $kind, 'on' => 'outer', 'from_mm' => 20, 'to_mm' => 50, 'wish' => $wish,
            'azimuth_deg' => [0, 20], 'width_mm' => 1.5, 'depth_mm' => 4,
        ]]];
        yield 'thin CA on a soft patch, a shear scrape, then sanding' => [
            $bowl($flaw('soft', 'stabilise') + $oiled), ['f1', 'f1/scrape', 'body.outside/sand'],
        ];
        yield 'powder and CA in a crack, cut back, sanded, then colour and oil' => [
            $bowl($flaw('crack', 'fill', ['with' => 'powder-ca']) + $oiled + [
                'marks' => [Benchwork::mark('m1', 'dye', 20, 60)],
            ]),
            ['f1', 'f1/cut-back', 'body.outside/sand', 'm1', 'c1-1'],
        ];
        foreach (['beads', 'burnt-line', 'coves'] as $technique) {
            yield "$technique on a sanded rim" => [
                $bowl(['marks' => [Benchwork::mark('m1', $technique, 2, 5, 'rim')]] + $oiled),
                ['body.rim/sand', 'm1', 'body/wipe-clean', 'c1-1'],
            ];
        }
        $dye = fn (string $id, string $colour): array => Benchwork::mark($id, 'dye', 20, 60, 'outer', [
            'product' => 'Alcohol dye (powder)', 'colour' => $colour,
        ]);
        yield 'three dyes, dark to light, with sanding back between' => [
            $bowl(['marks' => [$dye('a', '#f0c020'), $dye('b', '#101010'), $dye('c', '#b01818')]] + $oiled),
            ['body.outside/sand', 'b', 'b/sand-back', 'c', 'c/sand-back', 'a', 'c1-1'],
        ];
        yield 'liner, water test, drips, then the outside' => [
            Benchwork::vase(), ['j1/fit', 'j1/glue', 'c1-1', 'c1-1/water-test', 'c1-1/drips', 'c2-1', 'c2-2'],
        ];
        yield 'or the outside first, by the maker’s order' => [
            Benchwork::vase(['order' => [['c2-1', 'c1-1'], ['c2-2', 'c1-1']]]),
            ['c2-1', 'c2-2', 'c1-1', 'c1-1/water-test'],
        ];
        yield 'or by school' => [Benchwork::vase(['school' => ['liner' => 'last']]), ['c2-1', 'c2-2', 'c1-1']];
        yield 'parts glued before what needs them joined' => [
            Benchwork::vase(), ['j1/glue', 'c1-1', 'body/part-off', 'body.foot/sand'],
        ];
        yield 'paste on the spinning lathe, wiped off, then polish, then the tenon goes' => [
            $bowl(['coats' => [
                Benchwork::coats('c1', Benchwork::ALL, 'Abrasive paste (wax carried)', Benchwork::POLISH),
            ]]),
            ['body.outside/sand', 'c1-1', 'c1-1/wipe-clean', 'c1-2', 'body/reverse', 'body/part-off'],
        ];
        yield 'wax after the foot’s coat' => [
            $bowl(['coats' => [Benchwork::coats('c1', Benchwork::ALL, Benchwork::OIL, 'Paste wax')]]),
            ['c1-1', 'body/part-off', 'body.foot/sand', 'c1-1/foot', 'c1-2'],
        ];
        yield 'a lid fitted before film, eased off once it has built' => [
            Benchwork::box(), ['lid/part-off', 'j1/fit', 'c1-1', 'c1-2', 'j1/ease', 'body/weigh'],
        ];
        yield 'what is eased off a lid is dust, which is off before its coat' => [
            Benchwork::box(), ['lid/part-off', 'lid.foot/sand', 'j1/fit', 'lid/wipe-clean', 'c2-1'],
        ];
        yield 'the story of a lidded box, dyed three times' => [
            Benchwork::box([$dye('a', '#f0c020'), $dye('b', '#101010'), $dye('c', '#b01818')]),
            [
                'body.inside/sand', 'body.outside/sand', 'b', 'b/sand-back', 'c', 'c/sand-back', 'a', 'lid/part-off',
                'j1/fit', 'body/wipe-clean', 'c1-1', 'c1-2', 'body/part-off', 'c1-2/foot', 'j1/ease', 'body/weigh',
            ],
        ];
        yield 'tenon off last' => [$bowl($oiled), ['c1-1', 'c1-2', 'body/reverse', 'body/part-off', 'c1-2/foot']];
        yield 'or early, where the foot is coated with the rest' => [
            $bowl(['coats' => [
                Benchwork::coats('c1', [...Benchwork::ALL, 'foot'], Benchwork::OIL, Benchwork::OIL),
            ]]),
            ['body/reverse', 'body/part-off', 'body.foot/sand', 'body/wipe-clean', 'c1-1', 'c1-2'],
        ];
        yield 'flame before colour anywhere on the part' => [
            $bowl(['marks' => [Benchwork::mark('d', 'dye', 70, 90), Benchwork::mark('s', 'scorch', 10, 30)]] + $oiled),
            ['s', 'd', 'c1-1'],
        ];
    }

    public function test_a_wood_left_unsanded_is_not_sanded_and_still_coated(): void
    {
        $steps = Benchwork::steps(Benchwork::piece([Benchwork::bowl([
            'surface' => ['unsanded' => ['outside']],
            'coats' => [Benchwork::coats('c1', Benchwork::ALL, Benchwork::OIL)],
        ])]));
        self::assertArrayNotHasKey('body.outside/sand', $steps);
        self::assertContains(Face::Outside, $steps['c1-1']->work->faces);
    }

    public function test_an_oil_is_wiped_off_within_its_window_and_minutes_follow_the_area(): void
    {
        $of = function (float $scale): array {
            $shape = Benchwork::bowl()['shape'];
            foreach (['outer', 'inner'] as $curve) {
                $shape[$curve] = array_map(
                    fn (array $node): array => [$node[0] * $scale, $node[1] * $scale, ...array_slice($node, 2)],
                    $shape[$curve],
                );
            }
            $plan = Benchwork::coats('c1', Benchwork::ALL, Benchwork::OIL, Benchwork::OIL);
            $plan['layers'][1]['denib'] = 'pad';

            return Benchwork::steps(Benchwork::piece([Benchwork::bowl(['shape' => $shape, 'coats' => [$plan]])]));
        };
        [$small, $large] = [$of(0.6), $of(1.2)];
        $wipe = $large['c1-1/wipe-off'];
        // 15 to 45 minutes after it was laid on.
        self::assertSame(['c1-1', 0.25, 0.75], [
            $wipe->timing->after[0]->task, $wipe->timing->after[0]->wait->minHours,
            $wipe->timing->after[0]->wait->maxHours,
        ]);
        self::assertSame('wipe-off', $wipe->work->technique);
        self::assertContains('rags', array_map(fn ($hazard): string => $hazard->value, $wipe->setup->hazards));
        foreach (['c1-1', 'c1-1/wipe-off', 'c1-2/denib'] as $id) {
            self::assertGreaterThan($small[$id]->timing->minutes, $large[$id]->timing->minutes, $id);
        }
    }

    public function test_turning_is_priced_by_what_comes_off_and_what_is_finish_cut(): void
    {
        $wood = fn (string $wood): array => Benchwork::steps(Benchwork::piece(
            [Benchwork::bowl(['wood' => $wood])], ['starts_as' => 'blank'],
        ));
        $ash = $wood('Ash (white)');
        // By hand: 280 mm across and 96 long less the solid of the outside is 2,541 cm³, over 200 cm³ a minute
        // × (286/200)^½ × (3000/5872)^½ = 171; a minute for each 100 of 842 cm², the rest set, one sharpening.
        self::assertEqualsWithDelta(2 + 2541 / 171 + 8.42 + 2, $ash['body.outside/shape']->timing->minutes, 1.0);
        self::assertStringContainsString(
            '14.9 min for 2,541 cm³ of wood at 171 cm³/min; 8.4 min for the last cut over 842 cm²; 2 min at the',
            Told::of($ash['body.outside/shape']->words->reckoning[0]),
        );
        self::assertGreaterThan(
            $wood('Basswood (American)')['body.inside/hollow']->timing->minutes,
            $ash['body.inside/hollow']->timing->minutes,
        );
        // 9 m/s at a rim of 280 mm is 614 rpm.
        self::assertSame(610, $ash['body.outside/shape']->setup->rpm);
        $turned = Benchwork::steps(Benchwork::piece([Benchwork::bowl()]));
        self::assertSame([], array_filter($turned, fn (Step $step): bool => $step->kind === StepKind::Turn));
    }

    public function test_what_the_rules_forbid_is_refused_with_the_reason_and_the_nearest_place(): void
    {
        $document = Benchwork::piece([Benchwork::bowl([
            'coats' => [Benchwork::coats('c1', Benchwork::ALL, Benchwork::OIL)],
        ])]);
        $plain = Benchwork::route($document);
        $asked = Benchwork::route(['order' => [['c1-1', 'body.outside/sand']]] + $document);
        self::assertSame(self::ids($plain), self::ids($asked), 'the order stands as it was');
        self::assertCount(1, $asked->conflicts);
        $conflict = $asked->conflicts[0];
        self::assertTrue($conflict->forbids);
        self::assertSame(['c1-1', 'body.outside/sand'], $conflict->steps);
        self::assertStringContainsString('Sanding goes through a coat in patches', Told::of($conflict->message));
        self::assertStringContainsString('The earliest place', Told::of($conflict->choices[0]));
        self::assertNull($asked->withoutDate(), 'a wish that is not followed costs no date');
    }

    /** @param  array<string, mixed>  $document */
    #[DataProvider('forbidden')]
    public function test_each_rule_forbids_by_itself(array $document, string $first, string $later, string $says): void
    {
        $route = Benchwork::route(['order' => [[$first, $later]]] + $document);
        $at = array_flip(self::ids($route));
        $refused = array_values(array_filter(
            $route->conflicts, fn (Conflict $one): bool => $one->code === ConflictCode::Order,
        ));
        self::assertCount(1, $refused, "$first before $later");
        self::assertStringContainsString($says, Told::of($refused[0]->message));
        self::assertGreaterThan($at[$later], $at[$first]);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string, string}> */
    public static function forbidden(): iterable
    {
        $oiled = ['coats' => [Benchwork::coats('c1', Benchwork::ALL, Benchwork::OIL)]];
        $flaw = fn (string $kind, string $wish): array => ['features' => [[
            'id' => 'f1', 'kind' => $kind, 'on' => 'outer', 'from_mm' => 20, 'to_mm' => 50, 'wish' => $wish,
            'width_mm' => 0.2,
        ]]];
        $bowl = fn (array $part, array $more = []): array => Benchwork::piece([Benchwork::bowl($part)], $more);
        $sand = 'body.outside/sand';
        yield 'a fill is sanded' => [$bowl($flaw('crack', 'fill') + $oiled), $sand, 'f1', 'stands proud'];
        yield 'stiff wood is sanded' => [$bowl($flaw('knot', 'stabilise') + $oiled), $sand, 'f1', 'stands proud'];
        yield 'nothing holds in oil' => [$bowl($flaw('crack', 'fill') + $oiled), 'c1-1', 'f1', 'oiled or coated'];
        yield 'torn wood is cut, then sanded' => [$bowl($flaw('torn', 'cut-away')), $sand, 'f1', 'stands proud'];
        foreach (['flutes', 'burnt-line', 'pen-pattern', 'scorch', 'dye'] as $technique) {
            $marked = ['marks' => [Benchwork::mark('m1', $technique, 20, 50)]] + $oiled;
            yield "$technique on sanded wood" => [$bowl($marked), 'm1', $sand, '.'];
            yield "$technique on bare wood" => [$bowl($marked), 'c1-1', 'm1', '.'];
        }
        $polished = ['coats' => [Benchwork::coats('c1', Benchwork::ALL, Benchwork::POLISH)]];
        yield 'polish before the tenon goes' => [$bowl($polished), 'body/part-off', 'c1-1', 'the hold that comes off'];
        yield 'the foot once it is cut' => [$bowl($oiled), 'body.foot/sand', 'body/part-off', 'last shape'];
        yield 'the name once there is a foot' => [$bowl($oiled), 'body/sign', 'body/part-off', 'no foot'];
        yield 'a hollow on its hold' => [
            $bowl($oiled, ['starts_as' => 'blank']), 'body.inside/hollow', 'body/tenon', 'will carry it',
        ];
        yield 'round before it is shaped' => [
            $bowl($oiled, ['starts_as' => 'blank']), 'body.outside/shape', 'body/rough', 'does not run true',
        ];
        yield 'shaped before it is sanded' => [
            $bowl($oiled, ['starts_as' => 'blank']), $sand, 'body.outside/shape', 'last shape',
        ];
        yield 'a lid fitted before its coats' => [Benchwork::box(), 'c1-1', 'j1/fit', 'glue it shut'];
        yield 'a liner after its plug' => [Benchwork::vase(), 'c1-1', 'j1/glue', 'bare wood'];
        yield 'a liner before it is proved' => [Benchwork::vase(), 'c1-1/water-test', 'c1-1', 'whitens'];
    }

    public function test_a_part_is_not_clamped_before_its_coats_are_firm(): void
    {
        $steps = Benchwork::steps(Benchwork::piece([Benchwork::bowl([
            'holding' => 'recess', 'coats' => [Benchwork::coats('c1', Benchwork::ALL, Benchwork::VARNISH)],
        ])]));
        self::assertSame(['c1-1', 48.0], [
            $steps['body/reverse']->timing->after[0]->task, $steps['body/reverse']->timing->after[0]->wait->minHours,
        ]);
    }

    public function test_what_they_warn_of_is_done_and_said(): void
    {
        $route = Benchwork::route(Benchwork::piece([Benchwork::bowl([
            'marks' => [Benchwork::mark('d', 'dye', 20, 60), Benchwork::mark('p', 'pen-pattern', 30, 50)],
        ])], ['order' => [['d', 'p']]]));
        $at = array_flip(self::ids($route));
        self::assertLessThan($at['p'], $at['d']);
        $said = array_values(array_filter($route->conflicts, fn (Conflict $one): bool => $one->steps === ['d', 'p']));
        self::assertCount(1, $said);
        self::assertFalse($said[0]->forbids);
        self::assertStringContainsString('after everything that cuts or burns', Told::of($said[0]->message));
    }

    public function test_every_reason_is_said_at_its_step_in_the_words_of_what_would_suffer(): void
    {
        $steps = Benchwork::steps(Benchwork::piece([Benchwork::bowl([
            'marks' => [Benchwork::mark('m', 'flutes', 20, 60)],
            'coats' => [Benchwork::coats('c1', Benchwork::ALL, Benchwork::OIL)],
        ])]));
        $reasons = fn (string $id): array => array_column(array_map(
            fn ($one): array => [$one->after, Told::of($one->because)], $steps[$id]->timing->reasons,
        ), 1, 0);
        self::assertStringContainsString('not sanded afterwards', $reasons('m')['body.outside/sand']);
        self::assertStringContainsString('Cut through a coat, its edge chips', $reasons('c1-1')['m']);
        self::assertStringContainsString('hold that comes off', $reasons('body/part-off')['m']);
    }

    public function test_work_done_stays_and_the_rest_goes_on_from_where_the_part_sits(): void
    {
        $document = Benchwork::piece([Benchwork::bowl([
            'coats' => [Benchwork::coats('c1', Benchwork::ALL, Benchwork::OIL, Benchwork::OIL)],
        ])]);
        $straight = Benchwork::route($document);
        $ids = self::ids($straight);
        foreach ([3, 6, 9] as $count) {
            $done = array_slice($ids, 0, $count);
            self::assertSame($ids, self::ids(Benchwork::route($document, $done)), 'as the route has it');
        }
        // The tenon was taken off before the second coat: nothing asks for it again, nor for wiping the first one off.
        $done = ['body/mount', 'body.inside/sand', 'body.rim/sand', 'body.outside/sand', 'body/wipe-clean', 'c1-1',
            'body/reverse', 'body/part-off'];
        $left = array_slice(self::ids(Benchwork::route($document, $done)), count($done));
        self::assertSame($done, array_slice(self::ids(Benchwork::route($document, $done)), 0, count($done)));
        self::assertSame('body.foot/sand', $left[0], 'it still sits with its foot outwards');
        self::assertNotContains('body/reverse', $left);
        self::assertContains('c1-2', $left);
        // A coat that was done over one whose wiping was never logged: the wiping is past.
        $left = self::ids(Benchwork::route($document, [...array_slice($done, 0, 6), 'c1-2']));
        self::assertNotContains('c1-1/wipe-off', $left);
    }

    public function test_a_coat_that_was_taken_out_of_the_plan_is_still_on_the_wood(): void
    {
        $document = Benchwork::piece([Benchwork::bowl(['features' => [[
            'id' => 'crack', 'kind' => 'crack', 'on' => 'outer', 'from_mm' => 20, 'to_mm' => 50, 'wish' => 'fill',
        ]]])]);
        $tables = Drawn::tables();
        $said = function (string $face) use ($document, $tables): array {
            $oiled = new DoneWork(Said::name('Oil-varnish blend, coat 1 of 2'), 'coat', 'body', [Face::from($face)]);
            $route = Route::of(
                Piece::read(Document::of($document), $tables), Bench::usual(Catalogue::shipped()), $tables,
                Past::of(['c1-1'], [], ['c1-1' => $oiled]),
            );

            return array_map(fn (Conflict $one): array => [$one->steps, Told::of($one->message)], $route->conflicts);
        };
        $outside = $said('outside');
        self::assertContains([
            ['crack'],
            '“Oil-varnish blend, coat 1 of 2” was done, though the plan no longer asks for it, and “Run thin CA into '
                .'the crack, 20 to 50 mm along the outside” is still to come. Nothing holds in wood that has been '
                .'oiled or coated.',
        ], $outside);
        self::assertContains(['body.outside/sand'], array_column($outside, 0));
        self::assertNotContains(['crack'], array_column($said('inside'), 0), 'another face is not in the way');
    }

    public function test_a_part_that_waits_long_comes_off_and_its_return_is_a_step_with_minutes(): void
    {
        $steps = Benchwork::steps(Benchwork::piece([Benchwork::bowl(['features' => [[
            'id' => 'void', 'kind' => 'void', 'on' => 'inner', 'from_mm' => 10, 'to_mm' => 40, 'width_mm' => 20,
            'depth_mm' => 12, 'wish' => 'fill', 'with' => 'epoxy',
        ], [
            'id' => 'torn', 'kind' => 'torn', 'on' => 'inner', 'from_mm' => 0, 'to_mm' => 50, 'wish' => 'cut-away',
        ]]])]));
        $mount = array_values(array_filter($steps, fn (Step $step): bool => $step->kind === StepKind::Mount));
        self::assertContains(
            'void', array_map(fn ($lag): string => $lag->task, $mount[0]->timing->after), 'set before it spins',
        );
        self::assertSame(24.0, $mount[0]->timing->after[0]->wait->minHours);
    }

    public function test_a_sealer_under_polish_goes_on_where_the_part_sits(): void
    {
        $steps = Benchwork::steps(Benchwork::piece([Benchwork::bowl(['coats' => [
            Benchwork::coats('c1', Benchwork::ALL, 'Shellac sanding sealer', Benchwork::POLISH),
        ]])]));
        self::assertSame(
            ['tenon', 'tenon'], [$steps['c1-1']->setup->mount?->value, $steps['c1-2']->setup->mount?->value],
        );
        self::assertArrayNotHasKey('c1-2/mount', $steps);
        $varnished = Benchwork::steps(Benchwork::piece([Benchwork::bowl(['coats' => [
            Benchwork::coats('c1', Benchwork::ALL, Benchwork::VARNISH),
        ]])]));
        self::assertSame('points', $varnished['c1-1']->setup->mount?->value, 'what is not spun dries off the lathe');
    }

    public function test_like_wishes_and_lists_in_another_order_change_nothing(): void
    {
        $document = Benchwork::box([
            Benchwork::mark('a', 'dye', 10, 30, 'outer', ['product' => 'Alcohol dye (powder)', 'colour' => '#203040']),
            Benchwork::mark('b', 'dye', 10, 30, 'outer', ['product' => 'Alcohol dye (powder)', 'colour' => '#c0b020']),
            Benchwork::mark('c', 'burnt-line', 32, 34), Benchwork::mark('d', 'scorch', 40, 50),
        ]);
        $straight = Benchwork::route($document)->toArray();
        foreach (range(1, 12) as $seed) {
            mt_srand($seed);
            shuffle($document['parts']);
            foreach ($document['parts'] as $i => $part) {
                foreach (['marks', 'coats'] as $list) {
                    $items = $part[$list] ?? [];
                    shuffle($items);
                    $document['parts'][$i][$list] = $items;
                }
            }
            self::assertEquals($straight, Benchwork::route($document)->toArray(), "shuffle $seed");
        }
    }

    public function test_a_wet_rough_out_dries_before_it_is_trued_and_has_a_date_once_its_weights_carry_one(): void
    {
        $document = Benchwork::piece([Benchwork::bowl([
            'moisture_percent' => 40, 'coats' => [Benchwork::coats('c1', Benchwork::ALL, Benchwork::OIL)],
        ])], ['starts_as' => 'roughed', 'school' => ['wet' => 'dried-first']]);
        $tables = Drawn::tables();
        $of = fn (array $document, Past $past): Route => Route::of(
            Piece::read(Document::of($document), $tables), Bench::usual(Catalogue::shipped()), $tables, $past,
        );
        $undated = $of($document, Past::none());
        self::assertSame('wood-dries', $undated->withoutDate()['code'] ?? null);
        $dated = $of($document, Past::none()->withWoodDated(BlankForm::RoughBowl));
        self::assertNull($dated->withoutDate());
        $ids = self::ids($dated);
        self::assertLessThan(array_search('body/true', $ids, true), array_search('body/dry', $ids, true));
        $steps = array_column($dated->steps, null, 'id');
        self::assertContains('body/dry', array_column($steps['body/true']->timing->reasons, 'after'));
        self::assertNull($of($document, Past::of(['body/dry']))->withoutDate(), 'off the scale and dry');
        // It waits for its wood, whatever the hour.
        $job = Remaining::of(
            new Promised('1', 'A bowl'), $dated, new Behind(dryAt: 2_000_000_000), null, 60.0,
        );
        $waits = array_combine(
            array_column($job->tasks, 'id'), array_map(fn (Task $task): ?int => $task->bounds->notBefore, $job->tasks),
        );
        self::assertSame([2_000_000_000, null], [$waits['body/dry'], $waits['body/true']]);
        // What is turned already cannot dry first and be trued: it is refused as ever.
        $turned = $of(['starts_as' => 'turned'] + $document, Past::none()->withWoodDated(BlankForm::RoughBowl));
        self::assertSame('wet-wood', $turned->withoutDate()['code'] ?? null);
    }

    public function test_a_wet_log_is_roughed_out_dried_and_trued_with_both_walls_told(): void
    {
        $document = Benchwork::piece([Benchwork::bowl([
            'moisture_percent' => 45, 'coats' => [Benchwork::coats('c1', Benchwork::ALL, Benchwork::OIL)],
            'features' => [[
                'id' => 'f1', 'kind' => 'crack', 'on' => 'outer', 'from_mm' => 20, 'to_mm' => 40, 'wish' => 'fill',
                'azimuth_deg' => [10, 14], 'width_mm' => 1, 'depth_mm' => 3,
            ]],
        ])], ['starts_as' => 'blank', 'school' => ['wet' => 'dried-first']]);
        $tables = Drawn::tables();
        $of = fn (array $document, ?BlankForm $as): Route => Route::of(
            Piece::read(Document::of($document), $tables), Bench::usual(Catalogue::shipped()), $tables,
            Past::none()->withWoodDated($as),
        );
        $route = $of($document, null);
        $steps = array_column($route->steps, null, 'id');
        $ids = array_keys($steps);
        $wet = ['body/mount', 'body/rough', 'body/rough-hold', 'body/reverse', 'body/rough-out', 'body/wrap'];
        self::assertSame([...$wet, 'body/dry', 'body/mount-to-true', 'body/true'], array_slice($ids, 0, 9));
        self::assertGreaterThan(8, array_search('f1', $ids, true), 'a fill in wet wood falls out again');
        $window = array_column($steps['body/wrap']->timing->after, 'wait', 'task')['body/rough'] ?? null;
        self::assertEqualsWithDelta(10, $window?->maxHours, 1e-9, 'once begun it is carried through');
        // 280 mm, ash 7.8 %, from 30 to 9.2 %: 1 mm to come clean.
        $shrink = ($tables->woods->named('Ash (white)')->figures->tangentialPercent ?? 0.0) / 100 * (30 - 9.2) / 30;
        $across = ceil(281 / (1 - $shrink));
        $wall = Piece::read(Document::of($document), $tables)->body()->measure(
            Catalogue::shipped()->calibration()->shape, 4.0,
        )->wall->minMm ?? 0.0;
        self::assertStringContainsString(sprintf(
            'a tenth of its diameter, %.0f mm; by its wood\'s shrinkage %.0f mm', ceil($across / 10),
            ceil($wall + $shrink * $across / 2 + 1),
        ), Told::all($steps['body/rough-out']->words->how));
        self::assertStringContainsString(
            sprintf('To %.0f mm across', $across), Told::of($steps['body/rough']->words->how[1]),
        );
        self::assertLessThan(
            0.6 * ($steps['body/rough-out']->setup->rpm ?? 0), $steps['body/rough']->setup->rpm, 'out of round',
        );
        // Until it is dry only what comes before can be planned, and nothing is late.
        self::assertTrue($route->waitsForWood());
        $job = Remaining::of(new Promised('1', 'A bowl', 2_000_000_000), $route, new Behind, null, 60.0);
        self::assertSame([$wet, null], [array_column($job->tasks, 'id'), $job->due]);
        self::assertSame('wood-dries', $of($document, BlankForm::Log)->withoutDate()['code'] ?? null);
        self::assertNull($of($document, BlankForm::RoughBowl)->withoutDate());
        // Solid or shallow work dries as it lies.
        $spindle = $of(['parts' => [Benchwork::bowl([
            'moisture_percent' => 45, 'grain' => 'end', 'shape' => [
                'outer' => [[0, 20, 'corner'], [150, 16, 'corner']], 'inner' => null,
            ],
        ])]] + $document, BlankForm::Branch);
        self::assertNull($spindle->withoutDate());
        self::assertSame('body/dry', $spindle->steps[0]->id);
        $platter = $of(['parts' => [Benchwork::bowl(['moisture_percent' => 45, 'shape' => [
            'outer' => [[0, 60, 'corner'], [34, 150, 'corner']],
            'inner' => [[34, 142, 'corner'], [9, 60, 'corner'], [9, 0]],
        ]])]] + $document, BlankForm::Round);
        self::assertSame('body/dry', $platter->steps[0]->id, 'a tenth of its width leaves no hollow in it');
    }

    public function test_work_turned_once_is_carried_through_and_dries_in_paper_oval_by_what_its_wood_shrinks(): void
    {
        $steps = Benchwork::steps(Benchwork::piece([Benchwork::bowl([
            'moisture_percent' => 60, 'coats' => [Benchwork::coats('c1', Benchwork::ALL, Benchwork::OIL)],
        ])], ['starts_as' => 'blank', 'school' => ['wet' => 'turned-once']]));
        $ids = array_keys($steps);
        self::assertGreaterThan(array_search('c1-1', $ids, true), array_search('body/dry', $ids, true));
        self::assertSame('body/weigh', $ids[count($ids) - 1]);
        self::assertEqualsWithDelta(7 * 24, $steps['body/dry']->timing->wait->minHours, 1e-9, 'weighed each week');
        self::assertArrayHasKey('body/rewrap-1', $steps);
        $shrinkage = Drawn::tables()->woods->named('Ash (white)')->figures->tangentialPercent ?? 0.0;
        $oval = (int) round(280 * $shrinkage / 100 * (30 - 9.2) / 30);
        self::assertStringContainsString("about $oval mm oval", Told::all($steps['body/dry']->words->how));
        self::assertStringContainsString('mesh', Told::all($steps['body.outside/sand']->words->how));
        $lags = array_column($steps['body/tenon']->timing->after, 'wait', 'task');
        self::assertEqualsWithDelta(0.5, $lags['body/rough']->maxHours ?? null, 1e-9, 'half an hour and no more');
        self::assertStringContainsString('one sitting', Told::all($steps['body/mount']->words->how));
        $green = fn (array $inner): string => implode(' ', array_map(
            fn (Conflict $one): string => Told::of($one->message), Benchwork::route(Benchwork::piece([Benchwork::bowl([
                'moisture_percent' => 60, 'shape' => [
                    'outer' => [[0, 40, 'corner'], [80, 40, 'corner']], 'inner' => $inner,
                ],
            ])], ['school' => ['wet' => 'turned-once']]))->conflicts,
        ));
        self::assertStringNotContainsString(
            'uneven', $green([[80, 36, 'corner'], [6, 36, 'corner'], [6, 0, 'corner']]),
        );
        self::assertStringContainsString(
            'wet, an uneven wall cracks there', $green([[80, 34, 'corner'], [6, 38, 'corner'], [6, 0, 'corner']]),
        );
        $dry = Benchwork::steps(Benchwork::piece([Benchwork::bowl([])], ['school' => ['wet' => 'turned-once']]));
        self::assertArrayNotHasKey('body/dry', $dry, 'dry wood has nothing to warp');
    }

    public function test_wet_wood_has_no_date_unless_it_is_to_warp(): void
    {
        $wet = fn (array $more, string $product): Route => Benchwork::route(Benchwork::piece([Benchwork::bowl([
            'moisture_percent' => 22, 'coats' => [Benchwork::coats('c1', Benchwork::ALL, $product)],
        ])], $more));
        self::assertSame('wet-wood', $wet([], Benchwork::OIL)->withoutDate()['code'] ?? null);
        self::assertNull($wet(['school' => ['wet' => 'turned-once']], Benchwork::OIL)->withoutDate());
        $film = $wet(['school' => ['wet' => 'turned-once']], Benchwork::LACQUER);
        self::assertNull($film->withoutDate());
        $order = array_flip(self::ids($film));
        self::assertGreaterThan($order['body/warped'], $order['c1-1'], 'a film goes on once it has moved');
        $bold = $wet(['school' => ['wet' => 'turned-once', 'wet-finish' => 'finished-at-once']], Benchwork::LACQUER);
        $order = array_flip(self::ids($bold));
        self::assertLessThan($order['body/dry'], $order['c1-1']);
        self::assertStringContainsString('lifts', implode(' ', array_map(
            fn (Conflict $one): string => Told::of($one->message), $bold->conflicts,
        )));
        // 9.2 % and four points: 13.2 is still dry enough.
        $dry = Benchwork::piece([Benchwork::bowl(['moisture_percent' => 13.2])]);
        self::assertNull(Benchwork::route($dry)->withoutDate());
    }

    public function test_wet_work_is_one_sitting_from_the_first_cut_until_its_foot_is_done(): void
    {
        $cup = ['moisture_percent' => 45, 'grain' => 'end', 'shape' => [
            'outer' => [[0, 30, 'corner'], [8, 8], [70, 8], [90, 34], [150, 36, 'corner']],
            'inner' => [[150, 34, 'corner'], [95, 32], [86, 0]],
        ], 'coats' => [Benchwork::coats('c1', Benchwork::ALL, Benchwork::OIL)]];
        $route = fn (array $school): array => Benchwork::steps(Benchwork::piece([Benchwork::bowl($cup)], [
            'starts_as' => 'blank', 'form' => 'goblet', 'school' => ['wet' => 'turned-once'] + $school,
        ]));
        foreach ([[[], 0.5], [['sitting' => 'night-in-a-bag'], 20.0]] as [$school, $most]) {
            $steps = array_values($route($school));
            $last = array_search('body.foot/sand', array_map(fn ($step): string => $step->id, $steps), true);
            self::assertGreaterThan(5, $last);
            for ($i = 1; $i <= $last; $i++) {
                $lags = array_column($steps[$i]->timing->after, 'wait', 'task');
                self::assertSame($most, $lags[$steps[$i - 1]->id]->maxHours ?? null, $steps[$i]->id);
            }
        }
        $steps = $route(['sitting' => 'through-the-break']);
        $through = array_keys(array_filter($steps, fn ($step): bool => $step->timing->throughHours === 2.0));
        self::assertSame(array_slice(array_keys($steps), 0, count($through)), $through, 'from the first to its foot');
        self::assertContains('body.foot/sand', $through);
        self::assertLessThan(count($steps), count($through));
        $dried = $route(['wet-finish' => 'finished-dry']);
        foreach ($dried['body/wipe-clean']->timing->after as $lag) {
            self::assertNull($lag->wait->maxHours, 'nothing hurries once it is dry');
        }
        $order = array_flip(array_keys($route([])));
        self::assertArrayNotHasKey('body/reverse-foot', $order, 'its stem would break between a pad and a centre');
        self::assertLessThan($order['c1-1'], $order['body/part-off'], 'and no coat waits on its tenon');
    }

    public function test_parts_that_do_not_go_together_have_no_date(): void
    {
        $box = Benchwork::box();
        foreach ([2.0 => 'unjoined', -6.0 => 'unjoined', 0.0 => null] as $wider => $code) {
            $document = $box;
            foreach ([0, 1] as $i) {
                $document['parts'][1]['shape']['outer'][$i][1] += (float) $wider / 2;
            }
            self::assertSame($code, Benchwork::route($document)->withoutDate()['code'] ?? null, "$wider mm wider");
        }
    }

    #[DataProvider('seeds')]
    public function test_any_document_has_a_route_without_a_circle(int $seed): void
    {
        $route = Benchwork::route(AnyPiece::document($seed));
        $at = array_flip(self::ids($route));
        self::assertCount(count($route->steps), $at, 'every id once');
        $sits = $released = [];
        foreach ($route->steps as $i => $step) {
            foreach ($step->timing->after as $lag) {
                self::assertLessThan($i, $at[$lag->task], "$step->id after $lag->task");
            }
            $part = (string) $step->part;
            if ($step->setup->mount?->spins() === true) {
                self::assertTrue(
                    ($sits[$part] ?? null) === $step->setup->mount || $step->kind === StepKind::Mount,
                    "$step->id: it is mounted so by then",
                );
                $sits = [$part => $step->setup->mount];
            } elseif ($step->setup->mount !== null) {
                unset($sits[$part]);
            }
            if ($released[$part] ?? false) {
                self::assertStringNotContainsString('still on', Told::of($step->setup->hold));
            }
            $released[$part] = ($released[$part] ?? false) || $step->work->technique === 'part-off';
            self::assertNotSame('', Told::of($step->words->because));
        }
        foreach ($route->conflicts as $conflict) {
            self::assertSame([], array_diff($conflict->steps, array_keys($at)), Told::of($conflict->message));
        }
    }

    #[DataProvider('fewSeeds')]
    public function test_no_other_way_takes_fewer_mounts_than_the_usual_ones(int $seed): void
    {
        $tables = Drawn::tables();
        $piece = Piece::read(Document::of(['school' => []] + AnyPiece::document($seed)), $tables);
        foreach (SchoolOffer::all($piece, Bench::usual(Catalogue::shipped()), $tables) as $offer) {
            $dated = array_filter($offer->ways, fn (SchoolWay $way): bool => $way->hasDate);
            foreach (array_filter($dated, fn (SchoolWay $way): bool => $way->isSo) as $usual) {
                self::assertSame(min(array_column($dated, 'mounts')), $usual->mounts, $offer->name);
            }
        }
        self::assertNotSame([], $piece->parts);
    }

    #[DataProvider('fewSeeds')]
    public function test_a_way_changes_nothing_before_the_step_at_which_it_is_offered(int $seed): void
    {
        $tables = Drawn::tables();
        $bench = Bench::usual(Catalogue::shipped());
        $piece = Piece::read(Document::of(['school' => []] + AnyPiece::document($seed)), $tables);
        $ids = fn (Piece $one): array => array_column(Route::of($one, $bench, $tables)->steps, 'id');
        $now = $ids($piece);
        foreach (SchoolOffer::all($piece, $bench, $tables) as $offer) {
            $at = array_search($offer->from, $now, true);
            self::assertIsInt($at, $offer->name);
            foreach ($offer->ways as $way) {
                $then = $ids($piece->inSchool($offer->name, $way->value));
                self::assertSame(array_slice($now, 0, $at), array_slice($then, 0, $at), $offer->name);
            }
        }
        self::assertNotSame([], $now);
    }

    /** @return iterable<string, array{int}> */
    public static function fewSeeds(): iterable
    {
        foreach ([...range(100, 115), 154] as $seed) {
            yield "document $seed" => [$seed];
        }
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 60) as $seed) {
            yield "document $seed" => [$seed];
        }
    }

    /** @return list<string> */
    private static function ids(Route $route): array
    {
        return array_map(fn (Step $step): string => $step->id, $route->steps);
    }
}
