<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\View\FieldWords;
use Illuminate\Support\Facades\Auth;
use PHPUnit\Framework\Attributes\DataProvider;

/** Bad input: a word that names the field, what was typed and what is allowed; nothing lost, nothing half-applied. */
final class WordsTest extends FeatureTestCase
{
    /** @param  array<string, mixed>  $typed */
    #[DataProvider('pieces')]
    public function test_a_new_piece_says_what_is_wrong_and_keeps_what_was_typed(
        array $typed,
        string $field,
        string $says,
    ): void {
        $good = [
            'form' => 'shallow-bowl', 'diameter' => '260', 'height' => '70', 'foot' => '90', 'wall' => '7',
            'wood' => 'Ash (white)', 'grain' => 'side', 'moisture' => '9', 'name' => 'Ebb bowl', 'purpose' => 'handled',
            'due' => '2026-12-18',
        ];
        $this->from('/pieces/create')
            ->post('/pieces', $typed + $good)
            ->assertRedirect('/pieces/create')
            ->assertSessionHasErrors($field)
            ->assertSessionHasInput('name', $typed['name'] ?? 'Ebb bowl');
        self::assertStringContainsString($says, implode(' ', session('errors')->get($field)));
        self::assertSame(0, $this->shop->pieces()->count());
        $this->get('/pieces/create')->assertSee($says);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function pieces(): iterable
    {
        yield 'no name' => [['name' => ''], 'name', 'Name is empty'];
        yield 'a long name' => [['name' => str_repeat('x', 81)], 'name', 'up to 80 characters'];
        yield 'a wide word' => [['diameter' => 'wide'], 'diameter', '“wide”; it takes a number'];
        yield 'nothing across' => [['diameter' => '0'], 'diameter', '“0”; it takes a number from'];
        yield 'a negative height' => [['height' => '-70'], 'height', '“-70”; it takes a number from'];
        yield 'larger than any lathe' => [['diameter' => '9000'], 'diameter', '“9000”; it takes a number from'];
        yield 'a foot wider than the bowl' => [['foot' => '300'], 'foot', 'the foot must not be wider'];
        yield 'a wall that fills it' => [['wall' => '70'], 'wall', 'which leaves no room for it there'];
        yield 'another planet\'s wood' => [['wood' => 'Moon oak'], 'wood', 'Moon oak'];
        yield 'wood wetter than water' => [['moisture' => '900'], 'moisture', 'Moisture now is “900”'];
        yield 'a day that is not' => [['due' => '2026-02-31'], 'due', 'Due is “2026-02-31”; it takes a date such as'];
        yield 'a form of no kind' => [['form' => 'cube'], 'form', 'cube'];
    }

    /** @param  array<string, mixed>  $typed */
    #[DataProvider('shops')]
    public function test_the_shop_says_what_is_wrong_and_changes_nothing(
        array $typed,
        string $field,
        string $says,
    ): void {
        $good = [
            'name' => 'Bramble Slip', 'time_zone' => 'UTC', 'hours' => ['mon' => '08:00-12:00'], 'closed' => '',
            'day_c' => '20', 'night_c' => '15', 'day_rh' => '50', 'night_rh' => '60', 'day_from' => '8',
            'day_to' => '18', 'sanding_cap_m_s' => '5', 'min_wall_mm' => '3',
        ];
        $before = $this->shop->refresh()->getAttributes();
        $this->put('/shop', $typed + $good)->assertSessionHasErrors($field);
        self::assertStringContainsString($says, implode(' ', session('errors')->get($field)));
        self::assertSame($before, $this->shop->refresh()->getAttributes());
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function shops(): iterable
    {
        yield 'no name' => [['name' => ' '], 'name', 'Name is empty'];
        yield 'no such zone' => [
            ['time_zone' => 'Mars/Olympus'], 'time_zone', '“Mars/Olympus”, which is not a time zone',
        ];
        yield 'hours in words' => [
            ['hours' => ['mon' => 'mornings']], 'hours.mon',
            'Monday is “mornings”; it takes stretches such as 08:00-12:00',
        ];
        yield 'hours that run backwards' => [
            ['hours' => ['mon' => '12:00-08:00']], 'hours.mon.0', 'a stretch ends after it starts',
        ];
        yield 'hours past midnight' => [
            ['hours' => ['tue' => '20:00-26:00']], 'hours.tue.0.1', 'a time from 00:00 to 24:00',
        ];
        yield 'a closed day that is not' => [['closed' => '2026-02-30'], 'closed.0', '2026-02-30'];
        yield 'damp beyond damp' => [
            ['day_rh' => '140'], 'day_rh', 'Humidity by day is “140”; it takes a number from 5 to 99.',
        ];
        yield 'a day that ends first' => [
            ['day_from' => '18', 'day_to' => '8'], 'day_to', 'Day to is “8”; it must be greater than',
        ];
        yield 'half an hour' => [['day_from' => '8.5'], 'day_from', 'it takes a whole number'];
        yield 'a rim like a rocket' => [
            ['sanding_cap_m_s' => '50'], 'sanding_cap_m_s',
            'Rim speed for sanding is “50”; it takes a number from 0.5 to 15.',
        ];
    }

    /** @param  array<string, mixed>  $typed */
    #[DataProvider('marks')]
    public function test_a_mark_says_what_is_wrong(array $typed, string $field, string $says): void
    {
        $piece = $this->bowl();
        $this->post(
            route('pieces.marks', $piece),
            $typed + ['version' => 1, 'technique' => 'flutes', 'on' => 'outer', 'from' => '20', 'to' => '50'],
        )
            ->assertSessionHasErrors($field);
        self::assertStringContainsString($says, implode(' ', session('errors')->get($field)));
        self::assertSame([], $this->body($piece)['marks']);
        self::assertSame(1, $piece->version);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function marks(): iterable
    {
        yield 'no place' => [['from' => ''], 'from', 'From is empty'];
        yield 'backwards' => [['from' => '50', 'to' => '20'], 'to', 'To is “20”; it must be greater than 50.'];
        yield 'off the end' => [['to' => '900'], 'to', '900 mm; it takes distances from 0 to'];
        yield 'no such mark' => [['technique' => 'gilding'], 'technique', 'gilding'];
        yield 'on the lid' => [['on' => 'lid'], 'on', 'lid'];
        yield 'a colour in words' => [
            ['technique' => 'dye', 'colour' => 'blue'], 'colour', 'Colour is “blue”; it takes a value such as #2f4f6f.',
        ];
        yield 'an unknown dye' => [['technique' => 'dye', 'product' => 'Beetroot'], 'product', 'Beetroot'];
        yield 'more minutes than a week' => [
            ['minutes' => '99999'], 'minutes', 'Minutes is “99999”; it takes a number from 0 to 2400.',
        ];
    }

    public function test_a_label_out_of_range_is_refused_and_the_tin_stays_as_it_was(): void
    {
        $this->put(
            '/shelf/tin', ['product' => 'Hard-wax oil', 'label' => ['recoat_from_h' => '10']],
        )->assertSessionHasNoErrors();
        $this->put('/shelf/tin', ['product' => 'Hard-wax oil', 'label' => ['solids_percent' => '140']])
            ->assertSessionHasErrors(['label.solids_percent' => 'Solids is “140”; it takes a number from 1 to 100.']);
        $this->put('/shelf/tin', ['product' => 'Hard-wax oil', 'label' => ['recoat_from_h' => '60']])
            ->assertSessionHasErrors('label.recoat_until_h');
        $this->put('/shelf/tin', ['product' => 'Hard-wax oil', 'opened_on' => 'last week'])->assertSessionHasErrors(
            ['opened_on' => 'Opened on is “last week”; it takes a date such as 2026-12-25.'],
        );
        $this->put('/shelf/tin', ['product' => 'Ketchup'])->assertSessionHasErrors('product');
        self::assertEquals(['recoat_from_h' => 10], $this->shop->tins()->firstOrFail()->label->figures);
    }

    public function test_a_bare_number_on_the_shelf_is_of_the_readers_scale(): void
    {
        $this->post('/shelf/abrasives', ['grit' => '220'])->assertSessionHas(
            'said', fn (string $said): bool => str_starts_with($said, 'P220 is on the shelf'),
        );
        $this->post('/shelf/abrasives', ['grit' => 'P221'])->assertSessionHasErrors('grit');
        $this->post('/shelf/abrasives', ['grit' => 'P220', 'discs' => '-3'])->assertSessionHasErrors(
            ['discs' => 'Discs is “-3”; it takes a number from 0 to 9999.'],
        );
        self::assertSame(9, $this->shop->abrasives()->count());
    }

    #[DataProvider('fields')]
    public function test_a_field_is_called_what_the_page_calls_it(string $field, string $words): void
    {
        self::assertSame($words, FieldWords::of($field));
        self::assertSame(
            "$words is \"x\"; it takes a number.", FieldWords::in("$field is \"x\"; it takes a number.", $field),
        );
    }

    /** @return iterable<array{string, string}> */
    public static function fields(): iterable
    {
        yield ['shape.outer', 'The outside'];
        yield ['shape.inner.2', 'Inside, node 3'];
        yield ['shape.outer.0.1', 'Outside, node 1, radius'];
        yield ['surface.own.rim.0', 'Rim, your own way, grit 1'];
        yield ['surface.tool_mark_um', 'Depth of the tool marks'];
        yield ['marks.1.wait_hours', 'Mark 2, wait'];
        yield ['bands.dye-1', 'The band'];
        yield ['coats.0.layers.4.product', 'Coat 5, product'];
        yield ['hours.tue.0.1', 'Tuesday, stretch 1, to'];
        yield ['hours.sat', 'Saturday'];
        yield ['closed.2', 'Closed on, date 3'];
        yield ['label.recoat_until_h', 'Recoat until'];
        yield ['wood', 'Wood'];
    }

    public function test_refusals_on_a_page_speak_of_its_fields_and_those_of_a_file_of_its_paths(): void
    {
        $piece = $this->bowl();
        $this->put(
            route('pieces.surface', $piece),
            ['version' => 1, 'tool_mark_um' => ['outside' => '80'], 'own' => ['inside' => 'P80, P181']],
        );
        self::assertStringStartsWith(
            'Inside, your own way, grit 2 is "P181"; it takes a grade from', session('errors')->first(),
        );
        $this->postJson(
            route('pieces.shape.preview', $piece), ['shape' => ['outer' => [[0, 40], [10, -3]], 'inner' => null]],
        )
            ->assertStatus(422)
            ->assertJsonPath('message', 'Outside, node 2, radius is -3; it takes a length from 0 to 3000 mm.');
        self::assertSame('Nothing to do with it.', FieldWords::in('Nothing to do with it.', 'wood'));
    }

    public function test_passwords_are_never_repeated_in_a_message(): void
    {
        Auth::logout();
        $this->post(
            '/register',
            [
                'workshop' => 'Heron Wharf', 'time_zone' => 'UTC', 'name' => 'Nell', 'email' => 'nell',
                'password' => 'secret', 'password_confirmation' => 'other',
            ],
        )
            ->assertSessionHasErrors(['email', 'password']);
        $said = implode(' ', session('errors')->all());
        self::assertStringContainsString('E-mail is “nell”; it takes an address such as', $said);
        self::assertStringNotContainsString('secret', $said);
        self::assertStringNotContainsString('other', $said);
        self::assertNull(session('_old_input.password'));
    }

    public function test_lost_pages_and_stale_forms_speak_plainly(): void
    {
        $this->get('/pieces/999999/shape')->assertNotFound()->assertSee('Honest Grain')->assertDontSee('Stack trace');
        $this->get('/nowhere')->assertNotFound();
        $this->patch('/bench')->assertStatus(405);
        $piece = $this->bowl();
        $this->putJson(route('pieces.shape', $piece), ['version' => 1, 'shape' => '{"outer":[[0,1]]}'])
            ->assertStatus(422)
            ->assertJsonPath('field', 'shape.outer');
        $this->put(
            route('pieces.shape', $piece), ['version' => 1, 'shape' => 'not json'],
        )->assertSessionHasErrors('document');
        $this->put(route('pieces.shape', $piece), ['shape' => '{}'])->assertSessionHasErrors('version');
        self::assertSame(1, $piece->refresh()->version);
    }
}
