<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Kept\LabelFigures;
use App\Models\StockMove;
use App\Models\Tin;
use HonestGrain\Shelf\Good;
use Illuminate\Support\Carbon;

/** What the shelf holds stays true: bought, counted, weighed, used up and taken back. */
final class StoresTest extends FeatureTestCase
{
    private function discs(string $grit): int
    {
        return (int) $this->shop->abrasives()->where('grit', $grit)->value('discs');
    }

    private function stock(Good $good): ?float
    {
        return $this->shop->goods()->where('good', $good)->first()?->stock;
    }

    private function tin(string $product): ?Tin
    {
        return $this->shop->tins()->where('product', $product)->first();
    }

    public function test_a_receipt_is_typed_in_one_line_and_taken_back_exactly(): void
    {
        $this->post('/shelf/receipt', [
            'receipt' => '25 P240 12.50; 750 mL hard-wax oil (two 40.50; 100 gloves at 0.09; 10 cami 320',
        ])->assertSessionHas('said', 'On the shelf: 25 P240, 750 mL Hard-wax oil (two-part), 100 Gloves, pairs'
            .' and 10 CAMI 320.');
        self::assertSame([34, 10], [$this->discs('P240'), $this->discs('CAMI 320')]);
        self::assertSame(0.5, $this->shop->abrasives()->where('grit', 'P240')->firstOrFail()->price);
        $tin = $this->tin('Hard-wax oil (two-part)');
        self::assertSame([750.0, 54.0], [$tin?->stock_ml, $tin?->price_per_l]);
        self::assertSame(100.0, $this->stock(Good::Gloves));
        $this->get('/shelf')->assertSee('0.09 each')->assertSee('100');
        // Some of it is used before it is taken back.
        $this->shop->abrasives()->where('grit', 'P240')->decrement('discs', 4);
        $this->get('/shelf/count')->assertOk()->assertSee('P240: 25 more 0.50 each');
        $batch = StockMove::query()->firstOrFail()->batch;
        $this->delete("/shelf/moves/$batch")->assertSessionHas('said', 'Taken back; what was used since stays used.');
        self::assertSame(5, $this->discs('P240'));
        self::assertFalse($this->shop->abrasives()->where('grit', 'CAMI 320')->exists(), 'it was not owned before');
        self::assertNull($this->shop->abrasives()->where('grit', 'P240')->firstOrFail()->price);
        self::assertNull($this->tin('Hard-wax oil (two-part)')?->stock_ml);
        self::assertNull($this->stock(Good::Gloves), 'it was never counted before');
        $this->delete("/shelf/moves/$batch")->assertSessionHas('said', 'That had been taken back already.');
        self::assertSame(5, $this->discs('P240'));
    }

    public function test_a_receipt_that_cannot_be_read_stays_in_its_field_and_nothing_is_taken(): void
    {
        $this->post('/shelf/receipt', ['receipt' => '25 P240; 3 ketchup 2'])->assertSessionHasErrors('receipt');
        self::assertStringContainsString('3 ketchup 2', session('errors')->first('receipt'));
        self::assertSame(9, $this->discs('P240'));
        $this->get('/shelf')->assertSee('value="25 P240; 3 ketchup 2"', false);
    }

    public function test_the_shelf_is_counted_row_by_row(): void
    {
        $this->shop->tins()->create([
            'product' => 'Oil-varnish blend', 'label' => new LabelFigures, 'stock_ml' => 300.0,
        ]);
        $this->get('/shelf/count')->assertOk()->assertSeeInOrder(
            ['P80', 'P120', 'P240', 'Oil-varnish blend', 'Cloths', 'Gloves'],
        );
        $form = [
            'key' => ['disc:P240', 'ml:Oil-varnish blend', 'good:pad', 'good:cup'],
            'count' => ['7', '241.5', '3.5', ''],
        ];
        $this->post('/shelf/count', $form)->assertSessionHas(
            'said', 'Counted: 3 rows. Take it back beside, if it was wrong.',
        );
        self::assertSame([7, 241.5, 3.5], [
            $this->discs('P240'), $this->tin('Oil-varnish blend')?->stock_ml, $this->stock(Good::Pad),
        ]);
        self::assertNull($this->stock(Good::Cup), 'an empty field leaves what stands');
        $this->post('/shelf/count', ['key' => ['disc:P240'], 'count' => ['7.5']])->assertSessionHasErrors('count.0');
        $this->post('/shelf/count', ['key' => ['disc:P240'], 'count' => ['']])->assertSessionHasErrors('count');
        $this->post('/shelf/count', ['key' => ['disc:Ketchup'], 'count' => ['7']])->assertSessionHasErrors('count');
        $this->delete('/shelf/moves/'.StockMove::query()->firstOrFail()->batch);
        self::assertSame([9, 300.0], [$this->discs('P240'), $this->tin('Oil-varnish blend')?->stock_ml]);
    }

    public function test_a_coat_takes_cloths_and_gloves_and_gives_back_exactly(): void
    {
        foreach ([[Good::Cloth, 5.0], [Good::Gloves, 0.5]] as [$good, $stock]) {
            $this->shop->goods()->create(['good' => $good, 'stock' => $stock, 'price' => 0.5]);
        }
        $this->shop->tins()->create([
            'product' => 'Oil-varnish blend', 'label' => new LabelFigures, 'stock_ml' => 300.0, 'price_per_l' => 40.0,
        ]);
        $piece = $this->bowl();
        $this->get('/shelf')->assertSeeInOrder(['To buy', 'Gloves, pairs']);
        $this->work($piece, 'body/mount', 'body.outside/sand', 'body.rim/sand', 'body.inside/sand');
        $before = $this->stock(Good::Cloth);
        $this->work($piece, 'body/wipe-clean', 'l1');
        self::assertSame([$before - 2.0, 0.0], [$this->stock(Good::Cloth), $this->stock(Good::Gloves)]);
        $poured = 300.0 - (float) $this->tin('Oil-varnish blend')?->stock_ml;
        $this->get(route('pieces.record', $piece))->assertSee('of finish for '.number_format($poured * 0.04, 2))
            ->assertSee('cloths, gloves, cups and pads for 1.25');
        $coat = $piece->logEntries()->where('step', 'l1')->firstOrFail();
        $this->post(route('log.undo', $coat))->assertSessionHasNoErrors();
        self::assertSame([$before - 1.0, 0.5], [$this->stock(Good::Cloth), $this->stock(Good::Gloves)]);
        self::assertSame(300.0, $this->tin('Oil-varnish blend')?->stock_ml);
    }

    public function test_a_tin_on_the_scale_says_what_is_left_of_it(): void
    {
        $product = 'Wiping varnish (oil-based thinned)';
        $weigh = fn (array $typed) => $this->put('/shelf/tin', ['product' => $product] + $typed);
        $weigh(['weighs' => '480.7'])->assertSessionHasErrors('empty_g');
        $weigh(['weighs' => '480.7', 'stock_ml' => '410'])->assertSessionHasNoErrors();
        self::assertSame(124.0, $this->tin($product)?->empty_g);
        $weigh(['weighs' => '298', 'stock_ml' => '410', 'empty_g' => '124'])->assertSessionHasNoErrors();
        self::assertSame(200.0, $this->tin($product)?->stock_ml);
        $weigh(['weighs' => '100', 'empty_g' => '124'])->assertSessionHasErrors('weighs');
        self::assertSame(200.0, $this->tin($product)?->stock_ml);
        $weigh(['weighs' => '314', 'empty_g' => '124', 'g_per_ml' => '0.95'])->assertSessionHasNoErrors();
        self::assertSame(200.0, $this->tin($product)?->stock_ml);
    }

    public function test_an_old_tin_is_to_be_tried_first_and_says_so_where_it_is_used(): void
    {
        $this->shop->tins()->create([
            'product' => 'Oil-varnish blend', 'label' => new LabelFigures, 'opened_on' => '2025-11-20',
        ]);
        $piece = $this->bowl();
        $this->get('/shelf')->assertSeeInOrder([
            'Try these on a test board first', 'Oil-varnish blend', 'open 376 days, good for some 12 months',
        ]);
        $this->work($piece, 'body/mount', 'body.outside/sand', 'body.rim/sand', 'body.inside/sand', 'body/wipe-clean');
        $this->get('/bench')->assertSee('An opened oil thickens and skins');
        $this->put('/shelf/tin', [
            'product' => 'Oil-varnish blend', 'opened_on' => '2025-11-20', 'good_months' => '36',
        ]);
        Carbon::setTestNow('2026-12-01 09:30:00');
        $this->get('/bench')->assertDontSee('An opened oil thickens and skins');
    }
}
