<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use App\View\TermLinks;

/** The help, the words of the craft, and the one search over everything. */
final class HelpTest extends FeatureTestCase
{
    public function test_every_page_leads_to_the_help_and_says_its_version(): void
    {
        $version = config('app.version');
        $this->get('/shop')->assertSee(route('help'))->assertSee(route('words'))->assertSee("Honest Grain $version");
        // What is new in it is told.
        $this->get('/help/new')->assertSee("Version $version");
        $this->get('/help')->assertSee('Weigh it every week or two');
        $this->get('/help/figures')->assertSee('What the models cannot know');
    }

    public function test_a_word_is_explained_and_leads_on(): void
    {
        $this->get('/help/words/recoat-window')->assertSee('until when it no longer grips')
            ->assertSee(route('words.show', 'scuff'))->assertSee('<svg', false);
        $this->get('/help/words/no-such-word')->assertNotFound();
        $this->get('/help/words?q=scuff')->assertSee('A light rub')->assertDontSee('Equilibrium');
        $this->get('/help/words?q=nothing-is-so')->assertSee('No word here for');
    }

    public function test_a_text_leads_to_a_word_once_a_page(): void
    {
        $links = app(TermLinks::class);
        $said = $links->in('End grain &amp; <b>pot life</b>; <a href="#">tenon</a>, pot life, carpet, potlife.');
        self::assertSame(
            '<a class="term" data-term href="'.route('words.show', 'end-grain').'">End grain</a> &amp; <b>'
            .'<a class="term" data-term href="'.route('words.show', 'pot-life').'">pot life</a></b>; '
            .'<a href="#">tenon</a>, pot life, carpet, potlife.',
            $said,
        );
        self::assertSame('End grain', $links->in('End grain'));
        // Words with another sense as well lead nowhere by themselves.
        $plain = 'The time zone; pin it, check it, wait; a steady, thinner promise.';
        self::assertSame($plain, $links->in($plain));
        // What is folded away does not take the link from what is seen, nor the other way round.
        self::assertStringContainsString('data-term', $links->inFolded('End grain'));
        self::assertSame('end grain', $links->in('end grain'));
    }

    public function test_pages_for_hands_in_gloves_have_no_words_to_hit(): void
    {
        $this->bowl();
        foreach (['/bench', '/shelf/count', '/rack/weigh', '/shop/climate'] as $page) {
            $this->get($page)->assertOk()->assertDontSee('data-term');
        }
        $this->get('/shop/lathe')->assertSee('data-term');
    }

    public function test_one_search_finds_pieces_blanks_tins_notes_and_words(): void
    {
        $piece = $this->bowl(['name' => 'Plover bowl', 'wood' => 'Ash (white)']);
        $other = $this->bowl(['name' => 'Knot dish', 'wood' => 'Ash (white)']);
        $this->post(route('pieces.record', $piece), ['body' => 'The plover looks north'])->assertSessionHasNoErrors();
        $this->get('/find?q=plover')->assertSee(route('pieces.route', $piece))->assertSee('looks north')
            ->assertDontSee(route('pieces.route', $other));
        // Each word must be there, whatever their order.
        $this->get('/find?q=ash+plover')->assertSee('Plover bowl')->assertDontSee('Knot dish');
        $this->get('/find?q=plover+oak')->assertSee('Nothing here for');
        $this->get('/find?q=pot+life')->assertSee(route('words.show', 'pot-life'));
        $this->get('/find?q=oiled')->assertSee('Oiled salad bowl');
        $this->get('/find?q=')->assertDontSee('Plover');
        // A sign that the database gives a meaning is a sign like any other.
        $this->get('/find?q=%25')->assertDontSee('Plover')->assertSee('Nothing here for');
    }

    public function test_a_search_finds_who_gave_a_blank_and_for_whom_it_is_kept(): void
    {
        $this->post('/rack', [
            'number' => 77, 'form' => 'round', 'wood' => 'Cherry (wild)', 'diameter_mm' => 200, 'length_mm' => 90,
            'grain' => 'side', 'pith' => 'out', 'keeping' => 'open', 'given_by' => 'Aunt Merle',
            'promised_for' => 'The Lanes',
        ])->assertSessionHasNoErrors();
        $this->get('/find?q=merle')->assertSee('77, cherry (wild)');
        $this->get('/find?q=LANES')->assertSee('77, cherry (wild)');
        $this->get('/find?q=77')->assertSee('77, cherry (wild)');
        // The names of its fields are not what was written.
        $this->get('/find?q=given_by')->assertDontSee('77, cherry (wild)');
    }

    public function test_another_workshop_is_not_searched(): void
    {
        $this->bowl(['name' => 'Turnstone vase']);
        $stranger = $this->makeShop('Elsewhere', 'rook@elsewhere.example');
        $this->flushSession()->actingAs($stranger->users()->firstOrFail());
        $this->get('/find?q=turnstone')->assertDontSee('Turnstone vase');
    }

    public function test_a_first_visit_leads_through_five_steps_with_ones_own_piece(): void
    {
        $this->flushSession();
        auth()->logout();
        $this->post('/register', [
            'workshop' => 'Heron Wharf', 'time_zone' => 'Europe/London', 'name' => 'Nell',
            'email' => 'nell@heron.example', 'password' => 'grebe-under-the-pier',
            'password_confirmation' => 'grebe-under-the-pier',
        ])->assertSessionHasNoErrors();
        $nell = User::query()->where('email', 'nell@heron.example')->firstOrFail();
        $this->actingAs($nell);
        $this->get('/weeks')->assertSee('First steps, 1 of 5.')->assertSee('Four fields are enough');
        $piece = $this->bowl([], $nell->workshop);
        // What is done already is not asked for again.
        $this->get('/weeks')->assertSee('First steps, 2 of 5.')->assertSee(route('pieces.route', $piece));
        $this->post('/visit', ['visit' => 3])->assertSessionHasNoErrors();
        $this->get('/weeks')->assertSee('First steps, 3 of 5.');
        // Nothing that is saved beside it ends it.
        $this->put('/preferences', [
            'units' => 'metric', 'grits' => 'P', 'clock' => '24', 'theme' => 'paper', 'tone' => 'soft',
        ])->assertSessionHasNoErrors();
        $this->actingAs($nell->refresh())->get('/weeks')->assertSee('First steps, 3 of 5.');
        $this->post('/visit', ['visit' => 'left'])->assertSessionHas('said', 'Help stands at the foot of every page.');
        $this->get('/weeks')->assertDontSee('First steps');
        $this->post('/visit', ['visit' => 'elsewhere'])->assertSessionHasErrors('visit');
    }

    public function test_who_is_not_new_is_not_led(): void
    {
        $this->get('/weeks')->assertDontSee('First steps');
    }
}
