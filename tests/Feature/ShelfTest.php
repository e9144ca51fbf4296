<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demo\DemoWorkshop;
use App\Models\Kept\Choices;
use App\Models\Workshop;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\Coating;
use Illuminate\Support\Facades\Artisan;
use Tests\Core\Told;

/** The shelf of abrasives and tins, the log, and the commands that fill a workshop. */
final class ShelfTest extends FeatureTestCase
{
    public function test_abrasives_stand_in_order_of_size_whatever_their_number(): void
    {
        $this->post('/shelf/abrasives', ['grit' => 'CAMI 320', 'discs' => '4'])->assertSessionHas(
            'said', 'CAMI 320 is on the shelf; every ladder was worked out again.',
        );
        $this->get('/shelf')->assertOk()->assertSeeInOrder(['P240', 'P320', 'CAMI 320', 'P400']);
        $this->post('/shelf/abrasives', ['grit' => 'CAMI 320', 'discs' => '9']);
        self::assertSame([9], $this->shop->abrasives()->where('grit', 'CAMI 320')->pluck('discs')->all());
    }

    public function test_taking_a_grit_off_the_shelf_changes_every_ladder(): void
    {
        $piece = $this->bowl();
        $title = fn (): string => Told::of($this->step($piece, 'body.outside/sand')->title);
        $before = $title();
        preg_match('/P\d+$/', $before, $m);
        $this->delete(
            "/shelf/abrasives/{$this->shop->abrasives()->where('grit', $m[0])->value('id')}",
        )->assertSessionHasNoErrors();
        self::assertNotSame($before, $title());
        foreach ($this->shop->abrasives()->pluck('id') as $id) {
            $this->delete("/shelf/abrasives/$id")->assertSessionHasNoErrors();
        }
        $this->get('/shelf')->assertSee('Without abrasives no sanding can be worked out');
        $this->get(
            route('pieces.surface', $piece),
        )->assertOk()->assertSee('Nothing to sand with.')->assertSee('those of the usual set');
        self::assertNull($piece->refresh()->ready_at, 'no date without abrasives');
        self::assertStringContainsString(
            'There is no abrasive on the shelf', Told::all(array_column($piece->refresh()->conflicts, 'message')),
        );
    }

    public function test_every_finish_has_a_page_of_its_own_with_its_source_and_typical_figures(): void
    {
        foreach (app(Catalogue::class)->coatings()->coatings() as $coating) {
            $this->get(route('tins.edit', ['product' => $coating->class]))
                ->assertOk()
                ->assertSee('Source: ')
                ->assertSee('typical: '.rtrim(rtrim(number_format($coating->solidsPercent, 1), '0'), '.'));
        }
        foreach (app(Catalogue::class)->coatings()->stains() as $stain) {
            $this->get(route('tins.edit', ['product' => $stain->class]))->assertOk()->assertSee(
                'What is left',
            )->assertDontSee('My tin says');
        }
        $this->from('/shelf')->get('/shelf/tin?product=Ketchup')->assertRedirect('/shelf');
    }

    public function test_a_label_reaches_the_coats_the_route_and_the_plan(): void
    {
        $piece = $this->bowl();
        $ready = $piece->refresh()->ready_at;
        $label = ['recoat_from_h' => '40', 'coverage_m2_per_l' => '10'];
        $poured = fn (): float => $this->step($piece, 'l1')->details->amount?->ml() ?? 0.0;
        $ml = $poured();
        $this->put(
            '/shelf/tin', ['product' => 'Oil-varnish blend', 'label' => $label, 'stock_ml' => '300'],
        )->assertRedirect('/shelf');
        self::assertTrue($piece->refresh()->ready_at->gt($ready));
        self::assertEqualsWithDelta(
            2 * ($ml - 3), $poured() - 3, 0.2,
        );
        $this->get(route('pieces.coats', $piece))->assertSee('by your label')->assertSee('40 h');
        $this->put(
            '/shelf/tin', ['product' => 'Oil-varnish blend', 'label' => array_map(fn (): ?string => null, $label)],
        )->assertSessionHasNoErrors();
        self::assertEquals($ready, $piece->refresh()->ready_at);
    }

    public function test_each_field_of_a_label_may_be_typed(): void
    {
        $typed = [
            'solids_percent' => 45, 'coverage_m2_per_l' => 22, 'dust_free_h' => 5, 'recoat_from_h' => 10,
            'recoat_until_h' => 60, 'wax_after_h' => 90, 'buffable_h' => 300, 'handle_h' => 20, 'clamp_after_h' => 40,
            'full_cure_days' => 14, 'min_c' => 8, 'max_rh' => 75, 'pot_life_minutes' => 90,
        ];
        self::assertSame(array_keys(Coating::LABEL_FIELDS), array_keys($typed));
        $this->put(
            '/shelf/tin',
            [
                'product' => 'Hard-wax oil', 'label' => $typed, 'opened_on' => '2026-11-01',
                'note' => 'from the blue shelf',
            ],
        )->assertSessionHasNoErrors();
        self::assertEquals($typed, $this->shop->tins()->firstOrFail()->label->figures);
        $page = $this->get('/shelf/tin?product=Hard-wax%20oil')->assertSee('from the blue shelf')->assertSee(
            '2026-11-01',
        );
        foreach ($typed as $field => $value) {
            self::assertSame(
                (string) $value, $this->numbers((string) $page->getContent())["label[$field]"] ?? null, $field,
            );
        }
        $this->get('/shelf')->assertSee('your label')->assertSee('30 d open');
    }

    public function test_the_log_takes_notes_shows_what_was_taken_back_and_pages(): void
    {
        $piece = $this->bowl();
        $this->work($piece, 'body/mount');
        $this->post(route('log.undo', $piece->logEntries()->firstOrFail()))->assertSessionHasNoErrors();
        $this->post('/log', ['body' => 'P150 is running out.'])->assertSessionHas('said', 'Noted.');
        $this->post('/log', ['body' => ''])->assertSessionHasErrors('body');
        $this->get('/log')->assertOk()->assertSee('P150 is running out.')->assertSee('line-through', false)->assertSee(
            'Taken back',
        );
        for ($i = 0; $i < 45; $i++) {
            $this->shop->logEntries()->create(
                ['kind' => 'note', 'body' => "Note $i", 'happened_at' => now()->subDays(2)->subMinutes($i)],
            );
        }
        $this->get('/log')->assertSee('page=2', false);
        $this->get('/log?page=2')->assertOk()->assertSee('Note 44');
    }

    public function test_a_note_can_be_written_about_a_piece_at_any_time(): void
    {
        $piece = $this->bowl();
        $this->post(route('pieces.record', $piece), ['body' => 'A hairline by the rim, filled.'])->assertSessionHas(
            'said', 'Noted.',
        );
        $this->get(route('pieces.record', $piece))->assertSee('A hairline by the rim, filled.');
        $this->post(route('pieces.record', $piece), ['body' => ' '])->assertSessionHasErrors('body');
        self::assertSame([$piece->id], $this->shop->logEntries()->pluck('piece_id')->all());
        $this->post(route('pieces.record', $piece), ['weight' => '412.5'])->assertSessionHasNoErrors();
        $this->get(route('pieces.card', $piece))->assertSee('Weighed 413 g')->assertSee('For its owner')->assertSee(
            'rub in a little oil-varnish blend',
        );
        $this->get(route('pieces.record', $piece))->assertSee('Weighs 413 g.');
        $this->get('/bench')->assertSee('Weighs 413 g.');
        // What was written down reads in the unit of whoever reads it.
        $this->wren->update(['preferences' => new Choices(['units' => 'imperial'])]);
        $this->get(route('pieces.record', $piece))->assertSee('Weighs 14.6 oz.')->assertDontSee('413');
        $theirs = $this->bowl([], $this->makeShop('Heron Wharf', 'nell@example.test'));
        $this->post("/pieces/{$theirs->id}/record", ['body' => 'x'])->assertNotFound();
    }

    public function test_the_demo_is_seeded_once_and_never_over_what_is_there(): void
    {
        Artisan::call('demo:seed', ['--if-empty' => true]);
        self::assertSame(1, Workshop::query()->count(), 'there is a workshop already');
        Artisan::call('demo:seed');
        self::assertSame(2, Workshop::query()->count());
        Artisan::call('demo:seed');
        self::assertSame(2, Workshop::query()->count());
        $demo = Workshop::query()->where('is_demo', true)->firstOrFail();
        self::assertGreaterThanOrEqual(9, $demo->pieces()->count());
        self::assertGreaterThan(3, $demo->pieces()->distinct()->count('form'));
        self::assertGreaterThan(3, $demo->pieces()->distinct()->count('wood'));
        self::assertGreaterThan(20, $demo->logEntries()->count());
        self::assertTrue($demo->logEntries()->where('happened_at', '<', now()->subDays(25))->exists());
        self::assertTrue($demo->pieces()->whereNotNull('late')->exists());
        self::assertGreaterThan(0, $demo->tins()->whereNotNull('stock_ml')->count());
        $this->post('/sign-out');
        $this->post('/demo')->assertRedirect('/bench');
        self::assertNotSame(
            DemoWorkshop::EMAIL, auth()->user()?->email, 'each visitor has a workshop of their own',
        );
    }

    public function test_the_bench_mark_fills_the_demo_up(): void
    {
        Artisan::call('demo:seed');
        Artisan::call('bench:seed', ['working' => 12, 'total' => 30]);
        $demo = Workshop::query()->where('is_demo', true)->firstOrFail();
        self::assertSame([12, 30], [$demo->pieces()->working()->count(), $demo->pieces()->count()]);
        $this->actingAs($demo->users()->firstOrFail());
        foreach (['/bench', '/pieces', '/pieces?state=done', '/weeks'] as $page) {
            $this->get($page)->assertOk();
        }
    }
}
