<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Kept\Choices;
use App\Models\OwnWood;
use App\Models\Piece;
use HonestGrain\Geometry\Form;
use HonestGrain\Reading\Document;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\DataProvider;

/** Parts, joints, flaws and woods through the pages: what is typed is kept, what is wrong is said at its own field. */
final class PartsTest extends FeatureTestCase
{
    private const FLAW = [
        'flaw_kind' => 'crack', 'flaw_on' => 'outer', 'flaw_from' => '10', 'flaw_to' => '30', 'wish' => 'fill',
        'flaw_width' => '0.4',
    ];

    private const PART = [
        'part_name' => 'Lid', 'wood' => 'Holly (American)', 'grain' => 'end', 'moisture' => '8', 'holding' => 'jam',
    ];

    public function test_every_form_is_drawn_planned_and_shown_on_all_its_pages(): void
    {
        foreach (Form::cases() as $form) {
            $piece = $this->drawn($form);
            self::assertNotNull($piece->ready_at, $form->value);
            foreach (['shape', 'surface', 'marks', 'coats', 'route', 'record', 'card'] as $tab) {
                foreach (array_column($piece->document->fields()['parts'], 'id') as $part) {
                    $this->get(route("pieces.$tab", [$piece, 'part' => $part]))->assertOk();
                }
            }
        }
    }

    public function test_a_coat_is_added_in_its_place_and_all_are_put_on_another_part(): void
    {
        $piece = $this->drawn(Form::LiddedBox);
        $this->put(route('pieces.coats', $piece), [
            'version' => $piece->version, 'do' => 'stack', 'stack' => 'wiping-varnish', 'zones' => ['outside', 'rim'],
        ])->assertSessionHasNoErrors();
        $plan = $piece->refresh()->document->fields()['parts'][0]['coats'][0];
        $put = fn (array $fields) => $this->put(route('pieces.coats', $piece), [
            'version' => $piece->refresh()->version, 'plan' => $plan['id'],
        ] + $fields);
        $put([
            'do' => 'add', 'product' => 'Dewaxed shellac (2 lb cut)', 'under' => $plan['layers'][1]['id'],
        ])->assertSessionHasNoErrors();
        $layers = fn (int $part): array => array_column(
            array_slice($piece->refresh()->document->fields()['parts'][$part]['coats'], -1)[0]['layers'], 'product',
        );
        self::assertSame('Dewaxed shellac (2 lb cut)', $layers(0)[1]);
        self::assertCount(count($plan['layers']) + 1, $layers(0));
        $put(['do' => 'place', 'coat' => $plan['layers'][0]['id'], 'under' => ''])->assertSessionHasNoErrors();
        self::assertSame('Dewaxed shellac (2 lb cut)', $layers(0)[0]);
        $lid = $piece->document->fields()['parts'][1]['id'];
        $put(['do' => 'copy', 'to' => $lid])->assertSessionHasNoErrors();
        self::assertSame($layers(0), $layers(1));
        $put(['do' => 'copy', 'to' => 'gone'])->assertSessionHasErrors('to');
        $put(['do' => 'copy'])->assertSessionHasErrors('to');
    }

    public function test_steps_stand_in_the_order_of_time_whatever_part_they_are_of(): void
    {
        foreach ([Form::LiddedBox, Form::Mill, Form::Scoop] as $form) {
            $starts = $this->drawn($form)->plannedSteps()->orderBy('position')->pluck('start_at')->all();
            $sorted = $starts;
            sort($sorted);
            self::assertEquals($sorted, $starts, $form->value);
        }
    }

    public function test_what_a_face_is_for_is_set_on_its_page_and_holds_its_date(): void
    {
        $piece = $this->drawn(Form::ShallowBowl);
        $ready = $piece->ready_at;
        $this->put(route('pieces.surface', $piece), ['version' => 1, 'uses' => ['inside' => 'food']])
            ->assertSessionHasNoErrors();
        self::assertTrue($piece->refresh()->ready_at->gt($ready), 'food waits for full cure');
        $this->get(route('pieces.surface', $piece))->assertSee('food or drink');
        $this->put(route('pieces.surface', $piece), ['version' => 2, 'uses' => ['inside' => 'ballast']])
            ->assertSessionHasErrors('uses.inside');
    }

    public function test_a_part_is_added_with_its_joint_and_taken_away_with_it(): void
    {
        $piece = $this->drawn(Form::Vase);
        $this->post(route('pieces.parts.store', $piece), ['version' => 1, 'kind' => 'lid'])->assertSessionHasNoErrors()
            ->assertRedirectContains('part=lid-');
        $document = $piece->refresh()->document->fields();
        $lid = $document['parts'][1]['id'];
        self::assertSame(['body', $lid], $document['joints'][0]['parts']);
        $this->get(route('pieces.shape', [$piece, 'part' => $lid]))->assertOk()->assertSee('Lid: wood and hold');
        self::assertTrue($piece->plannedSteps()->where('step', 'like', 'joint-%/fit')->exists());

        $this->delete(
            route('pieces.parts.destroy', $piece), ['version' => 2, 'part' => $lid],
        )->assertSessionHasNoErrors();
        $left = $piece->refresh()->document->fields();
        self::assertSame([1, 0], [count($left['parts']), count($left['joints'])]);
        self::assertFalse($piece->plannedSteps()->where('part', $lid)->exists());
        $this->post(route('pieces.undo', $piece), ['version' => 3])->assertSessionHasNoErrors();
        self::assertSame($document, $piece->refresh()->document->fields());
    }

    public function test_each_part_is_changed_alone(): void
    {
        $piece = $this->drawn(Form::LiddedBox);
        $before = $piece->document->fields();
        $this->put(
            route('pieces.parts.update', $piece), ['version' => 1, 'part' => 'lid'] + self::PART,
        )->assertSessionHasNoErrors();
        $after = $piece->refresh()->document->fields();
        self::assertSame(['Holly (American)', 'jam'], [$after['parts'][1]['wood'], $after['parts'][1]['holding']]);
        self::assertSame($before['parts'][0], $after['parts'][0]);

        $this->put(route('pieces.surface', $piece), [
            'version' => 2, 'part' => 'lid', 'shown' => ['outside'], 'sanded' => ['outside'], 'stop_at' => [
                'outside' => 'P180',
            ],
        ])->assertSessionHasNoErrors();
        $this->post(route('pieces.marks', $piece), [
            'version' => 3, 'part' => 'lid', 'technique' => 'burnt-line', 'on' => 'outer', 'from' => '10', 'to' => '12',
        ])->assertSessionHasNoErrors();
        $this->put(
            route('pieces.coats', $piece),
            [
                'version' => 4, 'part' => 'lid', 'do' => 'remove',
                'plan' => $piece->refresh()->document->fields()['parts'][1]['coats'][0]['id'],
                'coat' => $piece->document->fields()['parts'][1]['coats'][0]['layers'][0]['id'],
            ],
        )
            ->assertSessionHasNoErrors();
        $last = $piece->refresh()->document->fields();
        self::assertSame($before['parts'][0], $last['parts'][0]);
        self::assertSame('P180', $last['parts'][1]['surface']['stop_at']['outside']);
        self::assertCount(1, $last['parts'][1]['marks']);
        self::assertCount(
            count($before['parts'][1]['coats'][0]['layers']) - 1, $last['parts'][1]['coats'][0]['layers'],
        );
    }

    public function test_a_bore_is_typed_and_a_joint_says_how_it_fits(): void
    {
        $piece = $this->drawn(Form::Mill);
        $body = fn (): array => $this->body($piece);
        $this->put(route('pieces.parts.update', $piece), [
            'version' => 1, 'part' => 'body', 'bore' => '30', 'bore_depth' => '', 'bore_from' => 'foot',
        ] + ['part_name' => 'Body', 'wood' => 'Ash (white)'] + self::PART)->assertSessionHasNoErrors();
        self::assertEquals(['diameter_mm' => 30, 'depth_mm' => null, 'from' => 'foot'], $body()['shape']['bore']);
        $this->get(route('pieces.shape', $piece))->assertSee('loose');
        $joint = $piece->document->fields()['joints'][0]['id'];
        $this->put(route('pieces.joints.update', [$piece, $joint]), [
            'version' => 2, 'joint_kind' => 'slip', 'joint_at' => 'top', 'joint_diameter' => '30',
            'joint_depth' => '14',
        ])->assertSessionHasNoErrors();
        self::assertEquals(30, $piece->refresh()->document->fields()['joints'][0]['diameter_mm']);
    }

    public function test_a_flaw_is_placed_changed_and_removed_and_its_steps_follow(): void
    {
        $piece = $this->drawn(Form::ShallowBowl);
        $this->post(route('pieces.flaws.store', $piece), ['version' => 1] + self::FLAW)->assertSessionHasNoErrors();
        $flaw = $this->body($piece)['features'][0];
        self::assertEquals([10, 30, 0.4, 'fill'], [$flaw['from_mm'], $flaw['to_mm'], $flaw['width_mm'], $flaw['wish']]);
        self::assertSame('fill', $this->step($piece, $flaw['id'])->technique);
        $this->get(route('pieces.shape', $piece))->assertSee("data-flaw=\"$flaw[id]\"", false);
        $this->get(route('bench'))->assertOk();

        $this->put(route('pieces.flaws.update', [$piece, $flaw['id']]), ['version' => 2, 'wish' => 'keep'] + self::FLAW)
            ->assertSessionHasNoErrors();
        self::assertSame($flaw['id'], $this->body($piece)['features'][0]['id'], 'it keeps its id');
        self::assertFalse($piece->plannedSteps()->where('step', $flaw['id'])->exists());
        $this->delete(
            route('pieces.flaws.destroy', [$piece, $flaw['id']]), ['version' => 3],
        )->assertSessionHasNoErrors();
        self::assertSame([], $this->body($piece)['features']);
    }

    /**
     * @param  array<string, string>  $typed
     */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_said_at_its_own_field_and_nothing_is_lost(
        string $form,
        array $typed,
        string $field,
    ): void {
        $piece = $this->drawn(Form::LiddedBox);
        $before = $piece->document->fields();
        $joint = $before['joints'][0]['id'];
        [$method, $url, $sound] = match ($form) {
            'flaw' => ['post', route('pieces.flaws.store', $piece), self::FLAW],
            'part' => ['put', route('pieces.parts.update', $piece), ['part' => 'lid'] + self::PART],
            'joint' => ['put', route('pieces.joints.update', [$piece, $joint]), [
                'joint_kind' => 'lifts', 'joint_at' => 'top', 'joint_diameter' => '60', 'joint_depth' => '8',
            ]],
            default => ['post', route('pieces.parts.store', $piece), ['kind' => 'lid']],
        };
        $this->from(route('pieces.shape', $piece))->$method($url, $typed + ['version' => 1] + $sound)
            ->assertRedirect(route('pieces.shape', $piece))->assertSessionHasErrors([$field]);
        self::assertSame($before, $piece->refresh()->document->fields());
        $this->get(route('pieces.shape', $piece))->assertOk();
    }

    /** @return iterable<string, array{string, array<string, string>, string}> */
    public static function wrong(): iterable
    {
        yield 'a flaw from its end to its beginning' => ['flaw', ['flaw_to' => '5'], 'flaw_to'];
        yield 'a flaw nowhere' => ['flaw', ['flaw_from' => ''], 'flaw_from'];
        yield 'a flaw in words' => ['flaw', ['flaw_width' => 'thin'], 'flaw_width'];
        yield 'a flaw past the end of its line' => ['flaw', ['flaw_to' => '5000'], 'flaw_to'];
        yield 'a flaw of no kind' => ['flaw', ['flaw_kind' => 'woe'], 'flaw_kind'];
        yield 'half a turn' => ['flaw', ['azimuth_from' => '10'], 'azimuth_to'];
        yield 'a fill of nothing known' => ['flaw', ['with' => 'gum'], 'with'];
        yield 'a wood that is not' => ['part', ['wood' => 'Moonwood'], 'wood'];
        yield 'a part without a name' => ['part', ['part_name' => ''], 'part_name'];
        yield 'wetter than wet' => ['part', ['moisture' => '300'], 'moisture'];
        yield 'a bore wider than the part' => ['part', ['bore' => '900'], 'bore'];
        yield 'a bore in words' => ['part', ['bore' => 'wide'], 'bore'];
        yield 'a hold that is not' => ['part', ['holding' => 'glue'], 'holding'];
        yield 'a joint of no width' => ['joint', ['joint_diameter' => '0'], 'joint_diameter'];
        yield 'a joint of no kind' => ['joint', ['joint_kind' => 'nail'], 'joint_kind'];
        yield 'a part of no kind' => ['add', ['kind' => 'wheel'], 'kind'];
    }

    public function test_a_second_tab_overwrites_no_part_and_no_flaw(): void
    {
        $piece = $this->drawn(Form::LiddedBox);
        $this->post(
            route('pieces.flaws.store', $piece), ['version' => 1, 'part' => 'lid'] + self::FLAW,
        )->assertSessionHasNoErrors();
        $kept = $piece->refresh()->document->fields();
        $this->post(
            route('pieces.flaws.store', $piece), ['version' => 1, 'part' => 'lid'] + self::FLAW,
        )->assertSessionHasErrors();
        $this->put(
            route('pieces.parts.update', $piece), ['version' => 1, 'part' => 'lid'] + self::PART,
        )->assertSessionHasErrors();
        self::assertSame($kept, $piece->refresh()->document->fields(), 'a flaw pressed twice is placed once');
    }

    public function test_lengths_are_typed_in_the_readers_unit(): void
    {
        $this->wren->update(['preferences' => new Choices(['units' => 'imperial'])]);
        $piece = $this->drawn(Form::ShallowBowl);
        $this->post(
            route('pieces.flaws.store', $piece),
            ['version' => 1, 'flaw_from' => '1', 'flaw_to' => '2', 'flaw_width' => '0.1'] + self::FLAW,
        )
            ->assertSessionHasNoErrors();
        $flaw = $this->body($piece)['features'][0];
        self::assertEqualsWithDelta([25.4, 50.8, 2.54], [$flaw['from_mm'], $flaw['to_mm'], $flaw['width_mm']], 1e-9);
        $this->get(route('pieces.shape', $piece))->assertSee('From, in');
    }

    public function test_a_wood_of_ones_own_is_typed_used_and_kept_while_a_piece_is_made_of_it(): void
    {
        $typed = [
            'wood_name' => 'Garden plum', 'like' => 'Cherry (black)', 'janka_n' => '7000', 'pore' => 'fine',
            'dust' => 'irritates', 'tannin' => '1',
        ];
        $this->post(route('woods.store'), $typed)->assertSessionHasNoErrors();
        $this->get(route('woods'))->assertOk()->assertSee('Garden plum');
        $piece = $this->drawn(Form::LiddedBox);
        $this->put(
            route('pieces.parts.update', $piece),
            ['version' => 1, 'part' => 'lid', 'wood' => 'Garden plum'] + self::PART,
        )
            ->assertSessionHasNoErrors();
        $this->get(route('pieces.shape', [$piece, 'part' => 'lid']))->assertOk()->assertSee('Cherry (black)');
        $own = OwnWood::query()->firstOrFail();
        $this->delete(route('woods.destroy', $own))->assertSessionHasErrors('wood_name');

        // It goes out with the piece, and comes into a shop that never heard of it.
        $json = (string) $this->get(route('pieces.json', $piece))->assertOk()->getContent();
        self::assertSame('Garden plum', json_decode($json, true)['woods'][0]['name']);

        $other = $this->makeShop('Cuckoo Yard', 'teal@example.test');
        $this->flushSession();
        $this->actingAs($other->users()->firstOrFail())->post('/pieces/import', [
            'file' => UploadedFile::fake()->createWithContent('box.json', $json),
        ])->assertSessionHasNoErrors();
        $this->get(route('pieces.shape', [$other->pieces()->firstOrFail(), 'part' => 'lid']))->assertOk()
            ->assertSee('Garden plum');
        self::assertSame('7000', (string) $other->woods()->firstOrFail()->typed->value('janka_n'));
        $this->flushSession();
        $this->actingAs($this->wren);

        $theirs = $other->woods()->create(['name' => 'Their plum', 'typed' => Document::of([])]);
        $this->delete(route('woods.destroy', $theirs))->assertNotFound();
        $this->put(
            route('pieces.parts.update', $piece), ['version' => 2, 'part' => 'lid'] + self::PART,
        )->assertSessionHasNoErrors();
        $this->delete(route('woods.destroy', $own))->assertSessionHasNoErrors();
        self::assertSame([], $this->shop->woods()->pluck('name')->all());
    }

    /** @param  array<string, string>  $typed */
    #[DataProvider('wrongWoods')]
    public function test_a_wood_that_cannot_be_is_refused_at_its_field(array $typed, string $field): void
    {
        $this->post(
            route('woods.store'), $typed + ['wood_name' => 'Garden plum', 'pore' => 'fine'],
        )->assertSessionHasErrors([$field]);
        self::assertSame(0, OwnWood::query()->count());
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function wrongWoods(): iterable
    {
        yield 'without a name' => [['wood_name' => ''], 'wood_name'];
        yield 'lighter than cork' => [['density_kg_m3' => '2'], 'density_kg_m3'];
        yield 'a hardness in words' => [['janka_n' => 'hard'], 'janka_n'];
        yield 'like nothing known' => [['like' => 'Moonwood'], 'like'];
        yield 'pores of no kind' => [['pore' => 'holes'], 'pore'];
    }

    public function test_a_figure_that_nobody_knows_is_said_where_it_is_needed(): void
    {
        $piece = $this->drawn(Form::ShallowBowl);
        $this->put(
            route('pieces.parts.update', $piece), ['version' => 1, 'wood' => 'Madrone (Pacific)'] + self::PART,
        )->assertSessionHasNoErrors();
        self::assertNull($piece->refresh()->ready_at);
        $this->get(route('pieces.shape', $piece))->assertOk()->assertSee('No hardness is known for Madrone (Pacific)');
        $this->get(route('pieces.surface', $piece))->assertOk()->assertSee('Not priced.');
        $this->post(
            route('woods.store'), ['wood_name' => 'Madrone (Pacific)', 'janka_n' => '6500', 'pore' => 'fine'],
        )->assertSessionHasNoErrors();
        self::assertNotNull($piece->refresh()->ready_at, 'once it is typed there is a date');
    }

    private function drawn(Form $form): Piece
    {
        $inches = $this->wren->preferences->of('units') === 'imperial';
        $sizes = [];
        foreach ($form->sizes() as $size => $mm) {
            $sizes[str_replace('_mm', '', $size)] = (string) round($inches ? $mm / 25.4 : $mm, 3);
        }
        $this->post(route('pieces.store'), [
            'name' => "Any $form->value", 'form' => $form->value, 'wood' => 'Ash (white)', 'moisture' => '9',
            'grain' => 'end', 'purpose' => 'handled', 'starts_as' => 'turned',
        ] + $sizes)->assertSessionHasNoErrors();

        return Piece::query()->latest('id')->firstOrFail();
    }
}
