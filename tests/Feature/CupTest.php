<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\PlannedStep;

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

    public function test_what_is_no_coat_from_a_cup_has_no_cup(): void
    {
        $piece = $this->bowl();
        $this->get(route('cup', $this->step($piece, 'body/mount')))->assertNotFound();
    }

    /** A bowl that is ready for its first coat. */
    private function ready(string $name): PlannedStep
    {
        $piece = $this->bowl(['name' => $name]);
        $this->work($piece, ...self::READY);

        return $this->step($piece, 'l1');
    }
}
