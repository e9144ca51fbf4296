<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Kept\DyedLayer;
use App\Models\Swatch;
use Illuminate\Http\UploadedFile;

/** Dyes on the wheel, and test boards from the form to the band that they are used on. */
final class SwatchesTest extends FeatureTestCase
{
    private const BOARD = [
        'swatch_name' => 'Lagoon', 'wood' => 'Ash (white)', 'made_on' => '2026-11-20', 'grit' => 'P320',
        'layer_product' => ['Water dye (powder)', ''], 'layer_rgb' => ['#1d6b86', '#2e4d63'],
        'layer_strength' => ['0.6', '1'], 'layer_sanded' => ['0', '0'],
    ];

    public function test_dyes_go_on_the_wheel_and_are_mixed_for_an_area_at_a_cost(): void
    {
        $this->get(route('swatches'))->assertOk()->assertSeeText('No dye yet.');
        foreach ([['Slate', '#12222d', '0.5'], ['Straw', '#c9a24a', '0.25']] as [$name, $rgb, $price]) {
            $this->post(route('dyes.store'), [
                'dye_name' => $name, 'product' => 'Water dye (powder)', 'rgb' => $rgb, 'stock' => '20',
                'price' => $price,
            ])->assertSessionHasNoErrors();
        }
        $page = $this->get(route('swatches', ['pick' => 3, 'wood' => 'Ash (white)', 'area' => 500]))->assertOk();
        // 500 cm² at 2 mL to 100: 10 mL at 20 g/L is 0.2 g, in even parts.
        $page->assertSeeText('1 Slate, 1 Straw')->assertSeeText('10 mL')->assertSeeText('0.10 g')
            ->assertSeeText('0.08 in all')->assertSeeText('Across the wheel');
        $this->post(route('dyes.store'), [
            'dye_name' => 'Slate', 'product' => 'Water dye (powder)', 'rgb' => '#101820',
        ])->assertSessionHasNoErrors();
        self::assertSame(['#101820', '#c9a24a'], $this->shop->dyes()->pluck('rgb')->all());
        $this->from(route('swatches'))->post(route('dyes.store'), [
            'dye_name' => '', 'product' => 'Paste wax', 'rgb' => 'blue', 'stock' => '-1',
        ])->assertSessionHasErrors(['dye_name', 'product', 'rgb', 'stock']);
        $this->delete(route('dyes.destroy', $this->shop->dyes()->firstOrFail()))->assertSessionHasNoErrors();
        self::assertSame(1, $this->shop->dyes()->count());
    }

    public function test_a_board_is_written_down_and_what_is_wrong_is_said_at_its_field(): void
    {
        $this->post(route('swatches.store'), self::BOARD)->assertSessionHasNoErrors();
        $swatch = Swatch::query()->firstOrFail();
        self::assertEquals([[
            'product' => 'Water dye (powder)', 'rgb' => '#1d6b86', 'strength' => 0.6, 'sanded_um' => 0,
        ]], array_map(fn (DyedLayer $one): array => $one->toArray(), $swatch->layers));
        $this->get(route('swatches.show', $swatch))->assertOk()->assertSeeText('water dye (powder), strength 0.60');
        $this->get(route('swatches.create'))->assertOk();
        foreach ([
            ['layer_product' => ['', '']], ['wood' => 'Spoonwood'], ['made_on' => 'soon'],
            ['layer_strength' => ['9', '1']],
            ['coat' => 'Gravy'],
        ] as $wrong) {
            $this->from(route('swatches.create'))->post(route('swatches.store'), $wrong + self::BOARD)
                ->assertSessionHasErrors();
        }
        self::assertSame(1, Swatch::query()->count());
    }

    public function test_boards_are_found_by_wood_and_by_colour(): void
    {
        foreach ([
            ['Red', '#a02020', 'Apple'], ['Blue', '#2040a0', 'Ash (white)'], ['Green', '#208040', 'Ash (white)'],
        ] as [$name, $rgb, $wood]) {
            $this->post(route('swatches.store'), [
                'swatch_name' => $name, 'wood' => $wood, 'layer_rgb' => [$rgb, ''],
            ] + self::BOARD)->assertSessionHasNoErrors();
        }
        $this->get(route('swatches', ['of' => 'Ash (white)']))->assertSeeText('Blue')->assertDontSeeText('Red');
        $this->get(route('swatches', ['like' => '#b03030']))->assertSeeTextInOrder(['Test boards', 'Red']);
        $this->get(route('swatches', ['like' => '#308050']))->assertSeeTextInOrder(['Test boards', 'Green', 'Red']);
        $this->get(route('swatches', ['by' => 'name']))->assertSeeTextInOrder(['Blue', 'Green', 'Red']);
        $this->get(route('swatches', ['like' => 'nonsense']))->assertOk();
        $this->get(route('swatches', ['of' => 'Apple', 'like' => '#308050', 'by' => 'wood']))->assertSeeText('Red');
    }

    public function test_a_photograph_beside_a_grey_card_corrects_the_dye_and_can_be_left_out_again(): void
    {
        $piece = $this->bowl(['marks' => [[
            'id' => 'tide', 'kind' => 'dye', 'on' => 'outer', 'from_mm' => 60, 'to_mm' => 80,
            'product' => 'Water dye (powder)', 'colour' => '#1d6b86',
        ]]]);
        $colours = fn (): string => (string) $this->getJson(route('pieces.turned.mesh', $piece))->json('colours');
        $before = $colours();
        $this->post(route('swatches.store'), self::BOARD)->assertSessionHasNoErrors();
        $swatch = Swatch::query()->firstOrFail();
        $this->post(route('swatches.photo', $swatch), ['photo' => $this->photographed()])->assertSessionHasNoErrors();
        $this->get(route('swatches.photo', $swatch->refresh()))->assertOk()->assertHeader('content-type', 'image/jpeg');
        $measure = fn (array $points) => $this->from(route('swatches.show', $swatch))
            ->put(route('swatches.measure', $swatch), $points);
        $measure(['x_early' => '0.2', 'y_early' => '0.5'])->assertSessionHasErrors('x_grey');
        $measure(['x_grey' => '7', 'y_grey' => '0.5'])->assertSessionHasErrors('x_grey');
        $measure(['x_grey' => '0.8', 'y_grey' => '0.5', 'x_early' => '0.2', 'y_early' => '0.5'])
            ->assertSessionHasNoErrors();
        // The card was #80807a-ish in a warm light: what is measured is cooler than what the photograph shows.
        $early = $swatch->refresh()->measured?->of('early');
        self::assertGreaterThan(hexdec(substr($early, 1, 2)), hexdec(substr($early, 5, 2)));
        self::assertNotSame($before, $colours(), 'the band is told by what the board drank');
        $this->get(route('swatches.show', $swatch))->assertSeeText('1 board counts')->assertSeeText('Leave it out');
        $this->put(route('swatches.counts', $swatch), ['counts' => '0'])->assertSessionHasNoErrors();
        self::assertSame($before, $colours());
        $this->put(route('swatches.counts', $swatch), ['counts' => '1']);
        $this->delete(route('swatches.destroy', $swatch))->assertRedirect(route('swatches'));
        self::assertSame($before, $colours());
        $this->post(route('swatches.store'), self::BOARD);
        $this->from('/swatches')->post(route('swatches.photo', Swatch::query()->firstOrFail()), [
            'photo' => UploadedFile::fake()->createWithContent('x.jpg', '<?php echo 1;'),
        ])->assertSessionHasErrors('photo');
    }

    public function test_a_recipe_is_used_on_a_band_layer_by_layer_and_undone(): void
    {
        $piece = $this->bowl(['marks' => [[
            'id' => 'tide', 'kind' => 'dye', 'on' => 'outer', 'from_mm' => 60, 'to_mm' => 80,
            'product' => 'Water dye (powder)', 'colour' => '#101010',
        ]]]);
        $mark = $this->body($piece)['marks'][0]['id'];
        $this->post(route('swatches.store'), [
            'layer_product' => ['Water dye (powder)', 'Water dye (powder)'], 'layer_sanded' => ['60', '0'],
        ] + self::BOARD)->assertSessionHasNoErrors();
        $swatch = Swatch::query()->firstOrFail();
        $this->get(route('swatches.show', $swatch))->assertSeeText('Use this recipe on that band');
        $this->post(route('dye-recipes.store'), ['swatch' => $swatch->id, 'band' => "$piece->id|body|$mark"])
            ->assertSessionHasNoErrors()->assertRedirect(route('pieces.marks', [$piece, 'part' => 'body']));
        $marks = $this->body($piece->refresh())['marks'];
        self::assertSame(['Lagoon, 1', 'Lagoon, 2'], array_column($marks, 'name'));
        self::assertEquals(
            [60, 60, 60.0], [$marks[0]['from_mm'], $marks[1]['from_mm'], $marks[0]['settings']['sanded_um']],
        );
        self::assertContains([$marks[0]['id'], $marks[1]['id']], $piece->document->fields()['order']);
        $steps = $piece->plannedSteps()->orderBy('position')->pluck('step')->all();
        $places = array_map(fn (string $id): int => (int) array_search($id, $steps, true), [
            $marks[0]['id'], "{$marks[0]['id']}/sand-back", $marks[1]['id'],
        ]);
        self::assertSame($places, collect($places)->sort()->values()->all(), 'dye, sand back, dye');
        $this->post(route('pieces.undo', $piece), ['version' => 2])->assertSessionHasNoErrors();
        self::assertSame([$mark], array_column($this->body($piece->refresh())['marks'], 'id'));

        $mix = [
            'product' => 'Water dye (powder)', 'rgb' => '#334455', 'strength' => '0.5', 'mix_name' => 'Two of them',
        ];
        $this->post(route('dye-recipes.store'), $mix + ['band' => "$piece->id|body|$mark"])->assertSessionHasNoErrors();
        self::assertSame(['Two of them'], array_column($this->body($piece->refresh())['marks'], 'name'));
        $this->post(route('dye-recipes.store'), $mix + ['band' => "$piece->id|body|none"])->assertNotFound();
        $this->from('/swatches')->post(
            route('dye-recipes.store'), ['band' => 'x'],
        )->assertSessionHasErrors(['band', 'product']);
    }

    public function test_another_shop_has_its_own_dyes_and_boards(): void
    {
        $this->post(route('swatches.store'), self::BOARD);
        $other = $this->makeShop('Heron Wharf', 'nell@example.test');
        $theirs = $other->swatches()->create([
            'name' => 'Secret', 'wood' => 'Apple', 'made_on' => '2026-11-01',
            'layers' => Swatch::query()->firstOrFail()->layers,
        ]);
        $dye = $other->dyes()->create(['name' => 'Secret red', 'product' => 'Water dye (powder)', 'rgb' => '#a02020']);
        $this->get(route('swatches'))->assertDontSeeText('Secret');
        foreach (['swatches.show', 'swatches.photo'] as $page) {
            $this->get(route($page, $theirs->id))->assertNotFound();
        }
        $this->delete(route('swatches.destroy', $theirs->id))->assertNotFound();
        $this->delete(route('dyes.destroy', $dye->id))->assertNotFound();
        $piece = $this->bowl();
        $this->post(route('dye-recipes.store'), ['swatch' => $theirs->id, 'band' => "$piece->id|body|x"])
            ->assertNotFound();
    }

    /** Blue-green wood and a grey card in a yellow light. */
    private function photographed(): UploadedFile
    {
        $picture = imagecreatetruecolor(300, 200);
        imagefilledrectangle($picture, 0, 0, 149, 199, (int) imagecolorallocate($picture, 90, 110, 90));
        imagefilledrectangle($picture, 150, 0, 299, 199, (int) imagecolorallocate($picture, 128, 118, 98));
        ob_start();
        imagepng($picture);

        return UploadedFile::fake()->createWithContent('board.png', (string) ob_get_clean());
    }
}
