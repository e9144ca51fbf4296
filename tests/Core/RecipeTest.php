<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\Form;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Starter;
use HonestGrain\Reading\BadInput;
use HonestGrain\Reading\Document;
use HonestGrain\Recipe\Recipe;
use HonestGrain\Recipe\Serves;
use HonestGrain\Recipe\ShippedRecipe;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Past;
use HonestGrain\Route\Route;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A surface taken from one piece, or shipped, on another. */
final class RecipeTest extends TestCase
{
    public function test_a_recipe_of_a_piece_makes_the_same_of_it_again(): void
    {
        $piece = self::piece([self::dressed()], ['school' => ['wet' => 'dried-first', 'clean' => 'alcohol']]);
        $fitted = self::again(Recipe::of($piece, 'As this one'))->onto($piece, Drawn::tables());
        self::assertSame([], $fitted->left);
        self::assertSame(self::meant($piece), self::meant($fitted->piece));
        self::assertEquals($piece->school, $fitted->piece->school);
        $ids = fn (Piece $one): array => array_map(fn (Mark $mark): string => $mark->id(), $one->body()->marks);
        self::assertSame([], array_intersect($ids($piece), $ids($fitted->piece)), 'its marks are others');
    }

    public function test_marks_keep_their_share_of_the_line_and_their_depth(): void
    {
        $from = self::piece([self::dressed()]);
        $onto = self::started(Form::DeepBowl);
        $fitted = Recipe::of($from, 'Grooved')->onto($onto, Drawn::tables());
        [$was, $is] = [$from->body()->marks[0]->band, $fitted->piece->body()->marks[0]->band];
        [$short, $long] = [$from->body()->lineMm($was->on), $onto->body()->lineMm($is->on)];
        self::assertNotEqualsWithDelta($short, $long, 5.0);
        self::assertEqualsWithDelta($was->fromMm / $short, $is->fromMm / $long, 0.001);
        self::assertEqualsWithDelta($was->toMm / $short, $is->toMm / $long, 0.001);
        self::assertSame(1.2, $fitted->piece->body()->marks[0]->settings()['depth_mm']);
    }

    public function test_what_belongs_to_the_wood_stays_and_what_belongs_to_the_surface_comes(): void
    {
        $onto = self::piece([Benchwork::bowl(['surface' => [
            'cut' => ['outside' => 'torn'], 'tool_mark_um' => ['inside' => 300], 'stop_at' => ['inside' => 'P180'],
        ]])], ['school' => ['wet' => 'dried-first', 'clean' => 'air']]);
        $with = Recipe::of(self::piece([self::dressed()]), 'x')->onto($onto, Drawn::tables())->piece;
        $surface = $with->body()->surface;
        self::assertSame(300.0, $surface->of(Face::Inside)->cut->markUm);
        self::assertSame('P600', $surface->of(Face::Outside)->stopAt?->name);
        self::assertNull($surface->of(Face::Inside)->stopAt);
        self::assertSame(['wet' => 'dried-first'], $with->school);
    }

    public function test_what_does_not_fit_is_said_and_left_out(): void
    {
        $solid = self::started(Form::Spindle);
        $bowl = self::piece([Benchwork::bowl(['marks' => [
            Benchwork::mark('m1', 'dye', 10, 20, 'inner'),
            Benchwork::mark('m2', 'beads', 10, 50, settings: ['count' => 3]),
            Benchwork::mark('m3', 'flutes', 60, 90, settings: ['depth_mm' => 5]),
        ], 'coats' => [Benchwork::coats('c1', ['inside'], 'Mineral oil (non-drying)')]])]);
        $fitted = Recipe::of($bowl, 'x')->onto($solid, Drawn::tables());
        $left = Told::each($fitted->left);
        self::assertCount(1, $left);
        self::assertStringStartsWith('Dye is left out on body: there is no inside', $left[0]);
        self::assertSame(
            ['beads', 'flutes'],
            array_map(fn (Mark $one): string => $one->technique->key(), $fitted->piece->body()->marks),
        );
        self::assertSame([], $fitted->piece->body()->coatPlans);

        // A wall of 3 mm takes no flute of 5.
        $thin = self::piece([Benchwork::bowl(['shape' => [
            'outer' => [[0, 45, 'corner'], [20, 90], [90, 140, 'corner']],
            'inner' => [[90, 137, 'corner'], [23, 88], [3, 0]],
        ]])]);
        $left = Recipe::of($bowl, 'x')->onto($thin, Drawn::tables())->left;
        self::assertStringContainsString('Flutes', Told::all($left));
    }

    public function test_a_face_that_the_recipes_own_piece_has_not_is_treated_as_the_one_beside_it(): void
    {
        $zones = fn (Form $from, Form $onto): array => array_merge([], ...array_map(
            fn (CoatPlan $plan): array => Face::names($plan->zones),
            Recipe::of(self::started($from), 'x')->onto(self::started($onto), Drawn::tables())
                ->piece->body()->coatPlans,
        ));
        self::assertSame(['outside', 'inside', 'rim'], $zones(Form::Spindle, Form::ShallowBowl));
        self::assertSame(['outside', 'top'], $zones(Form::ShallowBowl, Form::Spindle));
        // What is bare on purpose stays bare.
        self::assertSame(['outside', 'rim'], $zones(Form::LiddedBox, Form::ShallowBowl));
    }

    public function test_a_product_that_the_shop_does_not_know_is_said(): void
    {
        $recipe = self::again(Recipe::of(self::piece([self::dressed()]), 'x'), function (array $document): array {
            $document['parts'][0]['coats'][0]['layers'][0]['product'] = 'Grandfather’s polish';

            return $document;
        });
        $fitted = $recipe->onto(self::piece([self::dressed()]), Drawn::tables());
        self::assertStringContainsString('Grandfather’s polish', Told::all($fitted->left));
        self::assertSame([], $fitted->piece->body()->coatPlans);
    }

    public function test_a_lid_without_a_recipe_of_its_own_is_coated_as_its_box_and_keeps_no_marks(): void
    {
        $box = self::started(Form::LiddedBox);
        $fitted = Recipe::of(self::piece([self::dressed()]), 'x')->onto($box, Drawn::tables());
        $lid = $fitted->piece->part('lid');
        self::assertNotNull($lid);
        self::assertSame([], $lid->marks);
        self::assertSame('Oil-varnish blend', $lid->coatPlans[0]->coats[0]->coating->class);
        // A bowl has no lid for the lid's marks.
        $marked = Drawn::written($fitted->piece);
        $marked['parts'][1]['marks'] = [Benchwork::mark('m9', 'grooves', 1, 4)];
        $back = Recipe::of(self::read($marked), 'y')->onto(self::piece([Benchwork::bowl()]), Drawn::tables());
        self::assertStringContainsString('Lid', Told::all($back->left));
    }

    #[DataProvider('shipped')]
    public function test_each_shipped_recipe_goes_on_each_form_and_its_route_can_be_derived(string $id): void
    {
        $recipe = ShippedRecipe::all(Drawn::catalogue())[$id]->recipe;
        $whole = 0;
        foreach (Form::cases() as $form) {
            $fitted = $recipe->onto(self::started($form), Drawn::tables());
            $piece = self::read(Drawn::written($fitted->piece));
            $route = Route::of($piece, Bench::usual(Drawn::catalogue()), Drawn::tables(), Past::none());
            self::assertNotSame([], $route->steps, $form->value);
            $whole += $fitted->left === [] && $route->withoutDate() === null ? 1 : 0;
        }
        self::assertGreaterThan(4, $whole, 'of fifteen forms');
    }

    /** @return array<string, array{string}> */
    public static function shipped(): array
    {
        return array_map(fn (ShippedRecipe $one): array => [$one->id], ShippedRecipe::all(Drawn::catalogue()));
    }

    public function test_twelve_are_shipped_with_words_and_the_usual_one_of_a_form_is_what_it_starts_with(): void
    {
        $all = ShippedRecipe::all(Drawn::catalogue());
        self::assertCount(12, $all);
        $names = array_map(fn (ShippedRecipe $one): string => Told::of($one->name()), $all);
        self::assertSame($names, array_unique($names));
        $coats = fn (Piece $piece): array => array_map(
            fn (Part $part): string => Told::all(array_map(
                fn (CoatPlan $plan): string => implode(' ', Face::names(
                    Face::among($plan->zones, $part->faces()),
                )).Told::of($plan->inWords()),
                $part->coatPlans,
            )), $piece->parts,
        );
        foreach (Form::cases() as $form) {
            $started = self::started($form);
            self::assertSame(
                $coats($started),
                $coats(ShippedRecipe::usual($all, $form)->recipe->onto($started, Drawn::tables())->piece), $form->value,
            );
        }
    }

    public function test_recipes_are_compared_by_food_water_and_sheen(): void
    {
        $serves = [];
        foreach (ShippedRecipe::all(Drawn::catalogue()) as $id => $one) {
            $of = Serves::of($one->recipe->onto(self::started(Form::ShallowBowl), Drawn::tables())->piece);
            $serves[$id] = [$of->food?->value, $of->water->value, array_column($of->sheens, 'value')];
        }
        self::assertSame(['after-cure', 'fair', ['matt']], $serves['oiled-bowl']);
        self::assertSame([null, 'low', ['satin']], $serves['friction-spindle'], 'its inside is bare');
        self::assertSame('no', $serves['leaf-inside'][0], 'leaf lies where the food would');
        self::assertSame(['matt'], $serves['waxed-platter'][2]);
        self::assertSame(['gloss'], $serves['sprayed-box'][2]);
        self::assertSame('low', $serves['ebonised-limed'][1], 'outside there is but wax');
    }

    public function test_no_coat_makes_poisonous_wood_fit_for_food(): void
    {
        $oiled = ShippedRecipe::all(Catalogue::shipped())['oiled-bowl']->recipe;
        $serves = fn (string $wood): ?string => Serves::of($oiled->onto(
            self::piece([['wood' => $wood] + self::dressed()]), Drawn::tables(),
        )->piece)->food?->value;
        self::assertSame('after-cure', $serves('Ash (white)'));
        self::assertSame('no', $serves('Yew'));
    }

    public function test_a_document_that_makes_no_sense_is_refused_at_its_field(): void
    {
        $refused = [];
        $change = [
            'version' => fn (array $one): array => ['version' => 9] + $one,
            'parts' => fn (array $one): array => ['parts' => []] + $one,
            'parts.0.marks.0.from_share' => function (array $one): array {
                $one['parts'][0]['marks'][0]['from_share'] = 1.2;

                return $one;
            },
            'parts.0.marks.0.technique' => function (array $one): array {
                $one['parts'][0]['marks'][0]['technique'] = 'lathe';

                return $one;
            },
            'parts.0.coats.0.zones.0' => function (array $one): array {
                $one['parts'][0]['coats'][0]['zones'] = ['lid'];

                return $one;
            },
        ];
        foreach ($change as $spoil) {
            try {
                self::again(Recipe::of(self::piece([self::dressed()]), 'x'), $spoil);
            } catch (BadInput $e) {
                $refused[] = $e->field;
            }
        }
        self::assertSame(array_keys($change), $refused);
    }

    /** @return array<string, mixed> a bowl with a surface of its own */
    private static function dressed(): array
    {
        return Benchwork::bowl([
            'surface' => ['stop_at' => ['outside' => 'P600'], 'unsanded' => ['foot'], 'cut' => ['inside' => 'scraped']],
            'marks' => [
                Benchwork::mark('m1', 'grooves', 20, 26, settings: ['count' => 2, 'width_mm' => 1, 'depth_mm' => 1.2]),
                Benchwork::mark('m2', 'dye', 30, 60, settings: ['colour' => '#b01818', 'strength' => 0.5]),
            ],
            'coats' => [['id' => 'c1', 'zones' => ['outside', 'rim'], 'layers' => [
                ['id' => 'l1', 'product' => 'Oil-varnish blend', 'denib' => null],
                ['id' => 'l2', 'product' => 'Oil-varnish blend', 'denib' => 'pad'],
            ], 'buff' => false]],
        ]);
    }

    /**
     * @param  list<array<string, mixed>>  $parts
     * @param  array<string, mixed>  $more
     */
    private static function piece(array $parts, array $more = []): Piece
    {
        return self::read(Benchwork::piece($parts, $more));
    }

    /** @param  array<string, mixed>  $document */
    private static function read(array $document): Piece
    {
        return Piece::read(Document::of($document), Drawn::tables());
    }

    private static function started(Form $form): Piece
    {
        $mm = $form->sizes();

        return self::read(Starter::document(
            Drawn::joints(), $form,
            $form->profile($mm['diameter_mm'], $mm['height_mm'], $mm['foot_mm'], $mm['wall_mm'], $mm['bore_mm']),
            Drawn::catalogue()->stacks(), ['name' => 'Any', 'wood' => 'Oak (white)', 'moisture_percent' => 9],
        ));
    }

    /**
     * Written out and read again.
     *
     * @param  (\Closure(array<string, mixed>): array<string, mixed>)|null  $changed
     */
    private static function again(Recipe $recipe, ?\Closure $changed = null): Recipe
    {
        /** @var array<string, mixed> $document */
        $document = json_decode((string) json_encode($recipe->toArray()), true);

        return Recipe::read(Document::of($changed === null ? $document : $changed($document)));
    }

    /** A piece but for the ids of its marks and coats. */
    private static function meant(Piece $piece): string
    {
        return (string) preg_replace('/"id":"[mcl][^"]*"/', '"id":""', $piece->encoded());
    }
}
