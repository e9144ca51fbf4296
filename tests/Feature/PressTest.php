<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\LogEntry;
use App\Models\Piece;
use App\Models\Timer;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;

/** Presses that waited on a device for the network: each arrives once, at its own time, or is asked about. */
final class PressTest extends FeatureTestCase
{
    private const KEY = '0123456789abcdef0123456789abcdef';

    /** @param  array<string, mixed>  $typed */
    private function press(string $address, array $typed = [], string $key = self::KEY): TestResponse
    {
        return $this->withHeaders(['X-Press' => '1', 'Accept' => 'application/json'])->post($address, $typed + [
            'once' => $key, 'pressed_at' => (string) strtotime('2026-12-01 08:30:00 UTC'),
        ]);
    }

    /** A bowl, whose first step was pressed half an hour ago. */
    private function pressed(): Piece
    {
        Carbon::setTestNow('2026-12-01 08:00:00');
        $piece = $this->bowl();
        Carbon::setTestNow('2026-12-01 09:00:00');

        return $piece;
    }

    public function test_what_is_sent_again_is_the_same_press_at_its_own_time(): void
    {
        $step = $this->step($this->pressed(), 'body/mount');
        $this->press(route('steps.done', $step), ['read' => $step->mark()])->assertOk()
            ->assertJsonPath('message', 'Done: “Mount by the tenon”. The plan has moved.');
        $this->press(route('steps.done', $step), ['read' => $step->mark()])->assertOk();
        $entry = LogEntry::query()->where('kind', 'done')->sole();
        self::assertSame('2026-12-01 08:30:00', (string) $entry->happened_at);
        // What it said is not said once more on the next page.
        $this->get('/bench')->assertDontSee('Done: “Mount');
    }

    public function test_what_was_done_otherwise_meanwhile_is_said_and_can_be_taken_back(): void
    {
        $piece = $this->pressed();
        $step = $this->step($piece, 'body/mount');
        $this->post(route('steps.skip', $step), ['reason' => 'it still hangs in the chuck']);
        $answer = $this->press(route('steps.done', $step))->assertStatus(409)
            ->assertJsonPath('message', 'Skipped by Wren, 09:00: it still hangs in the chuck');
        $this->press($answer->json('undo'))->assertOk();
        $this->press(route('steps.done', $step))->assertOk();
        self::assertSame(
            ['skip', 'undo', 'done'], $piece->logEntries()->orderBy('id')->get()->pluck('kind.value')->all(),
        );
    }

    public function test_a_step_that_is_another_by_now_is_refused_with_what_it_is(): void
    {
        $step = $this->step($this->pressed(), 'body/mount');
        $this->press(route('steps.done', $step), ['read' => 'of-another'])->assertStatus(422)
            ->assertJsonStructure(['message', 'errors' => ['step']]);
        $this->press('/steps/999999/done')->assertNotFound();
        self::assertSame(0, LogEntry::query()->count());
    }

    public function test_a_coat_before_its_wait_leaves_a_question(): void
    {
        $piece = $this->pressed();
        $this->work($piece, 'body/mount', 'body.outside/sand', 'body.rim/sand', 'body.inside/sand', 'body/wipe-clean');
        $this->work($piece, 'l1', 'l1/wipe-off');
        $answer = $this->press(route('steps.done', $this->step($piece, 'l2')), [
            'pressed_at' => (string) now()->getTimestamp(),
        ])->assertStatus(422);
        self::assertSame('found', $answer->json('asks.field'));
        self::assertSame(lines('pages.found'), $answer->json('asks.choices'));
    }

    public function test_notes_clocks_weights_and_faults_come_once(): void
    {
        $piece = $this->pressed();
        $step = $this->step($piece, 'body/mount');
        $this->post('/rack', RackTest::BOWL)->assertSessionHasNoErrors();
        $blank = $this->shop->blanks()->firstOrFail();
        foreach ([1, 2] as $time) {
            $this->press(route('steps.note', $step), ['body' => 'a knot'], 'note1')->assertOk();
            $this->press('/timers', ['timed' => 'kettle', 'for_minutes' => '90'], 'timer1')->assertOk();
            $this->press('/rack/weigh', ['number' => '1', 'mass' => '1200'], 'weight1')->assertOk();
            $this->press(route('steps.wrong', $step), ['fault_kind' => 'crack', 'fault_on' => 'rim'], 'fault1')
                ->assertOk();
            self::assertSame($time === 1, $piece->refresh()->fault !== null);
            $this->delete(route('pieces.mend', $piece));
        }
        self::assertSame(1, $blank->weighings()->count());
        self::assertSame(1, $piece->logEntries()->where('kind', 'note')->whereNotNull('body')->count());
        self::assertSame('2026-12-01 10:00:00', (string) Timer::query()->sole()->rings_at);
    }

    public function test_a_time_to_come_or_long_ago_is_none(): void
    {
        $step = $this->step($this->pressed(), 'body/mount');
        $later = ['pressed_at' => (string) now()->addHour()->getTimestamp()];
        $this->press(route('steps.done', $step), $later)->assertStatus(422)
            ->assertJsonStructure(['errors' => ['pressed_at']]);
        $this->press(route('steps.done', $step), ['pressed_at' => '1'])->assertStatus(422);
    }

    public function test_who_is_signed_out_is_told_so_and_the_token_comes_with_the_plan(): void
    {
        $step = $this->step($this->pressed(), 'body/mount');
        $this->getJson('/plan')->assertJsonPath('user', auth()->id())->assertJsonStructure(['token']);
        auth()->logout();
        $this->flushSession();
        $this->press(route('steps.done', $step))->assertUnauthorized();
    }
}
