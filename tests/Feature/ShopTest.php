<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Kept\LabelFigures;
use App\Models\PieceState;

/** A shop by its subjects: each page saves what it asks for and leaves the rest. */
final class ShopTest extends FeatureTestCase
{
    public function test_a_page_saves_its_own_fields_and_leaves_those_of_the_others(): void
    {
        $before = $this->shop->refresh()->only(['name', 'hours', 'closed', 'also', 'climate', 'dries_apart']);
        $this->put('/shop', ['sanding_cap_m_s' => '4', 'min_wall_mm' => '2.5'])->assertSessionHasNoErrors();
        self::assertSame([4.0, 2.5], array_values($this->shop->refresh()->only(['sanding_cap_m_s', 'min_wall_mm'])));
        self::assertEquals($before, $this->shop->only(array_keys($before)));
        $this->put('/shop', [
            'day_c' => '19', 'day_rh' => '55', 'day_from' => '8', 'day_to' => '18', 'night_c' => '9',
            'night_rh' => '70', 'dries_apart' => '1',
        ])->assertSessionHasNoErrors();
        $shop = $this->shop->refresh();
        self::assertSame([19.0, 9.0, true, 4.0], [
            $shop->climate->dayC, $shop->climate->nightC, $shop->dries_apart, $shop->sanding_cap_m_s,
        ]);
        $this->put('/shop', ['name' => 'The Slip', 'hours' => ['mon' => '09:00-11:00']])->assertSessionHasNoErrors();
        $shop = $this->shop->refresh();
        self::assertSame(['The Slip', [['09:00', '11:00']], [], 19.0], [
            $shop->name, $shop->hours->on('mon'), $shop->hours->on('tue'), $shop->climate->dayC,
        ]);
    }

    public function test_half_an_air_and_an_emptied_field_are_refused_by_name(): void
    {
        $before = $this->shop->refresh()->climate;
        $this->put('/shop', ['day_c' => '21'])->assertSessionHasErrors(['night_c', 'night_rh', 'day_from', 'day_to']);
        $this->put('/shop', array_fill_keys(['day_c', 'day_rh', 'day_from', 'day_to', 'night_c', 'night_rh'], ''))
            ->assertSessionHasErrors(['day_c', 'night_rh', 'day_to']);
        $this->put('/shop', ['min_wall_mm' => ''])->assertSessionHasErrors('min_wall_mm');
        $this->put('/shop', ['name' => ''])->assertSessionHasErrors('name');
        $this->put('/shop', ['closed' => '2026-12-25'])->assertSessionHasErrors('hours');
        self::assertEquals($before, $this->shop->refresh()->climate);
    }

    public function test_spare_chucks_are_saved_with_the_lathe_and_a_lathe_without_them_keeps_them(): void
    {
        $this->put('/shop/lathe', ['spare_chucks' => '2'])->assertSessionHasNoErrors();
        self::assertSame(2, $this->shop->refresh()->spare_chucks);
        $this->put('/shop/lathe', [])->assertSessionHasNoErrors();
        self::assertSame(2, $this->shop->refresh()->spare_chucks);
        $this->put('/shop/lathe', ['spare_chucks' => '99'])->assertSessionHasErrors('spare_chucks');
    }

    public function test_what_hurts_follows_the_shelf_the_woods_and_the_steps(): void
    {
        $this->get('/shop/safety')->assertOk()->assertDontSee('Oily rags burn');
        $this->shop->tins()->create(['product' => 'Boiled linseed oil', 'label' => new LabelFigures([])]);
        $this->shop->tins()->create(['product' => 'A mix that was thrown away', 'label' => new LabelFigures([])]);
        $this->get('/shop/safety')->assertSee('Oily rags burn')->assertSeeText('Boiled linseed oil');
        $this->bowl();
        $this->get('/shop/safety')->assertSee('Ash (white)')->assertSeeText('steps to come');
    }

    public function test_sheets_are_of_pieces_that_are_in_work_or_finished(): void
    {
        $piece = $this->bowl();
        $this->get('/shop/sheets')->assertSee(route('pieces.card', $piece))->assertSee(route('weeks.sheet'));
        $piece->update(['state' => PieceState::PutAway]);
        $this->get('/shop/sheets')->assertDontSee(route('pieces.card', $piece));
    }
}
