<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Kept\Choices;
use App\Models\Timer;
use Illuminate\Support\Carbon;

/** Clocks of the bench: of steps, of coats that soak in, set by hand; and what a page that stays open is told. */
final class ClocksTest extends FeatureTestCase
{
    public function test_a_clock_that_was_stopped_goes_on_from_where_it_stood(): void
    {
        $piece = $this->bowl();
        $step = $this->step($piece, 'body/mount');
        $this->post(route('steps.start', $step));
        Carbon::setTestNow('2026-12-01 09:07:00');
        $this->post(route('steps.stop', $step))->assertSessionHas('said', 'The clock on “Mount by the tenon” stands.');
        // Stopped already: the second press adds nothing.
        $this->post(route('steps.stop', $step));
        $this->get('/bench')->assertSee('Start the clock');
        Carbon::setTestNow('2026-12-01 10:00:00');
        $this->post(route('steps.start', $step));
        Carbon::setTestNow('2026-12-01 10:04:00');
        $this->get('/bench')->assertSee('data-since="'.strtotime('2026-12-01 09:53:00 UTC').'"', false);
        $this->work($piece, 'body/mount');
        self::assertSame(11.0, $this->shop->logEntries()->where('kind', 'done')->firstOrFail()->minutes);
    }

    public function test_clocks_of_several_steps_run_at_once(): void
    {
        $first = $this->bowl();
        $second = $this->bowl(['name' => 'Spindrift bowl']);
        $this->post(route('steps.start', $this->step($first, 'body/mount')));
        $this->post(route('steps.start', $this->step($second, 'body/mount')));
        $this->get('/bench')->assertOk()->assertSee('Stop the clock')
            ->assertSeeInOrder(['Clocks', 'Mount by the tenon', 'Stop']);
    }

    public function test_a_clock_is_set_rings_and_is_stopped_once(): void
    {
        $piece = $this->bowl();
        $form = [
            'timed' => 'pot-life', 'for_minutes' => '25', 'at_piece' => (string) $piece->id,
            'once' => str_repeat('k', 32),
        ];
        $this->post('/timers', $form)->assertSessionHas('said', 'The clock runs: Pot life, Ebb bowl.');
        $this->post('/timers', $form);
        $timer = Timer::query()->sole();
        self::assertSame('2026-12-01 09:25:00', (string) $timer->rings_at);
        $rings = $this->getJson('/plan')->json('rings');
        self::assertContains(
            ['key' => "timer-$timer->id-".strtotime('2026-12-01 09:25:00 UTC'),
                'at' => strtotime('2026-12-01 09:25:00 UTC'), 'says' => 'Pot life, Ebb bowl', 'kind' => 'time'],
            $rings,
        );
        Carbon::setTestNow('2026-12-01 09:40:00');
        $this->put("/timers/$timer->id", ['more_minutes' => '5']);
        self::assertSame('2026-12-01 09:45:00', (string) $timer->refresh()->rings_at);
        $this->delete("/timers/$timer->id")->assertSessionHas('said', 'Stopped: Pot life, Ebb bowl.');
        Carbon::setTestNow('2026-12-01 09:41:00');
        $this->delete("/timers/$timer->id");
        self::assertSame('2026-12-01 09:40:00', (string) $timer->refresh()->stopped_at);
        $this->get('/bench')->assertSee('stopped');
        self::assertNotContains('Pot life, Ebb bowl', array_column($this->getJson('/plan')->json('rings'), 'says'));
        Carbon::setTestNow('2026-12-01 09:51:00');
        $this->get('/bench')->assertDontSee('Pot life, Ebb bowl');
    }

    public function test_what_a_clock_cannot_be_is_refused_at_its_field(): void
    {
        $this->post('/timers', ['timed' => 'sleep'])->assertSessionHasErrors('timed');
        $this->post('/timers', ['timed' => 'own', 'for_minutes' => '0'])->assertSessionHasErrors('for_minutes');
        $this->post('/timers', ['timed' => 'own', 'for_minutes' => '99999'])->assertSessionHasErrors('for_minutes');
        $this->post('/timers', ['timed' => 'own', 'at_piece' => '999999'])->assertSessionHasErrors('at_piece');
        self::assertSame(0, Timer::query()->count());
    }

    public function test_a_coat_that_soaks_in_has_a_clock_and_rings_when_it_is_to_be_wiped(): void
    {
        $piece = $this->bowl();
        $this->work(
            $piece, 'body/mount', 'body.outside/sand', 'body.rim/sand', 'body.inside/sand', 'body/wipe-clean', 'l1',
        );
        $wipe = $this->step($piece, 'l1/wipe-off');
        $this->get('/bench')->assertSeeInOrder(['Clocks', 'Ebb bowl: Wipe every trace off']);
        $rings = collect($this->getJson('/plan')->json('rings'))->where('at', $wipe->opens_at->getTimestamp());
        self::assertSame(['time'], $rings->pluck('kind')->all(), 'told until it is seen, and no second time as a wait');
        $this->travelTo($wipe->opens_at->copy()->addMinute());
        $closes = collect($this->getJson('/plan')->json('rings'))->where('kind', 'closes');
        self::assertSame([$wipe->closes_at->getTimestamp()], $closes->pluck('at')->all());
        $this->work($piece, 'l1/wipe-off');
        $this->get('/bench')->assertDontSee('by '.$wipe->closes_at->format('H:i'));
    }

    public function test_the_stamp_changes_with_all_that_the_bench_shows(): void
    {
        $piece = $this->bowl();
        $stamps = [];
        $look = function () use (&$stamps): void {
            $stamps[] = $this->getJson('/plan')->assertOk()->json('stamp');
        };
        $look();
        $look();
        self::assertSame($stamps[0], $stamps[1]);
        $this->post('/timers', ['timed' => 'kettle', 'for_minutes' => '4']);
        $look();
        $this->delete('/timers/'.Timer::query()->sole()->id);
        $look();
        $this->post(route('steps.start', $this->step($piece, 'body/mount')));
        $look();
        $this->work($piece, 'body/mount');
        $look();
        self::assertCount(5, array_unique($stamps));
        $this->get('/bench')->assertSee('data-stamp="'.end($stamps).'"', false);
    }

    public function test_the_next_piece_is_one_press_away_and_comes_round_again(): void
    {
        $this->bowl();
        $this->bowl(['name' => 'Spindrift bowl']);
        $first = $this->get('/bench')->assertSee('Next piece')->viewData('board')->now;
        $second = $this->get('/bench?ahead=1')->viewData('board')->now;
        self::assertNotSame($first->piece_id, $second->piece_id);
        self::assertTrue($this->get('/bench?ahead=2')->viewData('board')->now->is($first));
    }

    public function test_tone_and_quiet_hours_are_ones_own_and_stand_on_every_page(): void
    {
        $form = ['units' => 'metric', 'grits' => 'P', 'clock' => '24', 'theme' => 'paper'];
        $this->put('/preferences', $form + [
            'tone' => 'bell', 'quiet_from' => '21:30', 'quiet_until' => '06:45',
        ])->assertSessionHasNoErrors();
        $this->get('/rack')->assertSee('data-tone="bell"', false)->assertSee('data-quiet="21:30-06:45"', false);
        $this->put('/preferences', $form + ['quiet_from' => '21:30'])->assertSessionHasErrors('quiet_until');
        // A page from before there was a tone says nothing of it.
        $this->put('/preferences', $form)->assertSessionHasNoErrors();
        self::assertEquals(new Choices($form + ['tone' => 'bell']), $this->wren->refresh()->preferences);
    }
}
