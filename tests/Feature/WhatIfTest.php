<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\WeighPlan;
use App\Models\Piece;
use App\Models\StepPin;
use App\Models\Workshop;
use App\Planning\Haste;
use App\Planning\Planner;
use App\Planning\WhatIf\Changes;
use App\Planning\WhatIf\FewerCoats;
use App\Planning\WhatIf\MoveDue;
use App\Planning\WhatIf\Remedies;
use App\Planning\WhatIf\WhatIf;
use HonestGrain\Reading\Copy;
use HonestGrain\Schedule\Plan;
use HonestGrain\Schedule\Problem;
use HonestGrain\Schedule\Scheduler;
use HonestGrain\Schedule\TaskSearch;
use Illuminate\Support\Carbon;
use Illuminate\Validation\ValidationException;
use PHPUnit\Framework\Attributes\DataProvider;

/** Due dates, pins, sheets to try and promises: what moves, what stays, what is never saved. */
final class WhatIfTest extends FeatureTestCase
{
    public function test_a_due_date_is_dragged_by_days_weighed_and_taken_back(): void
    {
        $bowl = $this->bowl(['name' => 'Ebb bowl']);
        $due = $bowl->due_at->copy();
        $this->put("/weeks/pieces/$bowl->id", ['by_days' => '-3'])->assertSessionHasNoErrors()->assertRedirect();
        self::assertEquals($due->copy()->subDays(3), $bowl->refresh()->due_at);
        self::assertSame(
            $bowl->due_at->format('Y-m-d\TH:i:s\Z'), $bowl->document->fields()['due_at'], 'in its document',
        );
        $this->get('/weeks')->assertSee('Take it back');
        $this->post('/weeks/try/back')->assertRedirect();
        self::assertEquals($due, $bowl->refresh()->due_at);
        $this->put("/weeks/pieces/$bowl->id", ['weight' => '4'])->assertSessionHasNoErrors();
        self::assertSame(4.0, $bowl->refresh()->weight);
        $this->put("/weeks/pieces/$bowl->id", ['weight' => '7'])->assertSessionHasErrors('weight');
        $this->put("/weeks/pieces/$bowl->id", ['by_days' => '9999'])->assertSessionHasErrors('by_days');
        $this->put("/weeks/pieces/$bowl->id", ['back' => 'https://elsewhere.example/'])->assertSessionHasErrors('back');
        self::assertEquals($due, $bowl->refresh()->due_at, 'what is refused changes nothing');
    }

    public function test_what_is_fixed_stays_and_what_cannot_stay_stops_nobody(): void
    {
        $bowls = [$this->bowl(['name' => 'Ebb bowl']), $this->bowl(['name' => 'Kelp bowl'])];
        $step = $bowls[0]->plannedSteps()->where('minutes', '>', 0)->orderByDesc('start_at')->firstOrFail();
        $this->post('/weeks/pins', ['step' => $step->id])->assertSessionHasNoErrors();
        $fixed = (string) $step->start_at;
        self::assertSame($fixed, (string) StepPin::query()->sole()->start_at);
        $this->post('/weeks/try', ['do' => ['away:2026-12-02:1']])->assertSessionHasNoErrors();
        self::assertSame($fixed, (string) $step->refresh()->start_at);
        $this->get("/weeks?piece={$bowls[0]->id}")->assertOk()->assertSee('Pinned by you')->assertSee('Let go');
        // Fixed on a day on which the shop is then shut, it goes where it can.
        StepPin::query()->update(['start_at' => '2026-12-02 09:00:00']);
        $this->post('/plan')->assertRedirect();
        $shop = $this->shop->refresh();
        self::assertSame([], $shop->plan_summary?->broken);
        self::assertNull($shop->plan_summary?->trouble);
        self::assertNotNull($bowls[1]->refresh()->ready_at);
        $this->get("/weeks?piece={$bowls[0]->id}")->assertOk();
        $this->delete('/weeks/pins', ['pin' => StepPin::query()->sole()->id])->assertSessionHasNoErrors();
        self::assertSame(0, StepPin::query()->count());
    }

    public function test_a_shop_too_full_to_be_tried_out_is_told_so(): void
    {
        $bowl = $this->bowl();
        $this->bowl();
        $this->app->when(WhatIf::class)->needs('$most')->give(2);
        $this->get('/weeks/try')->assertOk();
        $this->app->when(WhatIf::class)->needs('$most')->give(1);
        foreach (['/weeks/try', '/weeks/price?do[]=away:2026-12-02:1', "/weeks/promise?like=$bowl->id"] as $page) {
            $this->get($page)->assertStatus(422)->assertSee('with 2 pieces in work');
        }
        $this->get('/weeks/promise')->assertOk();
    }

    public function test_a_step_whose_minute_has_passed_is_fixed_where_it_is_planned_now(): void
    {
        $bowl = $this->bowl(['name' => 'Ebb bowl']);
        $step = $bowl->plannedSteps()->where('minutes', '>', 0)->orderBy('start_at')->firstOrFail();
        $this->travelTo($step->start_at?->addMinutes(2));
        $this->post('/weeks/pins', ['step' => $step->id])->assertSessionHasNoErrors();
        $pin = StepPin::query()->sole();
        self::assertGreaterThanOrEqual(now()->startOfMinute(), $pin->start_at);
        self::assertSame((string) $pin->start_at, (string) $step->refresh()->start_at);
        $this->get("/weeks?piece=$bowl->id")->assertOk()->assertSee('Pinned by you');
        $this->delete('/weeks/pins', ['pin' => $pin->id]);
        $this->travelTo($step->start_at->addMinutes(2));
        $this->post('/weeks/pins', ['piece' => $bowl->id])->assertSessionHasNoErrors();
        self::assertTrue(StepPin::query()->where('step', $step->step)->exists(), 'with all of its steps');
    }

    public function test_a_piece_goes_behind_another_until_that_is_taken_back(): void
    {
        $first = $this->bowl(['name' => 'Ebb bowl', 'due_at' => '2026-12-20T17:00:00Z']);
        $soon = $this->bowl(['name' => 'Kelp bowl', 'due_at' => '2026-12-12T17:00:00Z']);
        $starts = fn (Piece $piece): string => (string) $piece->plannedSteps()->where('minutes', '>', 0)
            ->min('start_at');
        $this->put("/weeks/pieces/$soon->id", ['behind' => $first->id])->assertSessionHasNoErrors();
        self::assertSame($first->id, $soon->refresh()->behind_id);
        self::assertLessThan($starts($soon), $starts($first));
        $this->get("/weeks?piece=$soon->id")->assertOk()->assertSee('Goes behind');
        foreach ([$soon->id, $first->id + 900] as $wrong) {
            $this->put("/weeks/pieces/$first->id", ['behind' => $wrong])->assertSessionHasErrors('behind');
        }
        $sheet = $this->get("/weeks/try?do[]=behind:$first->id:")->assertOk();
        $sheet->assertSee('Goes by its own date again');
        $this->post('/weeks/try/back')->assertRedirect();
        self::assertNull($soon->refresh()->behind_id);
        $this->put("/weeks/pieces/$soon->id", ['behind' => $first->id]);
        $this->post('/weeks/try', ['do' => ["behind:$first->id:$soon->id"]])->assertSessionHasErrors('do');
        $this->get("/weeks/try?do[]=behind:$first->id:$soon->id")->assertSessionHasErrors('do');
        self::assertNull($first->refresh()->behind_id, 'neither goes first of itself');
        $this->post('/weeks/try/more', ['kind' => 'behind', 'piece' => $soon->id, 'other' => $first->id])
            ->assertSessionHasErrors('piece');
        $this->put("/weeks/pieces/$soon->id", ['behind' => ''])->assertSessionHasNoErrors();
        self::assertNull($soon->refresh()->behind_id);
        $this->post('/weeks/try/more', ['kind' => 'behind', 'piece' => $first->id])->assertSessionHasErrors('other');
        $this->post('/weeks/try/more', ['kind' => 'behind', 'piece' => $first->id, 'other' => $soon->id])
            ->assertRedirect(route('try', ['do' => ["behind:$soon->id:$first->id"]]));
    }

    public function test_what_the_last_change_moved_is_fixed_as_it_was(): void
    {
        $bowls = [$this->bowl(['name' => 'Ebb bowl']), $this->bowl(['name' => 'Kelp bowl'])];
        $last = fn (): array => array_map(fn (Piece $piece): string => (string) $piece->refresh()->ready_at, $bowls);
        $before = $last();
        $this->post('/weeks/try', ['do' => ['away:2026-12-02:3']])->assertSessionHasNoErrors();
        self::assertNotSame($before, $last());
        $this->post('/weeks/try/back')->assertRedirect();
        $moved = $this->shop->refresh()->plan_summary?->moved ?? [];
        self::assertNotSame([], $moved);
        $was = $bowls[0]->plannedSteps()->whereNotNull('was_at')->where('minutes', '>', 0)->orderBy('was_at')->get();
        self::assertGreaterThan(2, $was->count());
        $this->get('/weeks')->assertOk()->assertSee('Pin them as they were');
        $moved = ['moved' => (int) $this->shop->refresh()->plan_summary?->movedAt?->getTimestamp()];
        $this->travel(2)->seconds();
        foreach ([1, 2] as $press) {
            $this->post('/weeks/as-it-was', $moved)->assertSessionHasNoErrors()->assertRedirect();
        }
        self::assertSame([], $this->shop->refresh()->plan_summary?->broken, 'what cannot be fixed is no window');
        foreach ($was as $step) {
            self::assertEquals($step->was_at, $step->refresh()->start_at, (string) $step->step);
        }
    }

    public function test_how_far_futures_run_off_the_plan_is_taken_from_what_was_timed(): void
    {
        $bowl = $this->bowl();
        app(Planner::class)->plan($this->shop, Haste::Leisure);
        $lived = $this->shop->refresh()->plan_summary?->lived;
        self::assertSame([0, 0.25], [$lived?->records, $lived?->share]);
        $this->get('/weeks')->assertOk()->assertSee('until steps are timed here');
        $step = $bowl->plannedSteps()->where('is_next', true)->where('minutes', '>', 0)->firstOrFail();
        $this->post(route('steps.done', $step), ['minutes' => (string) $step->minutes])->assertSessionHasNoErrors();
        app(Planner::class)->plan($this->shop->refresh(), Haste::Leisure);
        $lived = $this->shop->refresh()->plan_summary?->lived;
        self::assertSame(1, $lived?->records);
        self::assertEqualsWithDelta(10 * 0.25 / 11, $lived->share, 0.001);
        self::assertFalse(app(Planner::class)->isToBeWeighed($this->shop, Haste::Leisure));
        self::assertTrue(app(Planner::class)->isToBeWeighed($this->shop, Haste::Long));
        self::assertFalse(app(Planner::class)->isWorthLonger($this->shop), 'nothing is late');
        $long = new WeighPlan($this->shop->id, Haste::Long);
        $this->post('/plan');
        app()->call([$long, 'handle']);
        self::assertNull($this->shop->refresh()->plan_summary?->lived, 'somebody has pressed since');
        app(Planner::class)->plan($this->shop, Haste::Leisure);
        self::assertSame('leisure', $long->queue, 'behind what somebody waits for');
        app()->call([$long, 'handle']);
        self::assertSame(Haste::Long->looks(), $this->shop->refresh()->plan_summary?->lived?->looks);
        self::assertStringContainsString('1 timed step of this shop', (string) $this->shop->plan_summary?->chances());
    }

    public function test_a_day_and_a_piece_are_fixed_whole(): void
    {
        $bowl = $this->bowl();
        $first = $bowl->plannedSteps()->where('minutes', '>', 0)->orderBy('start_at')->firstOrFail();
        $day = (string) $first->start_at?->toDateString();
        $onThatDay = $bowl->plannedSteps()->where('minutes', '>', 0)->whereDate('start_at', $day)
            ->where('start_at', '>=', now()->startOfMinute())->count();
        $this->get("/weeks?day=$day")->assertOk()->assertSee('Pin this day');
        $this->post('/weeks/pins', ['day' => $day])->assertSessionHasNoErrors();
        self::assertSame($onThatDay, StepPin::query()->count());
        $this->delete('/weeks/pins', ['day' => $day]);
        self::assertSame(0, StepPin::query()->count());
        $this->post('/weeks/pins', ['piece' => $bowl->id]);
        self::assertGreaterThan($onThatDay, StepPin::query()->count());
        $this->delete('/weeks/pins', ['piece' => $bowl->id]);
        self::assertSame(0, StepPin::query()->count());
        $this->post('/weeks/pins', [])->assertSessionHasErrors('step');
        $this->get('/weeks/sheet')->assertOk()->assertSee($bowl->name);
    }

    public function test_remedies_of_a_late_piece_are_priced_and_one_is_taken(): void
    {
        Carbon::setTestNow('2026-12-02 08:00:00');
        $late = $this->bowl(['name' => 'Kelp bowl', 'due_at' => '2026-12-03T17:00:00Z']);
        self::assertNotNull($late->refresh()->late);
        $remedies = app(Remedies::class)->for($this->shop, $late);
        $kinds = array_map(fn (string $one): string => explode(':', $one)[0], Changes::written($remedies));
        self::assertContains('due', $kinds);
        self::assertContains('fewer', $kinds);
        $page = $this->get("/weeks?piece=$late->id")->assertOk()->assertSee('What would help');
        self::assertSame(count($remedies), substr_count((string) $page->getContent(), 'data-price'));
        $tried = app(WhatIf::class)->try($this->shop, [new FewerCoats($late->id)]);
        self::assertLessThan($tried->of($late->id)?->lateBefore(), $tried->of($late->id)?->lateHours());
        $document = $late->refresh()->document;
        $asked = ['do' => ["fewer:$late->id"], 'piece' => $late->id];
        $this->get(route('try.price', $asked))->assertOk()->assertSee('One coat fewer')->assertSee('Take it');
        $this->get(route('try', $asked))->assertOk()->assertSee('Nothing of this is saved');
        self::assertEquals($document, $late->refresh()->document, 'what is tried is not saved');
        $before = $late->ready_at;
        $this->post('/weeks/try', ['do' => ["fewer:$late->id"]])->assertSessionHasNoErrors();
        self::assertTrue($late->refresh()->ready_at->lt($before));
        self::assertEqualsWithDelta(
            $tried->of($late->id)->after->getTimestamp(), $late->ready_at->getTimestamp(), 3600, 'as it was priced',
        );
    }

    public function test_days_of_the_shop_are_tried_and_taken(): void
    {
        $bowl = $this->bowl();
        $ready = $bowl->refresh()->ready_at;
        $try = fn (string ...$do) => app(WhatIf::class)->try($this->shop, Changes::read(array_values($do)));
        self::assertGreaterThan(24, $try('away:2026-12-02:3')->of($bowl->id)?->laterHours(), 'ill for three days');
        self::assertSame([], $try("aside:$bowl->id")->pieces);
        self::assertNull($try('help:2026-12-03')->trouble);
        self::assertSame([], $this->shop->refresh()->closed);
        self::assertEquals($ready, $bowl->refresh()->ready_at);
        $this->post('/weeks/try/more', ['kind' => 'open', 'date' => '2026-12-06'])
            ->assertRedirect(route('try', ['do' => ['open:2026-12-06']]));
        $this->post('/weeks/try/more', ['kind' => 'fewer'])->assertSessionHasErrors('piece');
        $this->post('/weeks/try', ['do' => ['open:2026-12-06', 'help:2026-12-03']])->assertSessionHasNoErrors();
        self::assertArrayHasKey('2026-12-06', $this->shop->refresh()->also->dates);
        self::assertSame(2, $this->shop->workers()->count());
        $this->post('/weeks/try/back')->assertSessionHas('said', 'Taken back; the plan has moved again.');
        self::assertSame([], $this->shop->refresh()->also->dates);
        self::assertSame(0, $this->shop->workers()->count());
        self::assertEquals($ready, $bowl->refresh()->ready_at);
        $this->post('/weeks/try/back');
        self::assertStringContainsString('Something else was changed since', (string) session('said'));
    }

    public function test_what_was_taken_is_taken_back_only_while_nothing_else_was_changed(): void
    {
        $bowl = $this->bowl();
        $document = $bowl->refresh()->document;
        $this->post('/weeks/try', ['do' => ["fewer:$bowl->id", "weigh:$bowl->id:2", "warm:$bowl->id:24:1797841200"]]);
        self::assertSame(2.0, $bowl->refresh()->weight);
        self::assertNotEquals($document, $bowl->document);
        $this->post('/weeks/try/back');
        self::assertSame(1.0, $bowl->refresh()->weight);
        self::assertEquals($document->fields(), $bowl->document->fields());
        $this->post('/weeks/try', ['do' => ["fewer:$bowl->id"]]);
        $this->work($bowl, 'body/mount');
        $this->post('/weeks/try/back');
        self::assertNotEquals($document->fields(), $bowl->refresh()->document->fields(), 'something was done since');
    }

    public function test_one_more_piece_is_promised_beside_the_others_and_among_them(): void
    {
        $bowl = $this->bowl(['name' => 'Ebb bowl']);
        $promise = app(WhatIf::class)->promise($this->shop, $bowl);
        self::assertNotNull($promise->nothingMoved);
        self::assertTrue($promise->nothingLate?->lte($promise->nothingMoved));
        self::assertTrue($promise->nothingLate->gt(now()));
        self::assertSame(1, Piece::query()->count(), 'nothing is made');
        $this->get("/weeks/promise?like=$bowl->id")->assertOk()->assertSee('With nothing else moved');
        $this->get('/weeks/promise')->assertOk();
    }

    public function test_of_both_dates_of_a_promise_one_plan_knows(): void
    {
        $bowl = $this->bowl(['name' => 'Ebb bowl']);
        $scheduler = new class implements Scheduler
        {
            public int $plans = 0;

            public function plan(Problem $problem): Plan
            {
                $this->plans++;
                $plan = (new TaskSearch)->plan($problem);
                $besides = ['0' => (int) strtotime('2027-03-01T12:00:00Z')];

                return Copy::with($plan, ['outlook' => Copy::with($plan->outlook, ['besides' => $besides])]);
            }
        };
        $this->app->instance(Scheduler::class, $scheduler);
        $promise = app(WhatIf::class)->promise($this->shop, $bowl);
        self::assertSame(1, $scheduler->plans);
        self::assertSame('2027-03-01 12:00', $promise->nothingMoved?->format('Y-m-d H:i'));
        self::assertTrue($promise->nothingLate?->lt($promise->nothingMoved));
    }

    /** @param  list<string>  $written */
    #[DataProvider('nonsense')]
    public function test_what_says_nothing_is_refused(array $written): void
    {
        $this->get(route('try', ['do' => $written]))->assertStatus(302);
        $this->expectException(ValidationException::class);
        Changes::read($written);
    }

    /** @return iterable<string, array{list<string>}> */
    public static function nonsense(): iterable
    {
        yield 'no kind' => [['']];
        yield 'no such kind' => [['burn:7']];
        yield 'no date' => [['open:2026-13-41']];
        yield 'no number' => [['due:x:9']];
        yield 'too hot' => [['warm:1:90:1797841200']];
        yield 'no such weight' => [['weigh:1:3']];
        yield 'no such stack' => [['finish:1:ketchup']];
        yield 'for ever' => [['away:2026-12-01:4000']];
        yield 'too many' => [array_fill(0, 13, 'open:2026-12-06')];
    }

    public function test_a_change_is_read_as_it_is_written(): void
    {
        foreach ([
            'open:2026-12-06', 'help:2026-12-06', 'away:2026-12-06:2', 'warm:3:21.5:1797841200', 'due:3:1797841200',
            'weigh:3:0.5', 'fewer:3', 'finish:3:hard-wax-oil', 'by-hand:3', 'aside:3',
        ] as $written) {
            self::assertSame([$written], Changes::written(Changes::read([$written])));
        }
    }

    public function test_nobody_moves_what_is_in_another_shop(): void
    {
        $bowl = $this->bowl();
        $due = (string) $bowl->due_at;
        $other = $this->makeShop('Elsewhere', 'else@example.test');
        $this->flushSession();
        $this->actingAs($other->users()->firstOrFail());
        $this->put("/weeks/pieces/$bowl->id", ['by_days' => '1'])->assertNotFound();
        $this->post('/weeks/pins', ['piece' => $bowl->id])->assertSessionHasNoErrors();
        self::assertSame(0, StepPin::query()->count());
        $this->post('/weeks/try', ['do' => ["due:$bowl->id:".Carbon::parse('2027-01-01')->getTimestamp()]]);
        app(WhatIf::class)->take($other, [new MoveDue($bowl->id, 1_800_000_000)], $other->users()->firstOrFail());
        self::assertSame($due, (string) $bowl->refresh()->due_at);
        self::assertInstanceOf(Workshop::class, $other);
    }
}
