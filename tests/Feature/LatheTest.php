<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Kept\Choices;
use App\Models\Piece;

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
        $this->get(route('pieces.shape', $piece))->assertSee('The least blank')
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
