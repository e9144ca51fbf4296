<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Kept\Choices;
use App\Models\Piece;
use Tests\Core\Told;

final class PieceTest extends FeatureTestCase
{
    private const TYPED = [
        'name' => 'Gorse bowl', 'form' => 'deep-bowl', 'wood' => 'Walnut (black)', 'grain' => 'side',
        'moisture' => '9.5', 'purpose' => 'handled', 'due' => '2026-12-18', 'diameter' => '220', 'height' => '120',
        'foot' => '80', 'wall' => '8',
    ];

    public function test_a_piece_is_drawn_from_a_form_and_planned_at_once(): void
    {
        $this->get('/pieces/create')->assertOk()->assertSee('Hollow form');
        $this->post('/pieces', self::TYPED)->assertSessionHasNoErrors();
        $piece = Piece::query()->where('name', 'Gorse bowl')->firstOrFail();
        self::assertEqualsWithDelta(220, $piece->diameter_mm, 1);
        self::assertSame('2026-12-18 17:00:00', (string) $piece->due_at);
        self::assertNotNull($piece->ready_at);
        self::assertGreaterThan(10, $piece->plannedSteps()->count());
        foreach (['shape', 'surface', 'marks', 'coats', 'route', 'record', 'card'] as $tab) {
            $this->get("/pieces/{$piece->id}/$tab")->assertOk()->assertSee('Gorse bowl');
        }
        $this->get('/pieces')->assertSee('Gorse bowl');
        $this->get('/pieces?q=nothing%25')->assertDontSee('Gorse bowl');
    }

    public function test_sizes_that_make_no_piece_are_refused_and_nothing_typed_is_lost(): void
    {
        foreach ([
            ['foot' => '300'], ['wall' => '90'], ['diameter' => '-5'], ['diameter' => 'NaN'], ['height' => '1e9'],
            ['wood' => 'Plastic'], ['name' => ''],
        ] as $silly) {
            $this->from('/pieces/create')
                ->post('/pieces', $silly + self::TYPED)
                ->assertRedirect('/pieces/create')
                ->assertSessionHasErrors(array_keys($silly)[0])
                ->assertSessionHasInput('height');
        }
        self::assertSame(0, $this->shop->pieces()->count());
    }

    public function test_an_inch_is_an_inch(): void
    {
        $this->wren->update(['preferences' => new Choices(['units' => 'imperial'])]);
        $this->post(
            '/pieces', ['diameter' => '10', 'height' => '4', 'foot' => '3.5', 'wall' => '0.3'] + self::TYPED,
        )->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(254, $this->shop->pieces()->firstOrFail()->diameter_mm, 1);
    }

    public function test_the_shape_is_previewed_without_and_saved_with_a_new_version(): void
    {
        $piece = $this->bowl();
        $shape = $this->body($piece)['shape'];
        $shape['outer'][count($shape['outer']) - 1][1] = 140.0;
        $this->postJson(route('pieces.shape.preview', $piece), ['shape' => $shape])
            ->assertOk()
            ->assertJsonPath('zones.0.id', 'outside')
            ->assertJsonPath('shape.outer.'.(count($shape['outer']) - 1).'.1', 140);
        self::assertSame(1, $piece->refresh()->version);
        $this->put(
            route('pieces.shape', $piece), ['version' => 1, 'shape' => json_encode($shape)],
        )->assertSessionHasNoErrors();
        self::assertSame(2, $piece->refresh()->version);
        self::assertEqualsWithDelta(280, $piece->diameter_mm, 0.5);
    }

    public function test_impossible_shapes_are_refused_with_the_field_and_change_nothing(): void
    {
        $piece = $this->bowl();
        $cross = [
            'outer' => [[0, 10, 'corner'], [50, 60, 'corner'], [50, 10, 'corner'], [0, 60, 'corner']], 'inner' => null,
        ];
        $this->postJson(route('pieces.shape.preview', $piece), ['shape' => $cross])
            ->assertStatus(422)
            ->assertJsonPath('code', 'self-crossing')
            ->assertJsonPath('field', 'shape.outer');
        $this->put(route('pieces.shape', $piece), ['version' => 1, 'shape' => json_encode($cross)])
            ->assertSessionHasErrors('shape.outer');
        $this->put(
            route('pieces.shape', $piece), ['version' => 1, 'shape' => '{"outer": NaN}'],
        )->assertSessionHasErrors('document');
        $this->put(
            route('pieces.shape', $piece),
            ['version' => 1, 'shape' => json_encode(['outer' => [[0, 10], [20, -3]], 'inner' => null])],
        )
            ->assertSessionHasErrors('shape.outer.1.1');
        self::assertSame(1, $piece->refresh()->version);
    }

    public function test_a_second_tab_never_overwrites_the_first(): void
    {
        $piece = $this->bowl();
        $this->put(
            route('pieces.surface', $piece), ['version' => 1, 'tool_mark_um' => ['outside' => '120']],
        )->assertSessionHasNoErrors();
        $this->put(route('pieces.surface', $piece), ['version' => 1, 'tool_mark_um' => ['outside' => '30']])
            ->assertSessionHasErrors('version')
            ->assertSessionHasInput('tool_mark_um', ['outside' => '30']);
        self::assertEquals(120, $this->body($piece)['surface']['tool_mark_um']['outside']);
    }

    public function test_every_change_can_be_undone_and_redone(): void
    {
        $piece = $this->bowl();
        $this->put(route('pieces.surface', $piece), ['version' => 1, 'tool_mark_um' => ['outside' => '120']]);
        $this->post(
            route('pieces.marks', $piece),
            ['version' => 2, 'technique' => 'burnt-line', 'on' => 'outer', 'from' => '40', 'to' => '42'],
        );
        $this->post(route('pieces.undo', $piece), ['version' => 3]);
        self::assertSame([], $this->body($piece)['marks']);
        $this->post(route('pieces.undo', $piece), ['version' => 4]);
        self::assertEquals(80, $this->body($piece)['surface']['tool_mark_um']['outside']);
        $this->post(route('pieces.redo', $piece), ['version' => 5]);
        $this->post(route('pieces.redo', $piece), ['version' => 6]);
        self::assertCount(1, $this->body($piece)['marks']);
        $this->post(route('pieces.redo', $piece), ['version' => 7])->assertSessionHasNoErrors();
        self::assertSame(7, $piece->refresh()->version);
    }

    public function test_saving_what_is_there_already_is_no_change(): void
    {
        $piece = $this->bowl();
        $same = ['version' => 1, 'tool_mark_um' => ['outside' => '80'], 'own' => ['outside' => '']];
        $this->put(route('pieces.surface', $piece), $same)->assertSessionHas('said', 'Sanding saved.');
        $this->put(
            route('pieces.shape', $piece), ['version' => 1, 'shape' => json_encode($this->body($piece)['shape'])],
        )->assertSessionHasNoErrors();
        self::assertSame([1, 1], [$piece->refresh()->version, $piece->revisions()->count()]);
        $this->put(
            route('pieces.surface', $piece), ['tool_mark_um' => ['outside' => '81']] + $same,
        )->assertSessionHasNoErrors();
        self::assertSame([2, 2], [$piece->refresh()->version, $piece->revisions()->count()]);
    }

    public function test_an_own_ladder_is_priced_and_a_bare_number_is_of_the_readers_scale(): void
    {
        $piece = $this->bowl();
        $this->put(
            route('pieces.surface', $piece),
            ['version' => 1, 'tool_mark_um' => ['outside' => '80'], 'own' => ['outside' => 'p80, P180, cami 400']],
        )->assertSessionHasNoErrors();
        self::assertSame(['P80', 'P180', 'CAMI 400'], $this->body($piece)['surface']['own']['outside']);
        $this->get(route('pieces.surface', $piece))->assertSee('the size falls by 2.45 times');
        $this->put(
            route('pieces.surface', $piece),
            ['version' => 2, 'tool_mark_um' => ['outside' => '80'], 'own' => ['outside' => '80, 180']],
        )->assertSessionHasNoErrors();
        self::assertSame(['P80', 'P180'], $this->body($piece)['surface']['own']['outside']);
        $this->wren->update(['preferences' => new Choices(['grits' => 'CAMI'])]);
        $this->put(
            route('pieces.surface', $piece),
            ['version' => 3, 'tool_mark_um' => ['outside' => '80'], 'own' => ['outside' => '80, 220']],
        )->assertSessionHasNoErrors();
        self::assertSame(['CAMI 80', 'CAMI 220'], $this->body($piece)['surface']['own']['outside']);
        $this->put(
            route('pieces.surface', $piece), [
                'version' => 4, 'tool_mark_um' => ['outside' => '80'], 'own' => ['outside' => 'P81'],
            ],
        )->assertSessionHasErrors('own.outside');
    }

    public function test_marks_are_placed_changed_and_removed_and_stand_in_the_route(): void
    {
        $piece = $this->bowl();
        $dye = [
            'technique' => 'dye', 'on' => 'outer', 'from' => '60', 'to' => '80', 'product' => 'Alcohol dye (powder)',
            'colour' => '#2e4d63',
        ];
        $this->post(route('pieces.marks', $piece), ['version' => 1] + $dye)->assertSessionHasNoErrors();
        $this->post(
            route('pieces.marks', $piece),
            ['version' => 2, 'technique' => 'burnt-line', 'on' => 'outer', 'from' => '57', 'to' => '58.5'],
        )->assertSessionHasNoErrors();
        [$tide, $line] = array_column($this->body($piece)['marks'], 'id');
        self::assertLessThan($this->step($piece, $tide)->position, $this->step($piece, $line)->position);
        $this->get(route('pieces.marks', $piece))->assertSee('a burnt line is a dam');
        $this->put(
            route('pieces.marks.update', [$piece, $tide]), ['version' => 3, 'minutes' => '33'] + $dye,
        )->assertSessionHasNoErrors();
        self::assertSame(33.0, $this->step($piece, $tide)->minutes);
        $this->post(
            route('pieces.marks', $piece), ['version' => 4, 'to' => '9000'] + $dye,
        )->assertSessionHasErrors('to');
        $this->post(
            route('pieces.marks', $piece), ['version' => 4, 'to' => '900'] + $dye,
        )->assertSessionHasErrors('to');
        $this->delete(route('pieces.marks.destroy', [$piece, $tide]), ['version' => 4])->assertSessionHasNoErrors();
        self::assertCount(1, $this->body($piece)['marks']);
    }

    public function test_a_verdict_over_several_dyes_is_said_once_with_all_of_them(): void
    {
        $dye = fn (string $id, int $from): array => [
            'id' => $id, 'kind' => 'dye', 'on' => 'outer', 'from_mm' => $from, 'to_mm' => $from + 10,
            'product' => 'Alcohol dye (powder)', 'colour' => '#2e4d63',
        ];
        $piece = $this->bowl(['marks' => [$dye('a', 40), $dye('b', 60), $dye('c', 80)], 'coats' => [[
            'zones' => ['outside'], 'buff' => false,
            'layers' => [['product' => 'Dewaxed shellac (2 lb cut)', 'denib' => null]],
        ]]]);
        $page = (string) $this->get(route('pieces.coats', $piece))->assertOk()->getContent();
        preg_match_all('/Over ([^:<]*):\s/', $page, $said);
        self::assertCount(1, $said[0], implode('|', $said[0]));
        preg_match('~<thead>(.*?)</thead>~s', $page, $head);
        preg_match_all('~<th[^>]*>\s*(.*?)\s*</th>~s', $head[1] ?? '', $columns);
        self::assertSame(
            ['Coat', 'Rub down the coat below with', 'Take', 'Next coat after', 'Handle after', 'Change it'],
            array_map(strip_tags(...), $columns[1]), 'what, rub, take, when; the rest opens',
        );
    }

    public function test_a_coat_that_has_gone_meanwhile_is_not_another(): void
    {
        $piece = $this->bowl();
        [$plan, $coat] = [$this->planId($piece, 0), $this->coatId($piece, 0, 1)];
        $take = fn (int $version) => $this->put(route('pieces.coats', $piece), [
            'version' => $version, 'do' => 'remove', 'plan' => $plan, 'coat' => $coat,
        ]);
        $left = count($this->body($piece)['coats'][0]['layers']) - 1;
        $take(1)->assertSessionHasNoErrors();
        $take(2)->assertSessionHasErrors(['coat' => 'This coat is no longer there; look at the page again.']);
        self::assertCount($left, $this->body($piece)['coats'][0]['layers']);
    }

    public function test_coats_are_taken_as_a_stack_and_changed_one_by_one(): void
    {
        $piece = $this->bowl();
        $put = function (array $typed) use ($piece) {
            return $this->put(route('pieces.coats', $piece), ['version' => $piece->refresh()->version] + $typed);
        };
        $put(['do' => 'stack', 'stack' => 'wiping-varnish', 'zones' => ['outside', 'rim']])->assertSessionHasNoErrors();
        self::assertSame([['inside'], ['outside', 'rim']], array_column($this->body($piece)['coats'], 'zones'));
        $put(['do' => 'add', 'plan' => $this->planId($piece, 1), 'product' => 'Paste wax']);
        self::assertMatchesRegularExpression(
            '/^Coats saved\. It will be ready [\d.]+ (?:days|h) later than before: /', $this->said(),
        );
        $put(
            ['do' => 'add', 'plan' => $this->planId($piece, 1), 'product' => 'Wiping varnish (oil-based thinned)'],
        )->assertSessionHasNoErrors();
        $this->get(route('pieces.coats', $piece))->assertSee('Nothing sticks over wax')->assertSee('Wash the wax off');
        self::assertTrue($piece->refresh()->conflicts[0]->forbids);
        $put(['do' => 'remove', 'plan' => $this->planId($piece, 1), 'coat' => $this->coatId($piece, 1, 5)]);
        $put([
            'do' => 'denib', 'plan' => $this->planId($piece, 1), 'coat' => $this->coatId($piece, 1, 1),
            'denib' => 'steel-wool',
        ]);
        self::assertSame('steel-wool', $this->body($piece)['coats'][1]['layers'][1]['denib']);
        $put(['do' => 'buff', 'plan' => $this->planId($piece, 1), 'buff' => 'hand']);
        $buff = $this->body($piece)['coats'][1]['id'].'/buff';
        self::assertStringContainsString('by hand', Told::of($this->step($piece, $buff)->title));
        $put(['do' => 'buff', 'plan' => $this->planId($piece, 1), 'buff' => 'wheel']);
        self::assertStringContainsString('on the wheel', Told::of($this->step($piece, $buff)->title));
        $put(['do' => 'buff', 'plan' => $this->planId($piece, 1), 'buff' => '']);
        self::assertNull($piece->plannedSteps()->where('step', $buff)->first());
        $put(['do' => 'sheen', 'plan' => $this->planId($piece, 1), 'sheen' => 'matt'])->assertSessionHasNoErrors();
        self::assertStringContainsString('pad', Told::of($this->step($piece, $buff)->title));
        $this->get(route('pieces.coats', $piece))->assertSee('value="matt" selected', false);
        $put(['do' => 'sheen', 'plan' => $this->planId($piece, 1), 'sheen' => 'glassy'])
            ->assertSessionHasErrors('sheen');
        self::assertSame('matt', $this->body($piece)['coats'][1]['sheen']);
        $put(['do' => 'sheen', 'plan' => $this->planId($piece, 1), 'sheen' => '']);
        self::assertArrayNotHasKey('sheen', $this->body($piece)['coats'][1]);
        $put(['do' => 'add', 'plan' => $this->planId($piece, 1), 'product' => 'Ketchup'])
            ->assertSessionHasErrors('coats.1.layers.5.product');
        $put(['do' => 'stack', 'stack' => 'none'])->assertSessionHasErrors('zones');
        $put(['do' => 'unplan', 'plan' => $this->planId($piece, 0)]);
        $put(['do' => 'unplan', 'plan' => $this->planId($piece, 0)]);
        self::assertSame([], $this->body($piece)['coats']);
        $this->get(route('pieces.coats', $piece))->assertSee('No finish yet');
    }

    public function test_a_piece_put_away_leaves_the_plan_and_can_come_back(): void
    {
        $piece = $this->bowl();
        $this->delete(route('pieces.destroy', $piece))->assertRedirect('/pieces');
        $this->get('/bench')->assertDontSee('Ebb bowl:');
        $this->get('/pieces?state=put-away')->assertSee('Ebb bowl');
        $this->post(route('pieces.revive', $piece))->assertSessionHasNoErrors();
        $this->get('/bench')->assertSee('Ebb bowl');
        $this->post(route('pieces.copy', $piece))->assertSessionHasNoErrors();
        self::assertSame(2, $this->shop->pieces()->working()->count());
    }

    public function test_the_last_two_hundred_revisions_are_kept(): void
    {
        $piece = $this->bowl();
        $piece->revisions()->insert(array_map(fn (int $number): array => [
            'piece_id' => $piece->id, 'number' => $number, 'document' => json_encode($piece->document->fields()),
            'what' => 'drawn', 'created_at' => now(),
        ], range(2, 200)));
        $piece->update(['revision' => 200]);
        $this->put(route('pieces.surface', $piece), [
            'version' => $piece->version, 'tool_mark_um' => ['outside' => '81'],
        ])->assertSessionHasNoErrors();
        self::assertSame([200, 2, 201], [
            $piece->revisions()->count(), $piece->revisions()->min('number'), $piece->refresh()->revision,
        ]);
    }

    public function test_undo_and_redo_say_what_they_do(): void
    {
        $piece = $this->bowl();
        $this->get(route('pieces.coats', $piece))->assertDontSee('name and date')->assertSee('Undo');
        $this->put("/pieces/$piece->id", [
            'version' => 1, 'name' => 'Teal bowl', 'due' => '2026-12-19', 'purpose' => 'handled',
        ])->assertSessionHasNoErrors();
        $this->get(route('pieces.coats', $piece))->assertSeeInOrder(['Undo', 'name and date', 'Redo']);
        $this->post(route('pieces.undo', $piece), ['version' => $piece->refresh()->version])
            ->assertSessionHas('said', 'Undone: name and date.');
        $this->get(route('pieces.coats', $piece))->assertSeeInOrder(['Redo', 'name and date']);
        $this->post(route('pieces.redo', $piece), ['version' => $piece->refresh()->version])
            ->assertSessionHas('said', 'Done again: name and date.');
    }

    public function test_a_line_is_redrawn_by_a_rule(): void
    {
        $piece = $this->bowl();
        $outer = $this->body($piece)['shape']['outer'];
        $redraw = fn (array $fields) => $this->post(
            route('pieces.shape.redraw', $piece), ['version' => $piece->refresh()->version] + $fields,
        );
        $redraw(['way' => 'even-wall', 'redraw_wall' => '5 1/2'])->assertSessionHasNoErrors()
            ->assertSessionHas('said', 'The inside is redrawn. Undo brings yours back.');
        self::assertSame($outer, $this->body($piece)['shape']['outer']);
        $this->get(route('pieces.shape', $piece))->assertSee('Wall 5.5 mm at thinnest')
            ->assertSee('the inside redrawn');
        $redraw(['way' => 'straight-inside', 'redraw_wall' => '7'])->assertSessionHasNoErrors();
        self::assertCount(3, $this->body($piece)['shape']['inner']);
        // What cannot be is said at its field, and nothing is changed.
        $inner = $this->body($piece)['shape']['inner'];
        $redraw(['way' => 'even-wall', 'redraw_wall' => '140'])->assertSessionHasErrors('redraw_wall');
        $redraw(['way' => 'even-wall', 'redraw_wall' => ''])->assertSessionHasErrors('redraw_wall');
        $redraw(['way' => 'round', 'redraw_wall' => '5'])->assertSessionHasErrors('way');
        self::assertSame($inner, $this->body($piece)['shape']['inner']);
    }

    public function test_a_list_of_pieces_is_narrowed_and_sorted(): void
    {
        $this->bowl(['name' => 'Ash late', 'due_at' => '2027-02-01T17:00:00Z']);
        $this->bowl(['name' => 'Oak soon', 'wood' => 'Oak (white)', 'due_at' => '2026-12-20T17:00:00Z']);
        $this->bowl(['name' => 'Ash undated', 'due_at' => null]);
        $this->get('/pieces')->assertSeeInOrder(['Oak soon', 'Ash late', 'Ash undated']);
        $this->get('/pieces?sort=name')->assertSeeInOrder(['Ash late', 'Ash undated', 'Oak soon']);
        $this->get('/pieces?sort=new')->assertSeeInOrder(['Ash undated', 'Oak soon', 'Ash late']);
        $this->get('/pieces?wood=Oak%20(white)')->assertSee('Oak soon')->assertDontSee('Ash late');
        $this->get('/pieces?form=vase')->assertSee('No piece here is like that')->assertSee('Show all');
        // What is not understood is taken as not asked.
        $this->get('/pieces?form=cube&sort=colour')->assertOk();
    }
}
