<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Change;
use App\Models\Piece;
use App\Models\Recipe;
use App\Planning\Foresight;
use App\Planning\PlanMaker;
use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\Form;
use HonestGrain\Reading\Document;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Opis\JsonSchema\Validator;

/** Whole surfaces kept under a name, compared and put on pieces; and a piece from a few fields to a date. */
final class RecipesTest extends FeatureTestCase
{
    public function test_a_piece_is_planned_from_a_few_fields_and_a_recipe(): void
    {
        $this->post('/pieces', $this->fields(Form::ShallowBowl) + ['recipe' => 'beads-shellac', 'then' => 'route'])
            ->assertSessionHasNoErrors()->assertSessionHas('said', 'Planned, with its surface. ');
        $piece = Piece::query()->latest('id')->firstOrFail();
        self::assertNotNull($piece->ready_at);
        $document = $piece->document->fields()['parts'][0];
        self::assertSame('beads', $document['marks'][0]['technique']);
        self::assertSame('Dewaxed shellac (2 lb cut)', $document['coats'][0]['layers'][0]['product']);
        $this->get(route('pieces.route', $piece))->assertSee('Cut the beads');
    }

    public function test_every_form_can_be_foreseen_and_then_planned_for_that_very_day(): void
    {
        foreach (Form::cases() as $form) {
            $fields = $this->fields($form);
            $page = (string) $this->get('/pieces/foreseen?'.http_build_query($fields))->assertOk()->getContent();
            self::assertSame(1, preg_match('/Ready (\w+ \d+ \w+)/', $page, $m), $form->value);
            $this->post('/pieces', $fields)->assertSessionHasNoErrors();
            $piece = Piece::query()->latest('id')->firstOrFail();
            self::assertSame($m[1], $piece->ready_at?->setTimezone('Europe/London')->format('D j M'), $form->value);
            $this->delete(route('pieces.destroy', $piece));
        }
    }

    public function test_a_piece_is_drawn_from_the_points_of_a_picture_and_foreseen_as_it_will_be(): void
    {
        // A bowl 100 across at its rim and 40 high in the picture, turned about 300.
        $picture = ['outline' => '320,240 330,239 342,225 348,210 350,200', 'axis' => '300', 'known' => 'diameter'];
        $fields = $picture + $this->fields(Form::ShallowBowl);
        $this->get('/pieces/foreseen?'.http_build_query($fields))->assertOk()->assertSee('of your hands');
        $this->post('/pieces', $fields)->assertSessionHasNoErrors();
        $shape = Piece::query()->latest('id')->firstOrFail()->document->fields()['parts'][0]['shape'];
        [$first, $last] = [$shape['outer'][0], $shape['outer'][count($shape['outer']) - 1]];
        self::assertEqualsWithDelta([0.0, 52.0], array_slice($first, 0, 2), 0.01, '20 of 50 px, where 260 mm are 100');
        self::assertEqualsWithDelta([104.0, 130.0], array_slice($last, 0, 2), 0.01);
        self::assertNotNull($shape['inner'], 'hollowed with the wall that was typed');
        $this->post('/pieces', ['known' => 'height', 'name' => 'Low dish'] + $fields)->assertSessionHasNoErrors();
        $shape = Piece::query()->latest('id')->firstOrFail()->document->fields()['parts'][0]['shape'];
        self::assertEqualsWithDelta(70.0, $shape['outer'][count($shape['outer']) - 1][0], 0.01);
    }

    public function test_a_picture_that_makes_no_piece_is_refused_at_its_field_and_stays_typed(): void
    {
        $pieces = Piece::query()->count();
        $fields = ['known' => 'diameter', 'axis' => '0'] + $this->fields(Form::ShallowBowl);
        $refused = [
            'outline' => ['outline' => '1,2 3,4'], 'axis' => ['outline' => '1,2 3,4 5,6', 'axis' => ''],
            'known' => ['outline' => '1,2 3,4 5,6', 'known' => 'weight'],
            'wall' => ['outline' => '1,100 2,50 40,0', 'wall' => '25'],
        ];
        foreach ($refused as $field => $typed) {
            $this->post('/pieces', $typed + $fields)->assertSessionHasErrors($field);
            $ask = '/pieces/foreseen?'.http_build_query($typed + $fields);
            self::assertNotSame('', strip_tags((string) $this->get($ask)->assertStatus(422)->getContent()));
        }
        $this->post('/pieces', ['outline' => '1,2 3,4 5,6', 'known' => 'height', 'axis' => '0']
            + $this->fields(Form::Sphere))->assertSessionHasErrors('known');
        self::assertSame($pieces, Piece::query()->count());
        $this->from('/pieces/create')->followingRedirects()->post('/pieces', ['outline' => '1,2 wide'] + $fields)
            ->assertSee('1,2 wide')->assertSee('it takes pairs of numbers');
    }

    public function test_a_free_blank_is_chosen_on_the_page_and_brings_its_wood(): void
    {
        $this->get('/pieces/create')->assertDontSee('Cut from');
        foreach ([51, 52] as $number) {
            $this->post('/rack', [
                'form' => 'round', 'pith' => 'out', 'keeping' => 'open', 'grain' => 'side', 'wood' => 'Cherry (black)',
                'diameter_mm' => '240',
                'length_mm' => '90', 'number' => (string) $number,
            ])->assertSessionHasNoErrors();
        }
        $taken = $this->shop->blanks()->where('number', 52)->firstOrFail();
        $taken->update(['piece_id' => $this->bowl()->id]);
        $free = $this->shop->blanks()->where('number', 51)->firstOrFail();
        $this->get('/pieces/create')->assertSee('Cut from')->assertSee('number 51')->assertDontSee('number 52');
        $page = $this->get("/pieces/create?name=Tern&due=2026-12-24&form=platter&blank=$free->id")
            ->assertSee('value="Tern"', false)->assertSee('value="2026-12-24"', false)->assertSee('From number 51');
        self::assertMatchesRegularExpression("/value=\"$free->id\"\\s+selected/", (string) $page->getContent());
    }

    public function test_one_question_of_a_maker_is_worked_at_at_a_time(): void
    {
        $ask = '/pieces/foreseen?'.http_build_query($this->fields(Form::Vase));
        $lock = cache()->lock("foreseen-{$this->wren->id}", 30);
        self::assertTrue($lock->get());
        $this->get($ask)->assertStatus(409);
        $lock->release();
        $this->get($ask)->assertOk();
        $this->get($ask)->assertOk();
    }

    public function test_among_too_many_a_piece_is_foreseen_by_itself_and_that_is_said(): void
    {
        $fields = $this->fields(Form::ShallowBowl) + ['recipe' => 'oiled-bowl'];
        $ask = fn () => $this->get('/pieces/foreseen?'.http_build_query($fields))->assertOk();
        $this->bowl();
        $piece = $this->bowl();
        $ask()->assertSee('with nothing else moved')->assertDontSee('By itself');
        $this->app->bind(Foresight::class, fn (): Foresight => new Foresight(app(PlanMaker::class), 1));
        $ask()->assertSee('By itself ready')->assertSee('Its date among 2 pieces comes once it is planned');
        $row = route('pieces.recipes.price', [$piece, 'oiled-bowl']);
        $this->get($row)->assertOk()->assertDontSee('by itself');
        $this->app->bind(Foresight::class, fn (): Foresight => new Foresight(app(PlanMaker::class), 0));
        $this->get($row)->assertOk()->assertSee('by itself');
    }

    public function test_nothing_is_kept_of_what_is_only_foreseen(): void
    {
        $before = [$this->workshopVersion(), Piece::query()->count()];
        $this->get('/pieces/foreseen?'.http_build_query(['name' => ''] + $this->fields(Form::Vase)))
            ->assertOk()->assertSee('of your hands')->assertSee('Shine: satin');
        self::assertSame($before, [$this->workshopVersion(), Piece::query()->count()]);
    }

    public function test_what_cannot_be_made_is_said_where_the_date_would_stand(): void
    {
        $fields = $this->fields(Form::ShallowBowl);
        $this->get('/pieces/foreseen?'.http_build_query(['diameter' => '-3'] + $fields))
            ->assertStatus(422)->assertSee('foreseen-verdict', false)->assertSee('from 5 to 2000');
        $this->get('/pieces/foreseen?'.http_build_query(['wall' => '90'] + $fields))
            ->assertStatus(422)->assertSee('foreseen-verdict', false);
        $this->get('/pieces/foreseen?'.http_build_query(['recipe' => 'own-99'] + $fields))->assertStatus(422)
            ->assertSee('There is no such recipe.');
        $this->post('/pieces', ['recipe' => 'none-such'] + $fields)->assertSessionHasErrors('recipe');
        self::assertSame(0, Piece::query()->where('name', 'Tern dish')->count());
    }

    public function test_a_surface_is_kept_once_used_on_several_and_taken_back(): void
    {
        $from = $this->bowl(['surface' => ['stop_at' => ['outside' => 'P600']]]);
        $onto = [$this->bowl(), $this->bowl()];
        $keep = ['of' => "as-$from->id", 'name' => 'Sunday best', 'note' => 'For show', 'once' => 'r1'];
        $this->post('/recipes', $keep)->assertSessionHasNoErrors();
        $this->post('/recipes', $keep)->assertSessionHasNoErrors();
        $own = Recipe::query()->sole();
        $this->post('/recipes', ['once' => 'r2'] + $keep)->assertSessionHasErrors('name');
        $this->get('/recipes')->assertSee('Sunday best')->assertSee('For show');

        $ids = array_map(fn (Piece $piece): int => $piece->id, $onto);
        $this->post('/recipes/use', ['recipe' => "own-$own->id", 'pieces' => $ids])
            ->assertRedirect()->assertSessionHasNoErrors();
        foreach ($onto as $piece) {
            $stop = $piece->refresh()->document->fields()['parts'][0]['surface']['stop_at'];
            self::assertSame(['outside' => 'P600'], $stop);
            self::assertSame(Change::SurfaceTaken, $piece->revisions()->latest('number')->firstOrFail()->what);
            $this->post(route('pieces.undo', $piece), ['version' => $piece->version]);
            self::assertSame([], $piece->refresh()->document->fields()['parts'][0]['surface']['stop_at']);
        }
    }

    public function test_a_piece_that_is_coated_keeps_its_surface_and_so_do_all_that_were_sent_with_it(): void
    {
        $coated = $this->bowl();
        $this->work(
            $coated, 'body/mount', 'body.outside/sand', 'body.rim/sand', 'body.inside/sand', 'body/wipe-clean', 'l1',
        );
        $bare = $this->bowl();
        $before = $bare->refresh()->version;
        $this->post('/recipes/use', ['recipe' => 'sprayed-box', 'pieces' => [$bare->id, $coated->id]])
            ->assertSessionHasErrors('pieces');
        self::assertSame($before, $bare->refresh()->version);
        $this->get(route('pieces.recipes', $coated))->assertSee('keeps its surface')->assertDontSee('Put it on');
        $this->post('/recipes/use', ['recipe' => 'sprayed-box'])->assertSessionHasErrors('pieces');
        $this->post('/recipes/use', ['recipe' => 'sprayed-box', 'pieces' => [99_999]])->assertNotFound();
    }

    public function test_recipes_stand_side_by_side_with_what_each_would_come_to(): void
    {
        $piece = $this->bowl();
        $this->get(route('pieces.recipes', $piece))->assertSee('Oiled salad bowl')->assertSee('As it is now');
        $oiled = (string) $this->get(route('pieces.recipes.price', [$piece, 'oiled-bowl']))->assertOk()->getContent();
        $sprayed = (string) $this->get(route('pieces.recipes.price', [$piece, 'sprayed-box']))->getContent();
        self::assertStringContainsString('matt', $oiled);
        self::assertStringContainsString('gloss', $sprayed);
        $day = function (string $row): Carbon {
            self::assertSame(1, preg_match('/<td[^>]*>\s*\w+ (\d+ \w+)\s*<\/td>/', $row, $m), $row);

            return Carbon::parse("$m[1] 2026");
        };
        self::assertTrue($day($oiled)->lt($day($sprayed)), 'lacquer is buffed weeks later');
        $same = $this->get(route('pieces.recipes.price', [$piece, "as-$piece->id"]));
        $same->assertOk()->assertDontSee('Put it on')
            ->assertSee($piece->refresh()->ready_at?->setTimezone('Europe/London')->format('D j M'));
        $this->get(route('pieces.recipes.price', [$piece, 'none-such']))->assertNotFound();
        $this->delete(route('pieces.destroy', $piece));
        $this->get(route('pieces.recipes', $piece))->assertSee('It is not in work')->assertDontSee('Put it on');
        $this->get(route('pieces.recipes.price', [$piece, 'oiled-bowl']))->assertNotFound();
    }

    public function test_a_recipe_goes_out_as_a_file_that_its_schema_knows_and_comes_in_elsewhere(): void
    {
        $this->post('/recipes', ['of' => 'as-'.$this->bowl()->id, 'name' => 'To take along']);
        $own = Recipe::query()->sole();
        $json = (string) $this->get(route('recipes.json', "own-$own->id"))->assertOk()->getContent();
        $schema = (string) file_get_contents(base_path('docs/formats/recipe.schema.json'));
        foreach ([$json, (string) $this->get(route('recipes.json', 'three-dyes'))->getContent()] as $document) {
            self::assertTrue((new Validator)->validate(json_decode($document), json_decode($schema))->isValid());
        }
        $other = $this->makeShop('Elsewhere', 'tern@elsewhere.example')->users()->firstOrFail();
        $this->flushSession()->actingAs($other)->get(route('recipes.json', "own-$own->id"))->assertNotFound();
        $this->put(route('recipes.update', $own), ['called' => 'Mine'])->assertNotFound();
        $file = fn (string $text): array => ['file' => UploadedFile::fake()->createWithContent('r.json', $text)];
        $this->post('/recipes/import', $file($json))->assertSessionHasNoErrors();
        self::assertEquals(
            $own->recipe()->toArray(), $other->workshop->recipes()->sole()->recipe()->toArray(),
        );
        $this->post('/recipes/import', $file('{"format":"honest-grain/recipe"}'))->assertSessionHasErrors('file');
        $spoilt = (string) json_encode(['parts' => [['of' => 'body', 'marks' => [['technique' => 'lathe']]]]]
            + (array) json_decode($json, true));
        $this->post('/recipes/import', $file($spoilt))->assertSessionHasErrors('file');
        self::assertSame(1, $other->workshop->recipes()->count());
    }

    public function test_own_mixes_travel_with_a_recipe_and_never_replace_those_that_are_there(): void
    {
        $mix = [
            'name' => 'Slip polish', 'note' => 'from a jar',
            'parts' => [['product' => 'Wiping varnish (oil-based thinned)', 'parts' => 2.0],
                ['product' => 'Mineral spirits', 'parts' => 1.0]],
        ];
        $this->shop->mixes()->create(['name' => 'Slip polish', 'typed' => Document::of($mix)]);
        $this->shop->mixes()->create(['name' => 'Not used', 'typed' => Document::of(['name' => 'Not used'] + $mix)]);
        $piece = $this->bowl(['coats' => [[
            'zones' => ['outside', 'inside', 'rim'], 'buff' => false,
            'layers' => [['product' => 'Slip polish', 'denib' => null]],
        ]]]);
        $this->post('/recipes', ['of' => "as-$piece->id", 'name' => 'Polished'])->assertSessionHasNoErrors();
        $own = Recipe::query()->sole();
        $json = (string) $this->get(route('recipes.json', "own-$own->id"))->getContent();
        self::assertSame(['Slip polish'], array_column(json_decode($json, true)['mixes'], 'name'));
        $schema = (string) file_get_contents(base_path('docs/formats/recipe.schema.json'));
        self::assertTrue((new Validator)->validate(json_decode($json), json_decode($schema))->isValid());
        $other = $this->makeShop('Elsewhere', 'tern@elsewhere.example')->users()->firstOrFail();
        $this->flushSession()->actingAs($other);
        $file = fn (array $document): array => [
            'file' => UploadedFile::fake()->createWithContent('r.json', (string) json_encode($document)),
        ];
        $document = json_decode($json, true);
        $this->post('/recipes/import', $file($document))->assertSessionHasNoErrors();
        self::assertSame(['Slip polish'], $other->workshop->mixes()->pluck('name')->all());
        self::assertArrayNotHasKey('mixes', $other->workshop->recipes()->sole()->recipe()->toArray());
        $bowl = $this->bowl([], $other->workshop);
        $this->post('/recipes/use', [
            'recipe' => 'own-'.$other->workshop->recipes()->sole()->id, 'pieces' => [$bowl->id],
        ])->assertSessionHasNoErrors();
        self::assertSame('Slip polish', $this->body($bowl)['coats'][0]['layers'][0]['product']);
        // One that is there under that name is the shop's own.
        $document['mixes'][0]['note'] = 'another';
        $this->post('/recipes/import', $file(['name' => 'Again'] + $document))->assertSessionHasNoErrors();
        self::assertSame('from a jar', $other->workshop->mixes()->sole()->typed->text('note'));
        $document['mixes'][0]['parts'] = [];
        $this->post('/recipes/import', $file(['name' => 'Third'] + $document))->assertSessionHasErrors('file');
        self::assertSame(2, $other->workshop->recipes()->count());
    }

    public function test_a_recipe_is_renamed_thrown_away_and_had_back(): void
    {
        $this->post('/recipes', ['of' => 'as-'.$this->bowl()->id, 'name' => 'One']);
        $this->post('/recipes', ['of' => 'as-'.$this->bowl()->id, 'name' => 'Second']);
        [$one, $two] = Recipe::query()->orderBy('id')->get()->all();
        $this->put(route('recipes.update', $one), ['called' => 'Second', 'version' => '1'])
            ->assertSessionHasErrors('called');
        $this->put(route('recipes.update', $one), ['called' => 'First', 'good_for' => 'Bowls', 'version' => '1']);
        self::assertSame(['First', 'Bowls'], [$one->refresh()->recipe()->name, $one->recipe()->note]);
        $this->delete(route('recipes.destroy', $two))->assertSessionHas('recipeBack', $two->id);
        $this->get('/recipes')->assertSee('Restore it');
        $this->get('/recipes')->assertDontSee('Second');
        $this->post('/recipes/use', ['recipe' => "own-$two->id", 'pieces' => [$this->bowl()->id]])
            ->assertSessionHasErrors('recipe');
        $this->post(route('recipes.back', $two));
        $this->get('/recipes')->assertSee('Second');
    }

    public function test_recipes_are_found_by_name_and_finish_and_put_in_order(): void
    {
        foreach (['Zostera' => 'sprayed-box', 'Avocet' => 'burnt-lines'] as $name => $of) {
            $this->post('/recipes', ['of' => $of, 'name' => $name])->assertSessionHasNoErrors();
        }
        $shown = function (string $asked): array {
            $page = (string) $this->get("/recipes$asked")->assertOk()->getContent();
            preg_match_all('/name="recipe"\s+value="([^"]+)"/', $page, $m);

            return $m[1];
        };
        $own = Recipe::query()->pluck('id', 'name');
        $keys = ["own-{$own['Avocet']}", "own-{$own['Zostera']}"];
        self::assertSame($keys, array_slice($shown(''), 0, 2), 'own first, by name');
        self::assertSame($keys, array_slice($shown('?sort=new'), 0, 2));
        $named = $shown('?sort=name');
        self::assertSame([$keys[0], 'pen-scales', $keys[1]], [$named[0], $named[1], $named[count($named) - 1]]);
        self::assertSame(['friction-spindle'], $shown('?finish=Microcrystalline+wax'));
        self::assertSame([$keys[0], 'burnt-lines', 'beads-shellac'], array_values(array_intersect(
            [$keys[0], 'burnt-lines', 'beads-shellac', 'oiled-bowl'], $shown('?finish=Paste+wax'),
        )));
        self::assertSame(['three-dyes'], $shown('?q=figured'), 'by what it is good for');
        $this->get('/recipes?q=nothing+so')->assertSee('No recipe here is like that')->assertSee('Show all');
    }

    public function test_a_recipe_is_changed_where_it_stands_and_the_change_is_taken_back(): void
    {
        $this->post('/recipes', ['of' => 'three-dyes', 'name' => 'My dyes'])->assertSessionHasNoErrors();
        $own = Recipe::query()->sole();
        $part = fn () => $own->refresh()->recipe()->parts[0];
        $put = fn (string $what, array $typed) => $this->put(
            route("recipes.$what", $own), ['version' => (string) $own->refresh()->version] + $typed,
        );
        $this->get(route('recipes.edit', $own))->assertOk()
            ->assertSee('Dye, water dye (powder), 0 to 100 % of the outside');
        $put('sanding', [
            'shown' => ['outside', 'inside'], 'own' => ['outside' => '120, 180 > 320'],
            'stop_at' => ['inside' => 'P240'], 'sanded' => ['outside'],
        ])->assertSessionHasNoErrors();
        self::assertSame(['outside' => ['P120', 'P180', 'P320']], $part()->sanding['own']);
        self::assertSame([['inside' => 'P240'], ['inside']], [
            $part()->sanding['stop_at'], $part()->sanding['unsanded'],
        ]);
        $put('marks', [
            'do' => 'save', 'at' => '1', 'from' => '20.5', 'to' => '60', 'set' => ['strength' => '0.3'],
            'product' => 'Alcohol dye (powder)', 'colour' => '#203040', 'mark_name' => 'Second colour',
        ])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta([0.205, 0.6], [$part()->marks[1]->fromShare, $part()->marks[1]->toShare], 1e-9);
        self::assertSame('#203040', $part()->marks[1]->settings['colour']);
        self::assertEqualsWithDelta(0.3, $part()->marks[1]->settings['strength'], 1e-9);
        self::assertArrayNotHasKey('sanded_um', $part()->marks[1]->settings, 'empty is as usual');
        self::assertSame('Second colour', $part()->marks[1]->name);
        $put('marks', ['do' => 'leave', 'at' => '0', 'from' => '50', 'to' => '1'])->assertSessionHasNoErrors();
        self::assertCount(2, $part()->marks);
        $put('coats', [
            'do' => 'save', 'at' => '0', 'zones' => ['outside', 'rim'],
            'product' => ['Hard-wax oil', '', 'Hard-wax oil'], 'denib' => ['pad', '', 'pad'], 'buff' => 'hand',
        ])->assertSessionHasNoErrors();
        self::assertSame(
            [['product' => 'Hard-wax oil', 'denib' => null], ['product' => 'Hard-wax oil', 'denib' => 'pad']],
            $part()->coats[0]->layers, 'nothing lies below the first',
        );
        self::assertSame(['inside'], Face::names($part()->bare), 'coated before, left bare now');
        $put('coats', ['do' => 'save', 'at' => '1', 'zones' => ['inside'], 'product' => ['Paste wax']]);
        self::assertSame([[Face::Inside], []], [$part()->coats[1]->zones, $part()->bare]);
        $put('ways', ['way_sealer' => 'before-sanding'])->assertSessionHasNoErrors();
        self::assertSame(['sealer' => 'before-sanding'], $own->refresh()->recipe()->school);
        $this->post(route('recipes.undo', $own), ['version' => (string) $own->version])->assertSessionHasNoErrors();
        self::assertSame([], $own->refresh()->recipe()->school);
        $bowl = $this->bowl();
        $this->post('/recipes/use', ['recipe' => "own-$own->id", 'pieces' => [$bowl->id]])
            ->assertSessionHasNoErrors();
        self::assertSame('Paste wax', $this->body($bowl)['coats'][1]['layers'][0]['product']);
    }

    public function test_a_wax_is_shown_rubbed_by_hand_where_nothing_else_was_said(): void
    {
        $rubbed = function (string $of): string {
            $this->post('/recipes', ['of' => $of, 'name' => "Mine: $of"])->assertSessionHasNoErrors();
            $page = (string) $this->get(route('recipes.edit', Recipe::query()->latest('id')->first()))->getContent();
            $select = (string) strstr($page, 'name="buff"');

            return preg_match('/value="([^"]*)"\s+selected/', (string) strstr($select, '</select>', true), $m) === 1
                ? $m[1] : '';
        };
        self::assertSame(['hand', 'wheel', ''], array_map($rubbed, ['burnt-lines', 'sprayed-box', 'oiled-bowl']));
    }

    public function test_what_a_recipe_cannot_be_is_refused_at_its_field_and_changes_nothing(): void
    {
        $this->post('/recipes', ['of' => 'beads-shellac', 'name' => 'Beads'])->assertSessionHasNoErrors();
        $own = Recipe::query()->sole();
        $before = $own->recipe()->toArray();
        $coats = ['do' => 'save', 'at' => '0', 'zones' => ['outside'], 'product' => ['Paste wax']];
        $mark = ['do' => 'save', 'at' => '0', 'from' => '10', 'to' => '20'];
        foreach ([
            ['sanding', ['own' => ['outside' => 'P120, P17'], 'shown' => ['outside']], 'own.outside'],
            ['sanding', ['stop_at' => ['outside' => 'smooth'], 'shown' => ['outside']], 'stop_at.outside'],
            ['marks', ['from' => '30', 'to' => '20'] + $mark, 'to'],
            ['marks', ['from' => '-1'] + $mark, 'from'],
            ['marks', ['set' => ['count' => '1000']] + $mark, 'set.count'],
            ['coats', ['zones' => []] + $coats, 'zones'],
            ['coats', ['product' => ['Boot polish']] + $coats, 'product.0'],
            ['coats', ['at' => '1'] + $coats, 'zones'],
            ['ways', ['way_sealer' => 'never'], 'way_sealer'],
            ['update', ['called' => ''], 'called'],
        ] as [$what, $typed, $field]) {
            $this->put(route("recipes.$what", $own), ['version' => '1', 'form' => 'here'] + $typed)
                ->assertSessionHasErrors($field);
        }
        $this->put(route('recipes.marks', $own), ['at' => '7', 'version' => '1'] + $mark)->assertNotFound();
        self::assertEquals($before, $own->refresh()->recipe()->toArray());
        // Two tabs: the second is told, and what it typed comes back.
        $this->put(route('recipes.update', $own), ['called' => 'Beads two', 'version' => '1']);
        $this->from(route('recipes.edit', $own))->followingRedirects()->put(
            route('recipes.update', $own), ['called' => 'Beads three', 'version' => '1', 'form' => 'name'],
        )->assertSee('changed elsewhere')->assertSee('value="Beads three"', false);
        self::assertSame('Beads two', $own->refresh()->name);
        $this->delete(route('recipes.destroy', $own))->assertRedirect(route('recipes.index'));
        $this->get(route('recipes.edit', $own))->assertNotFound();
    }

    /** @return array<string, string> of a new piece, as the page sends them */
    private function fields(Form $form): array
    {
        $sizes = array_intersect_key(
            array_combine(['diameter', 'height', 'foot', 'wall', 'bore'], array_map(strval(...), $form->sizes())),
            array_flip($form->asks()),
        );

        return $sizes + [
            'name' => 'Tern dish', 'form' => $form->value, 'wood' => 'Ash (white)', 'grain' => $form->grain()->value,
            'moisture' => '10', 'purpose' => 'handled', 'starts_as' => 'blank', 'due' => '2026-12-24',
        ];
    }

    private function workshopVersion(): int
    {
        return (int) $this->wren->workshop()->value('version');
    }
}
