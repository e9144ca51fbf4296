<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\LogEntry;
use App\Models\Piece;
use App\Models\PieceState;
use App\Models\Sale;
use Illuminate\Http\UploadedFile;

/** For whom a piece is, what it costs and brings, its card, its public page, and the list for a gallery. */
final class SaleTest extends FeatureTestCase
{
    public function test_what_it_costs_follows_from_hours_wood_and_shelf(): void
    {
        $piece = $this->bowl();
        $this->get(route('pieces.sale', $piece))->assertOk()->assertSee('no rate');
        $this->put('/shop/rates', ['hour_rate' => '24', 'lathe_kw' => '1.1', 'kwh_price' => '0.30'])
            ->assertSessionHasNoErrors();
        $hours = $piece->plannedSteps()->sum('minutes') / 60;
        $this->shop->refresh();
        $page = $this->get(route('pieces.sale', $piece))->assertSee(number_format($hours * 24, 2));
        $page->assertSee('its blank has no price');
        $this->put(route('pieces.sale', $piece), [
            'sale_version' => 1, 'for_whom' => 'Mrs Tern', 'price' => '1000',
        ])->assertSessionHasNoErrors();
        $this->get(route('pieces.sale', $piece))->assertSee('Mrs Tern')->assertSee('It leaves');
        $this->put(route('pieces.sale', $piece), ['sale_version' => 2, 'for_whom' => 'Mrs Tern', 'price' => '1'])
            ->assertSessionHasNoErrors();
        $this->get(route('pieces.sale', $piece))->assertSee('more than is asked');
        // A second tab that has not seen the last change changes nothing.
        $this->put(route('pieces.sale', $piece), ['sale_version' => 2, 'for_whom' => 'Nobody'])
            ->assertSessionHasErrors('version');
        self::assertSame('Mrs Tern', $piece->sale()->firstOrFail()->for_whom);
        $this->put(route('pieces.sale', $piece), ['sale_version' => 3, 'price' => '-4'])
            ->assertSessionHasErrors('price');
        self::assertStringStartsWith('Price asked is', session('errors')->first('price'));
        $this->get('/find?q=tern')->assertSee(route('pieces.route', $piece));
        $other = $this->bowl(['name' => 'Fulmar bowl']);
        $this->get('/pieces?for=Mrs+Tern')->assertSee('Ebb bowl')->assertDontSee('Fulmar bowl')->assertSee('Show all');
        $this->get('/pieces')->assertSee('Fulmar bowl')->assertSee('for everybody');
        $other->update(['state' => PieceState::Done]);
        $this->get('/pieces?state=done')->assertDontSee('Mrs Tern');
    }

    public function test_its_page_is_seen_by_whoever_has_the_address_and_only_while_it_may(): void
    {
        $piece = $this->bowl(['purpose' => 'food']);
        $this->post(route('pieces.record', $piece), [
            'body' => 'In the window', 'photo' => UploadedFile::fake()->image('bowl.jpg', 60, 40),
        ])->assertSessionHasNoErrors();
        $entry = LogEntry::query()->latest('id')->firstOrFail();
        $show = fn (array $fields) => $this->put(route('pieces.sale.page', $piece), $fields);
        $this->put(route('pieces.sale', $piece), [
            'sale_version' => 1, 'for_whom' => 'Mrs Tern', 'price' => '180',
        ]);
        $token = $piece->sale()->firstOrFail()->token;
        auth()->logout();
        $this->flushSession()->get("/made/$token")->assertNotFound();
        $this->actingAs($this->wren);
        $show(['sale_version' => 2, 'is_public' => '1', 'photos' => [(string) $entry->id]])
            ->assertSessionHasNoErrors();
        $this->get(route('pieces.owner-card', $piece))->assertSee('data-qr="http', false)->assertSee('Ash (white)');
        auth()->logout();
        $this->flushSession()->get("/made/$token")->assertOk()->assertSee('Ash (white)')
            ->assertSee('once cured, as the label says')->assertSee('Bramble Slip')
            ->assertDontSee('Mrs Tern')->assertDontSee('180.00')->assertSee('noindex');
        $this->get("/made/$token/photo/$entry->id")->assertOk();
        $this->get("/made/$token/photo/999999")->assertNotFound();
        $this->get('/made/'.str_repeat('a', Sale::TOKEN))->assertNotFound();
        $this->actingAs($this->wren);
        $show(['sale_version' => 3])->assertSessionHas('said', 'Nobody else can see it.');
        auth()->logout();
        $this->flushSession()->get("/made/$token")->assertNotFound();
    }

    public function test_another_piece_s_photograph_is_not_shown(): void
    {
        [$piece, $other] = [$this->bowl(), $this->bowl(['name' => 'Other bowl'])];
        $this->post(route('pieces.record', $other), [
            'body' => 'Mine', 'photo' => UploadedFile::fake()->image('other.jpg', 60, 40),
        ])->assertSessionHasNoErrors();
        $this->put(route('pieces.sale.page', $piece), [
            'sale_version' => 1, 'is_public' => '1', 'photos' => [LogEntry::query()->latest('id')->value('id')],
        ])->assertSessionHasErrors('photos.0');
    }

    public function test_poisonous_wood_is_never_said_to_be_for_food(): void
    {
        $piece = $this->bowl(['wood' => 'Yew', 'purpose' => 'food']);
        $this->get(route('pieces.owner-card', $piece))->assertOk()->assertSee('Not for food')
            ->assertDontSee('Food once cured')->assertSee('poisonous')
            // Its care says a barely damp cloth: the card says no more.
            ->assertSee('A damp cloth, no more')->assertDontSee('May hold water');
    }

    public function test_finished_pieces_are_listed_for_a_gallery(): void
    {
        $piece = $this->bowl(['name' => '=Dunlin bowl']);
        $piece->update(['state' => PieceState::Done, 'ready_at' => '2026-11-20 10:00:00']);
        $this->put(route('pieces.sale', $piece), ['sale_version' => 1, 'price' => '145']);
        $this->bowl(['name' => 'In work']);
        $csv = $this->get('/pieces/finished.csv')->assertOk()->streamedContent();
        self::assertStringContainsString("'=Dunlin bowl", $csv);
        self::assertStringContainsString('145', $csv);
        self::assertStringNotContainsString('In work', $csv);
        self::assertStringStartsWith('%PDF', (string) $this->get('/pieces/finished.pdf')->assertOk()->getContent());
        self::assertSame(1, Piece::query()->where('state', PieceState::Done)->count());
        $this->get('/pieces?state=done')->assertSee('List for a gallery');
    }

    public function test_a_wish_has_a_promised_date_and_no_place_in_the_plan_until_it_is_taken_on(): void
    {
        $this->bowl();
        $this->post('/pieces', [
            'name' => 'Fulmar vase', 'form' => 'vase', 'wood' => 'Ash (white)', 'grain' => 'end', 'moisture' => '10',
            'purpose' => 'display', 'starts_as' => 'blank', 'due' => '2026-12-24', 'diameter' => '110',
            'height' => '210', 'foot' => '70', 'wall' => '7', 'then' => 'wish',
        ])->assertSessionHasNoErrors();
        $wish = Piece::query()->latest('id')->firstOrFail();
        self::assertSame(PieceState::Wish, $wish->state);
        self::assertSame(0, $wish->plannedSteps()->count());
        $this->put(route('pieces.sale', $wish), ['sale_version' => 1, 'for_whom' => 'Mrs Tern'])
            ->assertSessionHasNoErrors();
        $this->get(route('pieces.sale', $wish))->assertSee('once it is taken on')->assertSee('promised for')
            ->assertDontSee('As far as it is known');
        $this->get('/pieces')->assertDontSee('Fulmar vase');
        $this->get('/pieces?state=wish')->assertSee('Fulmar vase')->assertSee('promised for')->assertSee('Take it on');
        $this->get('/weeks')->assertSee('Mrs Tern')->assertSee('promised for');
        $this->get('/bench')->assertDontSee('Fulmar vase');
        $this->get(route('promise', ['like' => $wish->id]))->assertSee('With nothing else late');
        foreach (['shape', 'surface', 'coats', 'route', 'record'] as $tab) {
            $this->get(route("pieces.$tab", $wish))->assertOk()->assertSee('A wish, not planned yet')
                ->assertDontSee('No route could be worked out');
        }
        // Changed, it is still a wish.
        $this->put(route('pieces.update', $wish), [
            'version' => $wish->refresh()->version, 'name' => 'Fulmar urn', 'purpose' => 'display',
            'due' => '2026-12-23',
        ])->assertSessionHasNoErrors();
        self::assertSame(PieceState::Wish, $wish->refresh()->state);
        $this->post(route('pieces.revive', $wish))->assertSessionHas('said', 'Taken on, and planned.');
        self::assertSame(PieceState::Working, $wish->refresh()->state);
        self::assertNotNull($wish->ready_at);
        $this->get('/weeks')->assertDontSee('promised for');
    }
}
