<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Blank;
use App\Models\Kept\Choices;
use App\Models\LogEntry;
use App\Models\Piece;
use App\Models\PieceState;
use App\Models\PlannedStep;
use HonestGrain\Holding\Mount;
use HonestGrain\Rack\DryingState;
use Illuminate\Support\Carbon;

/** What the shop bores and cuts with, and what routes make of it. */
final class LatheTest extends FeatureTestCase
{
    public function test_bits_are_kept_by_kind_and_reach_and_what_is_no_length_is_refused_at_its_field(): void
    {
        $typed = [
            'bit_kind' => ['brad', 'forstner', 'forstner', 'brad'], 'bit_sizes' => ['6, 8;10', '27', '27,35', ''],
            'bit_length' => ['90', '75', '250', ''],
        ];
        $this->put(route('equipment.update'), $typed)->assertSessionHasNoErrors();
        self::assertEquals([
            ['kind' => 'brad', 'diameter_mm' => 6, 'length_mm' => 90],
            ['kind' => 'brad', 'diameter_mm' => 8, 'length_mm' => 90],
            ['kind' => 'brad', 'diameter_mm' => 10, 'length_mm' => 90],
            ['kind' => 'forstner', 'diameter_mm' => 27, 'length_mm' => 75],
            ['kind' => 'forstner', 'diameter_mm' => 27, 'length_mm' => 250],
            ['kind' => 'forstner', 'diameter_mm' => 35, 'length_mm' => 250],
        ], $this->shop->refresh()->equipment?->value('bits'));
        $this->get(route('equipment'))->assertOk()->assertSee('value="6, 8, 10"', false)
            ->assertSee('value="27, 35"', false);
        $this->put(route('equipment.update'), ['bit_sizes' => ['6, eight', '27', '', '']] + $typed)
            ->assertSessionHasErrors(['bit_sizes.0' => '“eight” is none of these lengths: each is a number from 1.0 mm '
                .'to 200 mm, parted from the next by a comma.']);
        $this->put(route('equipment.update'), ['bit_length' => ['', '75', '250', '']] + $typed)
            ->assertSessionHasErrors('bit_length.0');
        $this->put(route('equipment.update'), ['bit_kind' => ['auger', 'brad', 'brad', 'brad']] + $typed)
            ->assertSessionHasErrors('bit_kind.0');
        self::assertCount(6, $this->shop->refresh()->equipment?->value('bits'), 'as it was');
    }

    public function test_jaws_lean_as_they_are_typed(): void
    {
        $jaws = [
            'jaw_name' => ['Dovetail'], 'tenon_min' => ['45'], 'tenon_max' => ['70'], 'recess_min' => [''],
            'recess_max' => [''], 'jaw_depth' => ['12'], 'jaw_slope' => ['8'],
        ];
        $this->put(route('equipment.update'), $jaws)->assertSessionHasNoErrors();
        self::assertEquals(8, $this->shop->refresh()->equipment()->jaws[0]->slopeDeg);
        $this->get(route('equipment'))->assertOk()->assertSee('name="jaw_slope[0]"', false);
        $this->put(route('equipment.update'), ['jaw_slope' => ['80']] + $jaws)->assertSessionHasErrors('jaw_slope.0');
    }

    public function test_bits_in_inches_are_typed_as_fractions(): void
    {
        $this->wren->update(['preferences' => new Choices(['units' => 'imperial'])]);
        $this->put(route('equipment.update'), [
            'bit_kind' => ['twist'], 'bit_sizes' => ['3/8, 1 1/16'], 'bit_length' => ['6'],
        ])->assertSessionHasNoErrors();
        self::assertEquals(
            [9.53, 26.99], array_column($this->shop->refresh()->equipment?->value('bits'), 'diameter_mm'),
        );
    }

    public function test_a_mill_is_bored_with_what_the_shop_has_and_its_step_says_how(): void
    {
        $piece = $this->drawn('mill', ['diameter' => '60', 'height' => '200', 'foot' => '55', 'bore' => '27']);
        self::assertSame('blank', $piece->document->value('starts_as'), 'where nobody says');
        $this->get(route('pieces.shape', $piece))->assertSee('The smallest blank')
            ->assertSee('66 mm square and')->assertSee('Body from 0 mm to 208 mm');
        self::assertNotNull($piece->ready_at);
        $this->get(route('pieces.route', $piece))->assertOk()->assertSee('At 460 rpm; below 81 mm at 230 rpm')
            ->assertSee('to fit the bit and its chuck')->assertSee('to set the rest, choose the tool and look');
        $this->get(route('pieces.card', $piece))->assertOk()->assertSee('below 81 mm at 230 rpm');
        $this->put(route('equipment.update'), [
            'bit_kind' => ['brad'], 'bit_sizes' => ['10'], 'bit_length' => ['90'],
        ])->assertSessionHasNoErrors();
        $this->get(route('pieces.route', $piece->refresh()))->assertSee('bore the hole, 27 mm across');
    }

    public function test_holds_are_kept_with_their_sizes_and_a_route_is_held_by_what_is_there(): void
    {
        $piece = $this->drawn('platter', ['diameter' => '300', 'height' => '34', 'foot' => '120', 'wall' => '8']);
        $typed = [
            'mounts' => ['faceplate', 'wide-jaws'], 'hold_size' => ['faceplate' => '100', 'wide-jaws' => '400'],
            'hold_widest' => ['wide-jaws' => '380'], 'jaw_name' => [''], 'jaw_depth' => [''],
        ];
        $this->put(route('equipment.update'), $typed)->assertSessionHasNoErrors();
        $equipment = $this->shop->refresh()->equipment();
        self::assertEqualsWithDelta(400.0, $equipment->sizeMm(Mount::WideJaws), 1e-9);
        self::assertEqualsWithDelta(380.0, $equipment->mostDiameterMm(Mount::WideJaws), 1e-9);
        $this->get(route('pieces.route', $piece->refresh()))->assertOk()
            ->assertSee('Not by the tenon that was asked for')->assertSee('mount in wide jaws, by its edge');
        $this->put(route('equipment.update'), ['hold_size' => ['wide-jaws' => '200']] + $typed);
        $this->get(route('pieces.route', $piece->refresh()))->assertSee('Glue a waste block to the foot');
        $this->put(route('equipment.update'), ['hold_size' => ['wide-jaws' => 'wide']] + $typed)
            ->assertSessionHasErrors('hold_size.wide-jaws');
    }

    public function test_a_hole_is_placed_changed_and_taken_away_and_refused_at_its_field(): void
    {
        $piece = $this->drawn('deep-bowl', ['diameter' => '160', 'height' => '100', 'foot' => '60', 'wall' => '8']);
        $post = fn (array $typed) => $this->post(route('pieces.holes.store', $piece), [
            'version' => $piece->refresh()->version, 'hole_from' => 'side',
        ] + $typed);
        $post(['hole_across' => '8', 'hole_height' => '140'])->assertSessionHasErrors('hole_height');
        $post(['hole_across' => '8'])->assertSessionHasErrors('hole_height');
        $post(['hole_across' => '8', 'hole_height' => '50', 'hole_azimuth' => '90'])->assertSessionHasNoErrors();
        $hole = $piece->refresh()->document->fields()['parts'][0]['holes'][0];
        self::assertSame([8.0, null, 50.0, 90.0], array_map(fn (string $key): ?float => $hole[$key] === null
            ? null : (float) $hole[$key], ['diameter_mm', 'depth_mm', 'height_mm', 'azimuth_deg']));
        $this->get(route('pieces.shape', $piece))->assertSee('8 mm across the side at 50 mm, 90°, through')
            ->assertSee('data-hole="'.$hole['id'].'"', false);
        $this->put(route('pieces.holes.update', [$piece, $hole['id']]), [
            'version' => $piece->version, 'hole_from' => 'side', 'hole_across' => '8', 'hole_height' => '50',
            'hole_deep' => '60', 'hole_bit' => 'brad',
        ])->assertSessionHasNoErrors();
        self::assertSame('brad', $piece->refresh()->document->fields()['parts'][0]['holes'][0]['bit']);
        self::assertNull($piece->ready_at, 'it would come out where nobody asked for it');
        $this->get(route('pieces.route', $piece))->assertSee('of wood is there');
        $this->delete(route('pieces.holes.destroy', [$piece, $hole['id']]), ['version' => $piece->version])
            ->assertSessionHasNoErrors();
        self::assertSame([], $piece->refresh()->document->fields()['parts'][0]['holes']);
        self::assertNotNull($piece->ready_at);
    }

    public function test_the_blank_that_is_there_is_entered_and_too_small_a_one_has_no_date(): void
    {
        $piece = $this->drawn('mill', ['diameter' => '60', 'height' => '200', 'foot' => '55', 'bore' => '27']);
        $parts = implode(' ', array_column($piece->document->fields()['parts'], 'id'));
        $post = fn (array $typed) => $this->post(route('pieces.stock.store', $piece), [
            ...['version' => $piece->refresh()->version, 'stock_form' => 'square', 'stock_width' => '70'],
            'stock_parts' => $parts, ...$typed,
        ]);
        $post(['stock_length' => ''])->assertSessionHasErrors('stock_length');
        $post(['stock_length' => '300', 'stock_parts' => 'body body'])->assertSessionHasErrors('stock_parts');
        $post(['stock_length' => '150'])->assertSessionHasNoErrors();
        self::assertNull($piece->refresh()->ready_at);
        $this->get(route('pieces.shape', $piece))->assertSee('too short');
        $stock = $piece->document->fields()['stock'][0]['id'];
        $this->delete(route('pieces.stock.destroy', [$piece, $stock]), ['version' => $piece->version]);
        $post(['stock_length' => '400'])->assertSessionHasNoErrors();
        self::assertNotNull($piece->refresh()->ready_at);
        $this->get(route('pieces.shape', $piece))->assertSee('of its length is needed')->assertSee('is left');
        $this->get(route('pieces.route', $piece))->assertSee('saw the blank apart');
    }

    public function test_a_story_stick_is_printed_with_its_list_and_weights(): void
    {
        $piece = $this->drawn('vase', ['diameter' => '110', 'height' => '260', 'foot' => '70', 'wall' => '7']);
        $this->get(route('pieces.shape', $piece))->assertSee('Story stick');
        $this->get(route('pieces.stick', $piece))->assertOk()->assertSee('Callipers')->assertSee('mm deep')
            ->assertSee('widest')->assertSee('hollowed: what the scale says more')->assertSee('height="242mm"', false)
            ->assertSee('height="42mm"', false);
    }

    public function test_kiln_dried_and_metered_wood_is_ready_without_a_scale(): void
    {
        $board = [
            'form' => 'slab', 'wood' => 'Ash (white)', 'diameter_mm' => '320', 'length_mm' => '50', 'pith' => 'out',
            'keeping' => 'open',
        ];
        $state = function (array $typed) use ($board): Blank {
            $this->post(route('rack.store'), $typed + $board)->assertSessionHasNoErrors();

            return $this->shop->blanks()->latest('id')->firstOrFail();
        };
        self::assertNotSame(DryingState::Ready, $state([])->drying, 'nobody said how dry it is');
        $rested = $state(['kiln_on' => now()->subDays(20)->format('Y-m-d')]);
        self::assertSame(DryingState::Ready, $rested->drying);
        $this->get(route('rack.show', $rested))->assertSee('kiln-dried, and rested');
        $fresh = $state(['kiln_on' => now()->subDays(3)->format('Y-m-d')]);
        self::assertSame(DryingState::Drying, $fresh->drying);
        $this->get(route('rack.show', $fresh))->assertSee('11 more');
        self::assertSame(DryingState::Ready, $state(['meter_percent' => '8'])->drying);
        self::assertNotSame(DryingState::Ready, $state(['meter_percent' => '25'])->drying);
        $taken = $state(['taken_as_dry' => '1']);
        self::assertSame(DryingState::Ready, $taken->drying);
        $this->get(route('rack.show', $taken))->assertSee('Taken as dry by its maker');
    }

    public function test_what_a_piece_begins_as_is_asked_and_stands_once_something_was_done(): void
    {
        $this->get(route('pieces.create'))->assertOk()->assertSee('It begins as')->assertSee('A blank, to be turned');
        $sizes = ['diameter' => '110', 'height' => '210', 'foot' => '70', 'wall' => '7'];
        $piece = $this->drawn('vase', $sizes + ['starts_as' => 'turned']);
        $this->get(route('pieces.route', $piece))->assertSee('Taken as turned')->assertDontSee('Hollow the inside');
        $save = fn (string $as) => $this->put(route('pieces.update', $piece), [
            'version' => $piece->refresh()->version, 'name' => 'Gorse vase', 'purpose' => 'handled', 'starts_as' => $as,
        ]);
        $save('blank')->assertSessionHasNoErrors();
        $this->get(route('pieces.route', $piece->refresh()))->assertSee('Hollow the inside')
            ->assertDontSee('Taken as turned');
        $save('a log')->assertSessionHasErrors('starts_as');
        $this->get(route('pieces.shape', $piece))->assertSee('It begins as');
        $this->work($piece, 'body/mount');
        $save('turned')->assertSessionHasErrors('starts_as');
        self::assertSame('blank', $piece->refresh()->document->value('starts_as'));
        $this->get(route('pieces.shape', $piece))->assertSee('Begun as: a blank, to be turned.');
    }

    public function test_each_stage_is_held_as_its_maker_wishes_and_says_what_does_not_serve(): void
    {
        $piece = $this->drawn('deep-bowl', ['diameter' => '180', 'height' => '60', 'foot' => '80', 'wall' => '8',
            'grain' => 'side']);
        $save = fn (array $holds) => $this->put(route('pieces.parts.update', $piece), $holds + [
            'version' => $piece->refresh()->version, 'part_name' => 'Body', 'wood' => 'Walnut (black)',
            'grain' => 'side', 'moisture' => '9', 'holding' => 'tenon',
        ]);
        $kept = fn (): mixed => $piece->refresh()->document->fields()['parts'][0]['holds'] ?? null;
        $save(['hold_outside' => 'faceplate', 'hold_foot' => 'vacuum'])->assertSessionHasNoErrors();
        self::assertSame(['outside' => 'faceplate', 'foot' => 'vacuum'], $kept());
        $this->get(route('pieces.route', $piece))->assertSee('Mount on a faceplate')
            ->assertSee('Turn it round on the vacuum chuck');
        $this->get(route('pieces.shape', $piece))->assertSee('value="vacuum" selected', false)
            ->assertSee('on a mandrel: does not serve')->assertSee('It has no hole right through.');
        $save(['hold_foot' => 'in the lap'])->assertSessionHasErrors('hold_foot');
        $save([])->assertSessionHasNoErrors();
        self::assertSame('vacuum', $kept()['foot'] ?? null, 'what is not asked for stays');
        $save(['hold_outside' => '', 'hold_foot' => ''])->assertSessionHasNoErrors();
        self::assertNull($kept());
        $this->get(route('pieces.route', $piece))->assertSee('Mount on a screw chuck')
            ->assertDontSee('Turn it round on the vacuum');
    }

    public function test_the_outside_of_a_plan_of_coats_goes_on_before_the_piece_is_turned_round(): void
    {
        $piece = $this->drawn('deep-bowl', ['diameter' => '180', 'height' => '60', 'foot' => '80', 'wall' => '8',
            'grain' => 'side']);
        $put = fn (array $typed) => $this->put(
            route('pieces.coats', $piece), ['version' => $piece->refresh()->version] + $typed,
        );
        $put(['do' => 'stack', 'stack' => 'none', 'zones' => ['outside', 'inside', 'rim']]);
        $plan = fn (): array => $piece->refresh()->document->fields()['parts'][0]['coats'][0];
        $put(['do' => 'add', 'plan' => $plan()['id'], 'product' => 'Oil-varnish blend'])->assertSessionHasNoErrors();
        $coat = $plan()['layers'][0]['id'];
        self::assertNull($piece->plannedSteps()->where('step', "$coat/outside")->first());
        $put(['do' => 'when', 'plan' => $plan()['id'], 'when' => 'before-reversing'])->assertSessionHasNoErrors();
        self::assertLessThan(
            $this->step($piece, 'body.inside/hollow')->position, $this->step($piece, "$coat/outside")->position,
        );
        $this->get(route('pieces.coats', $piece))->assertSee('value="before-reversing" selected', false);
        $put(['do' => 'when', 'plan' => $plan()['id'], 'when' => 'tomorrow'])->assertSessionHasErrors('when');
        $put(['do' => 'when', 'plan' => $plan()['id'], 'when' => ''])->assertSessionHasNoErrors();
        self::assertArrayNotHasKey('when', $plan());
        foreach ($piece->plannedSteps()->orderBy('position')->pluck('step') as $id) {
            $this->travel(2)->days();
            $this->work($piece, $id);
            if ($id === $coat) {
                break;
            }
        }
        $put(['do' => 'when', 'plan' => $plan()['id'], 'when' => 'before-reversing'])->assertSessionHasErrors('when');
        $this->get(route('pieces.coats', $piece))->assertDontSee('name="when"', false);
    }

    public function test_a_wall_is_measured_cut_deeper_and_cleared_again(): void
    {
        $piece = $this->drawn('deep-bowl', ['diameter' => '180', 'height' => '60', 'foot' => '80', 'wall' => '8',
            'grain' => 'side']);
        $send = fn (string $to, array $typed, string $how = 'post') => $this->{$how}(
            route("pieces.walls.$to", $piece), $typed + ['version' => $piece->refresh()->version],
        );
        $send('store', ['wall_height' => '40', 'wall_thick' => '9.6'])->assertSessionHasNoErrors();
        $send('store', ['wall_height' => '30', 'wall_thick' => '8.1'])->assertSessionHasNoErrors();
        $this->get(route('pieces.shape', $piece))->assertSee('thick by 1.6 mm')->assertSee('as drawn')
            ->assertSee('data-lint="thick-spot"', false);
        $send('store', ['wall_height' => '400', 'wall_thick' => '8'])->assertSessionHasErrors('wall_height');
        $send('store', ['wall_height' => '40', 'wall_thick' => ''])->assertSessionHasErrors('wall_thick');
        $shape = fn (): array => $piece->refresh()->document->fields()['parts'][0]['shape'];
        $before = $shape();
        $send('deepen', ['deepen_from' => '25', 'deepen_to' => '50', 'deepen_by' => '30'])
            ->assertSessionHasErrors('deepen_by');
        self::assertSame($before, $shape());
        $send('deepen', ['deepen_from' => '25', 'deepen_to' => '50', 'deepen_by' => '2'])->assertSessionHasNoErrors();
        self::assertNotSame($before, $shape());
        self::assertSame($before['outer'], $shape()['outer']);
        $this->post(route('pieces.undo', $piece), ['version' => $piece->refresh()->version]);
        self::assertSame($before, $shape());
        $send('destroy', ['height_mm' => '30'], 'delete')->assertSessionHasNoErrors();
        self::assertCount(1, $piece->refresh()->document->fields()['parts'][0]['wall_readings']);
        $send('destroy', [], 'delete')->assertSessionHasNoErrors();
        self::assertArrayNotHasKey('wall_readings', $piece->refresh()->document->fields()['parts'][0]);
    }

    public function test_a_natural_edge_is_typed_by_angle_or_taken_from_its_log_and_levelled_again(): void
    {
        $piece = $this->drawn('deep-bowl', ['diameter' => '180', 'height' => '60', 'foot' => '80', 'wall' => '8',
            'grain' => 'side']);
        $send = fn (string $to, array $typed) => $this->put(
            route("pieces.rim.$to", $piece), $typed + ['version' => $piece->refresh()->version],
        );
        $rim = fn (): ?array => $piece->refresh()->document->fields()['parts'][0]['shape']['rim'] ?? null;
        $this->get(route('pieces.shape', $piece))->assertSee('Level all round');
        $send('update', ['rim_angle' => ['0', '', '180', ''], 'rim_below' => ['0', '', '20', '']])
            ->assertSessionHasNoErrors();
        self::assertEquals([[0, 0], [180, 20]], $rim());
        $this->get(route('pieces.shape', $piece))->assertSee('off its axis')->assertSee('to the lowest of its rim');
        $this->get(route('pieces.route', $piece))->assertSee('the tool meets no wood');
        $send('update', ['rim_angle' => ['0', '', '180'], 'rim_below' => ['0', '', '70']])
            ->assertSessionHasErrors('rim_below.2');
        $send('update', ['rim_angle' => ['0', '360'], 'rim_below' => ['0', '4']])
            ->assertSessionHasErrors('rim_angle.1');
        $send('update', ['rim_angle' => ['0', '90'], 'rim_below' => ['0', '']])->assertSessionHasErrors('rim_below.1');
        $send('update', ['rim_angle' => ['0', '90'], 'rim_below' => ['4', '9']])->assertSessionHasErrors('shape.rim');
        $send('log', ['rim_log' => '120'])->assertSessionHasErrors('rim_log');
        self::assertEquals([[0, 0], [180, 20]], $rim(), 'what was refused changes nothing');
        $send('log', ['rim_log' => '400'])->assertSessionHasNoErrors();
        self::assertCount(12, $rim() ?? []);
        $this->post(route('pieces.undo', $piece), ['version' => $piece->refresh()->version]);
        self::assertEquals([[0, 0], [180, 20]], $rim());
        $send('update', ['rim_angle' => ['', ''], 'rim_below' => ['', '']])->assertSessionHasNoErrors();
        self::assertNull($rim());
    }

    public function test_what_is_bought_is_listed_once_fitted_by_name_and_refused_at_its_field(): void
    {
        $this->put(route('equipment.update'), [
            'bought_kind' => ['ferrule', 'kit', 'ferrule'], 'bought_name' => ['Brass ferrule', 'Mill works', ''],
            'bought_across' => ['14', '38', ''], 'bought_long' => ['18', '14', ''], 'bought_outer' => ['16', '', ''],
            'bars' => '12, 16',
        ])->assertSessionHasNoErrors();
        $this->get(route('equipment'))->assertOk()->assertSee('Brass ferrule')->assertSee('value="12, 16"', false);
        self::assertSame([12.0, 16.0], $this->shop->refresh()->equipment()->bars);
        $this->put(route('equipment.update'), [
            'bought_kind' => ['ferrule'], 'bought_name' => ['Steel ring'], 'bought_across' => [''],
            'bought_long' => ['18'], 'bought_outer' => [''],
        ])->assertSessionHasErrors('bought_across.0');
        foreach (['12, thick', implode(',', array_fill(0, 30, '12'))] as $bars) {
            $this->put(route('equipment.update'), ['bars' => $bars])->assertSessionHasErrors('bars');
        }
        $piece = $this->drawn('tool-handle', ['diameter' => '34', 'height' => '180', 'foot' => '24', 'bore' => '8']);
        $fit = fn (array $typed) => $this->post(route('pieces.fittings.store', $piece), $typed + [
            'version' => $piece->refresh()->version, 'fitting_kind' => 'ferrule', 'fitting_from' => 'top',
        ]);
        $fit([])->assertSessionHasErrors(['fitting_across', 'fitting_long']);
        $fit(['fitting_across' => '0.1', 'fitting_long' => '18'])->assertSessionHasErrors('fitting_across');
        $this->get(route('pieces.shape', $piece))->assertSee('Brass ferrule, 14.0 mm and 18.0 mm long');
        $fit(['fitting_like' => '0', 'fitting_pinned' => '1'])->assertSessionHasNoErrors();
        $fitted = $piece->refresh()->document->fields()['parts'][0]['fittings'][0];
        self::assertEquals(['ferrule', 'Brass ferrule', 14, 18, 16, true], array_values(array_intersect_key(
            $fitted, array_flip(['kind', 'name', 'diameter_mm', 'length_mm', 'outer_mm', 'pinned']),
        )));
        $this->get(route('pieces.route', $piece))->assertOk()
            ->assertSee('Turn the seat for the brass ferrule at the top')
            ->assertSee('13.9 mm across')->assertSee('Pin the brass ferrule');
        $this->put(route('pieces.fittings.update', [$piece, $fitted['id']]), [
            'version' => $piece->version, 'fitting_kind' => 'kit', 'fitting_from' => 'foot', 'fitting_across' => '12',
            'fitting_long' => '20', 'fitting_order' => 'a bush, a pin,',
        ])->assertSessionHasNoErrors();
        self::assertSame(
            ['a bush', 'a pin'], $piece->refresh()->document->fields()['parts'][0]['fittings'][0]['order'],
        );
        $this->delete(route('pieces.fittings.destroy', [$piece, $fitted['id']]), ['version' => $piece->version]);
        self::assertArrayNotHasKey('fittings', $piece->refresh()->document->fields()['parts'][0]);
    }

    public function test_a_joint_has_its_place_and_its_glue_and_is_refused_where_it_would_come_through(): void
    {
        $piece = $this->drawn('scoop', ['diameter' => '62', 'height' => '70', 'foot' => '30', 'wall' => '5']);
        $typed = [
            'joint_kind' => 'glued-tenon', 'joint_at' => 'side', 'joint_diameter' => '8.1', 'joint_depth' => '7.4',
            'joint_glue' => 'epoxy', 'joint_height' => '40', 'joint_azimuth' => '90', 'joint_angle' => '15',
        ];
        $save = fn (array $more) => $this->put(route('pieces.joints.update', [$piece, 'joint-handle']), $more + [
            'version' => $piece->refresh()->version,
        ] + $typed);
        $save(['joint_angle' => '80'])->assertSessionHasErrors('joint_angle');
        $save([])->assertSessionHasNoErrors();
        $this->get(route('pieces.route', $piece->refresh()))->assertSee('2 mm must be left');
        self::assertNull($piece->ready_at);
        $save(['joint_height' => '7'])->assertSessionHasNoErrors();
        $this->get(route('pieces.route', $piece->refresh()))->assertSee('Tilted 15')->assertSee('With epoxy');
        self::assertNotNull($piece->ready_at);
        $this->get(route('pieces.shape', $piece))->assertSee('name="joint_angle"', false);
    }

    public function test_a_fill_has_a_colour_and_what_is_stabilised_may_be_hardened_again(): void
    {
        $piece = $this->bowl();
        $mark = fn (array $typed) => $this->post(route('pieces.flaws.store', $piece), $typed + [
            'version' => $piece->refresh()->version, 'flaw_kind' => 'void', 'flaw_on' => 'outer', 'flaw_from' => '20',
            'flaw_to' => '30', 'wish' => 'fill', 'with' => 'epoxy',
        ]);
        $mark(['flaw_coloured' => '1', 'flaw_rgb' => 'teal'])->assertSessionHasErrors('flaw_rgb');
        $mark(['flaw_coloured' => '1', 'flaw_rgb' => '#1d6b86'])->assertSessionHasNoErrors();
        $mark(['wish' => 'stabilise', 'flaw_kind' => 'crack', 'each_pass' => '1', 'flaw_rgb' => '#1d6b86']);
        $flaws = $piece->refresh()->document->fields()['parts'][0]['features'];
        self::assertSame(['#1d6b86', null], [$flaws[0]['rgb'], $flaws[1]['rgb'] ?? null], 'only where it is ticked');
        self::assertTrue($flaws[1]['each_pass']);
        $this->get(route('pieces.shape', $piece))->assertSee('stroke="#1d6b86"', false);
        $this->get(route('pieces.route', $piece))->assertSee('Coloured as chosen');
    }

    public function test_a_part_is_made_again_in_one_press_with_its_stock_and_the_record_keeps_the_old_one(): void
    {
        $piece = $this->bowl();
        $this->post(route('pieces.parts.again', $piece), ['version' => $piece->version])
            ->assertSessionHasErrors('part');
        $this->work($piece, 'body/mount', 'body.inside/sand', 'body.rim/sand', 'body.outside/sand');
        $this->post(route('steps.skip', $this->step($piece, 'body/wipe-clean')), ['reason' => 'clean'])
            ->assertSessionHasNoErrors();
        $this->get(route('pieces.shape', $piece))->assertSee('again, from another blank');
        $before = $piece->refresh()->ready_at;
        $this->post(route('pieces.parts.again', $piece), ['version' => $piece->version])->assertSessionHasNoErrors();
        $piece->refresh();
        self::assertSame('blank', $piece->document->fields()['parts'][0]['starts_as']);
        $open = $piece->plannedSteps()->where('state', 'open')->pluck('step')->all();
        foreach (['body/rough', 'body.inside/hollow', 'body.outside/sand', 'body/wipe-clean'] as $step) {
            self::assertContains($step, $open);
        }
        self::assertSame(0, $piece->plannedSteps()->where('state', '!=', 'open')->count(), 'nothing of it is done');
        self::assertSame(5, LogEntry::query()->where(['piece_id' => $piece->id, 'kind' => 'anew'])->count());
        self::assertSame(4, LogEntry::query()->where(['piece_id' => $piece->id, 'kind' => 'done'])->count());
        self::assertTrue($piece->ready_at->gte($before));
        $this->get(route('pieces.record', $piece))->assertOk()->assertSee('On another blank');
        $this->work($piece, ...array_slice($open, 0, 3));
        self::assertSame(3, $piece->plannedSteps()->where('state', 'done')->count(), 'each is done once more');
    }

    public function test_wet_work_that_is_worked_through_the_break_is_planned_through_it(): void
    {
        Carbon::setTestNow('2026-12-01 11:20:00');
        $piece = $this->drawn('goblet', [
            'diameter' => '80', 'height' => '180', 'foot' => '60', 'wall' => '3', 'moisture' => '45',
            'starts_as' => 'blank',
        ]);
        $sit = fn (string $name, string $way) => $this->put(route('pieces.school', $piece), [
            'version' => $piece->refresh()->version, 'choice' => $name, 'way' => $way,
        ])->assertSessionHasNoErrors();
        $inBreak = fn (): int => $piece->refresh()->plannedSteps()->get()->filter(
            fn (PlannedStep $step): bool => $step->start_at?->format('H') === '12',
        )->count();
        $sit('wet', 'turned-once');
        self::assertSame(0, $inBreak(), 'nobody works at noon');
        $sit('sitting', 'through-the-break');
        self::assertGreaterThan(0, $inBreak());
        $this->get(route('pieces.route', $piece))->assertSee('the plan goes on through it');
    }

    public function test_a_handle_that_is_glued_in_is_cut_off_and_made_again_and_undo_puts_it_back(): void
    {
        $piece = $this->drawn('scoop', ['diameter' => '62', 'height' => '70', 'foot' => '30', 'wall' => '5']);
        $all = $piece->plannedSteps()->orderBy('position')->pluck('step')->all();
        $glue = (int) array_search('joint-handle/glue', $all, true);
        $this->work($piece, ...array_slice($all, 0, $glue + 1));
        $send = ['version' => $piece->refresh()->version, 'part' => 'handle'];
        $this->post(route('pieces.parts.again', $piece), $send)->assertSessionHasNoErrors();
        $open = $piece->refresh()->plannedSteps()->where('state', 'open')->orderBy('position')->pluck('step')->all();
        $cut = $piece->document->value('steps')[0];
        self::assertSame('body', $cut['part']);
        foreach (['handle/rough', 'joint-handle/fit', 'joint-handle/glue', $cut['id']] as $step) {
            self::assertContains($step, $open);
        }
        self::assertNotContains('body.inside/hollow', $open);
        self::assertLessThan(array_search('joint-handle/fit', $open, true), array_search($cut['id'], $open, true));
        $this->get(route('pieces.route', $piece))->assertSee('Cut the old handle off');
        $this->post(route('pieces.undo', $piece), ['version' => $piece->version])->assertSessionHasNoErrors();
        self::assertNotContains('handle/rough', $piece->refresh()->plannedSteps()->where('state', 'open')
            ->pluck('step')->all());
        self::assertSame([], $piece->document->value('steps'));
    }

    public function test_taking_back_that_a_part_is_made_again_closes_its_steps_and_redo_opens_them(): void
    {
        $piece = $this->bowl();
        $this->work($piece, 'body/mount', 'body.inside/sand', 'body.rim/sand');
        $this->post(route('steps.skip', $this->step($piece, 'body.outside/sand')), ['reason' => 'clean']);
        $states = fn (): array => array_map(
            fn (string $step): string => $this->step($piece->refresh(), $step)->state->value,
            ['body/mount', 'body.inside/sand', 'body.outside/sand'],
        );
        $before = $states();
        self::assertSame(['done', 'done', 'skip'], array_map(fn (string $one): string => substr($one, 0, 4), $before));
        $minutes = fn (): array => $piece->logEntries()->where('kind', 'done')->pluck('minutes', 'step')->all();
        $took = $minutes();
        $this->post(route('pieces.parts.again', $piece), ['version' => $piece->refresh()->version]);
        self::assertNotContains('done', $states());
        $press = fn (string $what) => $this->post(route("pieces.$what", $piece), [
            'version' => $piece->refresh()->version,
        ])->assertSessionHasNoErrors();
        $press('undo');
        $this->get(route('pieces.record', $piece))->assertSee('As it was before that');
        self::assertSame($before, $states(), 'as it was');
        self::assertSame($took, $minutes());
        $press('redo');
        self::assertNotContains('done', $states());
        $press('undo');
        self::assertSame($before, $states());
        $press('redo');
        $this->work($piece, 'body/mount');
        $press('undo');
        self::assertSame($before, $states(), 'what was done since stands');
        $this->get(route('pieces.record', $piece))->assertOk();
    }

    public function test_a_finished_part_is_made_again_and_the_piece_is_in_work_again(): void
    {
        $piece = $this->bowl();
        foreach ($piece->plannedSteps()->orderBy('position')->pluck('step') as $id) {
            $this->travel(30)->days();
            $this->work($piece, $id);
        }
        self::assertSame(PieceState::Done, $piece->refresh()->state);
        $this->post(route('pieces.parts.again', $piece), ['version' => $piece->version])->assertSessionHasNoErrors();
        self::assertSame(PieceState::Working, $piece->refresh()->state);
        self::assertNotNull($piece->ready_at);
    }

    /** @param  array<string, string>  $typed */
    private function drawn(string $form, array $typed): Piece
    {
        $this->post(route('pieces.store'), $typed + [
            'name' => 'Gorse vase', 'form' => $form, 'wood' => 'Walnut (black)', 'grain' => 'end', 'moisture' => '9',
            'purpose' => 'handled',
        ])->assertSessionHasNoErrors();

        return Piece::query()->latest('id')->firstOrFail();
    }
}
