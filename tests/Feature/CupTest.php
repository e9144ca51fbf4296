<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Kept\LabelFigures;
use App\Models\PlannedStep;
use HonestGrain\Coating\AmountUnit;
use HonestGrain\Shelf\Good;
use Illuminate\Support\Carbon;

/** Mixing at the bench. */
final class CupTest extends FeatureTestCase
{
    private const READY = [
        'body/mount', 'body.outside/sand', 'body.rim/sand', 'body.inside/sand', 'body/wipe-clean',
    ];

    public function test_a_cup_holds_what_all_pieces_of_the_sitting_take(): void
    {
        $first = $this->ready('Ebb bowl');
        $second = $this->ready('Spindrift bowl');
        $this->get('/bench')->assertSee('Mix it');
        $page = $this->get(route('cup', $first))->assertOk()->assertSee('Spindrift bowl')->viewData('page');
        $both = $first->details->amount->ml() + $second->details->amount->ml();
        self::assertEqualsWithDelta($both, $page->ml(), 1e-6);
        $one = $this->get(route('cup', [$first, 'steps' => [$second->id]]))->viewData('page');
        self::assertEqualsWithDelta($second->details->amount->ml(), $one->ml(), 1e-6);
        $half = $this->get(route('cup', [$first, 'by_kind' => 'thinned', 'thinner' => '50']))->viewData('page')->mix();
        self::assertEqualsWithDelta([$both / 2, $both / 2], array_column($half->items, 'ml'), 1e-6);
    }

    public function test_thin_ca_by_the_drop_goes_with_a_mist_of_accelerator(): void
    {
        $step = $this->ready('Ebb bowl', ['coats' => [[
            'zones' => ['rim'], 'layers' => [['product' => 'Cyanoacrylate coats (thin)', 'denib' => null]],
            'buff' => false,
        ]]]);
        self::assertSame(AmountUnit::Drops, $step->details->amount?->unit);
        $this->get('/bench')->assertSee(route('cup', $step));
        $this->get(route('cup', $step))->assertOk()->assertSee('with accelerator')->assertDontSee('resin and hardener');
        $shown = $this->get(route('cup', [$step, 'by_kind' => 'ca-accelerator']))->assertOk()
            ->assertSeeInOrder(['Thin CA', 'Accelerator', 'an arm’s length', 'glasses'])
            ->assertSee('20 % of the thin CA')->assertDontSee('take it off the tin');
        $this->get(route('cup', [$step, 'by_kind' => 'two-part']))->assertOk()->assertDontSee('How much resin');
        $page = $shown->viewData('page');
        self::assertGreaterThan(0.0, $page->ml());
        self::assertEqualsWithDelta([$page->ml(), 0.2 * $page->ml()], array_column($page->mix()->items, 'ml'), 1e-9);
    }

    public function test_resin_and_hardener_by_weight_with_a_pot_life_in_a_warm_shop(): void
    {
        $step = $this->ready('Ebb bowl');
        $asked = ['by_kind' => 'two-part', 'pot_life' => '30', 'cup_temp' => '31', 'hardener' => '1'];
        $this->get(route('cup', [$step] + $asked))->assertSee('How much resin to how much hardener?')
            ->assertDontSee('start the pot');
        $this->get(route('cup', [$step] + $asked + ['resin' => '2', 'by' => 'mass']))
            ->assertSessionHasErrors(['resin_density', 'hardener_density']);
        $page = $this->get(route('cup', [$step] + $asked + [
            'resin' => '2', 'by' => 'mass', 'resin_density' => '1.15', 'hardener_density' => '0.97',
        ]))->assertSee('start the pot')->assertSee('15 min')->viewData('page');
        [$resin, $hardener] = $page->mix()->items;
        self::assertEqualsWithDelta(2.0, $resin['g'] / $hardener['g'], 1e-9);
        self::assertEqualsWithDelta($page->ml(), $resin['ml'] + $hardener['ml'], 1e-9);
        self::assertEqualsWithDelta(15.0, $page->potLife(), 1e-9);
    }

    public function test_a_cup_that_is_mixed_comes_off_the_tin_and_its_coats_out_of_the_cup(): void
    {
        $first = $this->ready('Ebb bowl');
        $second = $this->ready('Spindrift bowl');
        $this->shop->tins()->create([
            'product' => 'Oil-varnish blend', 'label' => new LabelFigures, 'stock_ml' => 300.0,
        ]);
        $left = fn (): float => (float) $this->shop->tins()->firstOrFail()->stock_ml;
        $ml = $first->details->amount->ml() + $second->details->amount->ml();
        $form = [
            'steps' => [$first->id, $second->id], 'by_kind' => 'two-part', 'resin' => '3', 'hardener' => '1',
            'by' => 'volume', 'pot_life' => '40', 'cup_temp' => '21', 'once' => 'mixed1',
        ];
        $this->post(route('cup', $first), $form)->assertRedirect('/bench');
        $this->post(route('cup', $first), $form);
        $cup = $this->shop->cups()->sole();
        self::assertEqualsWithDelta([$ml, 300 - $ml], [$cup->left_ml, $left()], 0.02);
        self::assertSame('2026-12-01 09:40:00', (string) $this->shop->timers()->sole()->rings_at);
        $this->get('/bench')->assertSeeInOrder(['In the cup', 'There is enough for', 'Ebb bowl', 'Spindrift bowl']);
        // The next time it is mixed the same way.
        $this->actingAs($this->wren->fresh() ?? $this->wren);
        self::assertSame(3.0, $this->get(route('cup', $first))->viewData('page')->tin->resin);
        $piece = $first->piece;
        $this->post(route('steps.done', $first))->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(
            [$second->details->amount->ml(), 300 - $ml], [$cup->refresh()->left_ml, $left()], 0.02,
        );
        // What came out of the cup has cost what it costs out of the tin.
        $this->shop->tins()->update(['price_per_l' => 40]);
        $cost = number_format($first->details->amount->ml() * 0.04, 2);
        $this->get(route('pieces.record', $piece))->assertSee("of finish for $cost");
        $this->post(route('log.undo', $piece->logEntries()->where('step', 'l1')->firstOrFail()));
        self::assertEqualsWithDelta([$ml, 300 - $ml], [$cup->refresh()->left_ml, $left()], 0.02);
        // Too late for the cup: what is laid on then comes out of the tin.
        Carbon::setTestNow('2026-12-01 09:50:00');
        $this->get('/bench')->assertSee('its pot life is over')->assertDontSee('There is enough for');
        $this->post(route('steps.done', $second))->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(300 - $ml - $second->details->amount->ml(), $left(), 0.02);
        $this->delete(route('cups.destroy', $cup))->assertSessionHas('said', 'The cup of oil-varnish blend is empty.');
        $this->get('/bench')->assertDontSee('In the cup');
    }

    public function test_what_was_not_mixed_goes_back_into_its_tin(): void
    {
        $step = $this->ready('Ebb bowl');
        $this->shop->tins()->create([
            'product' => 'Oil-varnish blend', 'label' => new LabelFigures, 'stock_ml' => 300.0,
        ]);
        $this->shop->goods()->create(['good' => Good::Cup, 'stock' => 4]);
        $this->post(route('cup', $step), ['by_kind' => 'thinned', 'thinner' => '50'])->assertSessionHasNoErrors();
        $half = $step->details->amount->ml() / 2;
        self::assertEqualsWithDelta(300 - $half, $this->shop->tins()->firstOrFail()->stock_ml, 0.02);
        self::assertSame(3.0, $this->shop->goods()->firstOrFail()->stock);
        $this->post(route('cup', $step), ['by_kind' => 'two-part'])->assertSessionHasErrors('resin');
        $this->delete(route('cups.destroy', $this->shop->cups()->sole()), ['never' => '1']);
        self::assertSame(300.0, $this->shop->tins()->firstOrFail()->stock_ml);
        self::assertSame(4.0, $this->shop->goods()->firstOrFail()->stock);
        $this->delete(route('cups.destroy', $this->shop->cups()->sole()), ['never' => '1']);
        self::assertSame(300.0, $this->shop->tins()->firstOrFail()->stock_ml);
    }

    public function test_what_is_no_coat_from_a_cup_has_no_cup(): void
    {
        $piece = $this->bowl();
        $this->get(route('cup', $this->step($piece, 'body/mount')))->assertNotFound();
    }

    /** A bowl that is ready for its first coat. */
    /** @param  array<string, mixed>  $more  of its document */
    private function ready(string $name, array $more = []): PlannedStep
    {
        $piece = $this->bowl(['name' => $name] + $more);
        $this->work($piece, ...self::READY);

        return $this->step($piece, $this->body($piece)['coats'][0]['layers'][0]['id']);
    }
}
