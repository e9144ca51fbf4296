<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\MakePlan;
use App\Models\Piece;
use App\Models\PlannedStep;
use App\Models\StepState;
use App\Models\Workshop;
use App\Planning\Correction;
use App\Planning\PlanMaker;
use App\Planning\Planner;
use App\Planning\PlanStore;
use App\Planning\ShopState;
use HonestGrain\Reading\Document;
use HonestGrain\Schedule\Plan;
use HonestGrain\Schedule\Problem;
use HonestGrain\Schedule\Scheduler;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;

/** A plan is made from the shop at one version, outside its lock, and kept only while that version stands. */
final class PlanAtVersionTest extends FeatureTestCase
{
    private const PAGES = [
        '/bench', '/pieces', '/weeks', '/log', '/shelf', '/shelf/woods', '/shelf/mixes', '/shop', '/plan',
    ];

    public function test_a_page_that_is_only_read_plans_nothing_and_asks_for_a_plan_where_it_is_old(): void
    {
        $piece = $this->bowl();
        Queue::fake();
        Carbon::setTestNow('2026-12-02 11:00:00');
        $stood = $this->plan();
        $tabs = array_map(
            fn (string $tab): string => route("pieces.$tab", $piece),
            ['shape', 'surface', 'marks', 'coats', 'route', 'record', 'card'],
        );
        foreach ([...self::PAGES, ...$tabs] as $path) {
            $wrote = [];
            DB::listen(function ($query) use (&$wrote): void {
                if (preg_match('/^(insert|update|delete) .*(planned_steps|pieces|workshops)/i', $query->sql) === 1) {
                    $wrote[] = $query->sql;
                }
            });
            $this->get($path)->assertOk();
            self::assertSame([], $wrote, $path);
        }
        self::assertSame($stood, $this->plan());
        Queue::assertPushed(MakePlan::class);
    }

    public function test_a_page_with_a_fresh_plan_asks_for_none(): void
    {
        $this->bowl();
        Queue::fake();
        foreach (self::PAGES as $path) {
            $this->get($path)->assertOk();
        }
        Queue::assertNothingPushed();
    }

    public function test_the_page_hears_when_the_new_plan_is_there(): void
    {
        $this->bowl();
        $this->getJson('/plan')->assertOk()->assertJson(['stale' => false]);
        $this->shop->increment('version');
        $this->wren->unsetRelation('workshop');
        $this->getJson('/plan')->assertOk()->assertJson(['stale' => true]);
        $this->get('/bench')->assertOk()->assertSee('data-waits', false);
        (new MakePlan($this->shop->id))->handle(app(Planner::class));
        $this->wren->unsetRelation('workshop');
        $this->getJson('/plan')->assertJson(['stale' => false]);
    }

    public function test_in_a_full_shop_the_piece_that_was_touched_is_right_at_once_and_the_rest_follows(): void
    {
        $pieces = [];
        for ($i = 0; $i < 16; $i++) {
            $pieces[] = $this->bowl(['name' => "Bowl $i"]);
        }
        app(Planner::class)->plan($this->shop);
        Queue::fake();
        [$mine, $other] = [$pieces[0], $pieces[5]];
        $stood = $this->plan($other);
        $this->work($mine, 'body/mount');
        self::assertSame(StepState::Done, $this->step($mine, 'body/mount')->state);
        self::assertTrue(
            $this->step($mine, 'body.outside/sand')->is_next || $this->step($mine, 'body.inside/sand')->is_next,
        );
        self::assertSame($stood, $this->plan($other), 'the others stand as they did');
        Queue::assertPushed(MakePlan::class, 1);
        self::assertTrue(app(Planner::class)->isStale($this->shop->refresh()));

        (new MakePlan($this->shop->id))->handle(app(Planner::class));
        self::assertFalse(app(Planner::class)->isStale($this->shop->refresh()));
        self::assertSame(StepState::Done, $this->step($mine, 'body/mount')->state);
    }

    public function test_a_correction_gives_no_date_to_a_piece_that_is_held_back(): void
    {
        $piece = $this->bowl();
        self::assertNotNull($piece->refresh()->ready_at);
        $piece->update(['fault' => Document::of([
            'kind' => 'crack', 'part' => 'body', 'on' => 'outer', 'from_mm' => 10.0, 'to_mm' => 20.0,
        ])]);
        app(Correction::class)->of($piece->refresh());
        self::assertNull($piece->refresh()->ready_at);
        $piece->update(['fault' => null]);
        app(Correction::class)->of($piece->refresh());
        self::assertNotNull($piece->refresh()->ready_at);
    }

    public function test_a_correction_alone_never_has_a_step_before_what_it_waits_for(): void
    {
        for ($i = 0; $i < 15; $i++) {
            $this->bowl(['name' => "Bowl $i"]);
        }
        app(Planner::class)->plan($this->shop);
        Queue::fake();
        $piece = Piece::query()->where('name', 'Bowl 14')->firstOrFail();
        foreach ($piece->plannedSteps()->where('kind', '!=', 'ready')->orderBy('position')->pluck('step') as $id) {
            if ($this->step($piece, $id)->kind === 'cure') {
                break;
            }
            Carbon::setTestNow(now()->addHours(30));
            $this->work($piece, $id);
            $ends = PlannedStep::query()->where('piece_id', $piece->id)->get()->keyBy('step');
            foreach ($ends as $step) {
                foreach ($step->state === StepState::Open ? $step->follows : [] as $before) {
                    if ($ends[$before]->state !== StepState::Open && $before !== $id) {
                        // Done earlier: what it kept waiting may have been due since.
                        continue;
                    }
                    self::assertGreaterThanOrEqual(
                        $ends[$before]->state === StepState::Open
                            ? $ends[$before]->end_at?->getTimestamp() : now()->getTimestamp() - 1,
                        $step->start_at?->getTimestamp(), "$step->step after $before, when $id was done",
                    );
                }
            }
        }
    }

    public function test_what_was_changed_while_a_plan_was_made_is_not_overwritten_by_it(): void
    {
        $piece = $this->bowl();
        $state = ShopState::of($this->shop->refresh());
        $plan = app(PlanMaker::class)->make($state);
        $this->work($piece, 'body/mount');
        $stood = $this->plan();
        self::assertFalse(app(PlanStore::class)->keep($plan), 'it is of an older version');
        self::assertSame($stood, $this->plan());
    }

    public function test_the_search_runs_outside_every_transaction(): void
    {
        $this->bowl();
        $levels = [];
        $outermost = DB::transactionLevel();
        $inner = app(Scheduler::class);
        $this->app->instance(Scheduler::class, new class($inner, $levels) implements Scheduler
        {
            /** @param  list<int>  $levels */
            public function __construct(private readonly Scheduler $inner, private array &$levels)
            {
            }

            public function plan(Problem $problem): Plan
            {
                $this->levels[] = DB::transactionLevel();

                return $this->inner->plan($problem);
            }
        });
        $this->app->forgetInstance(Planner::class);
        $this->bowl(['name' => 'Another']);
        self::assertNotSame([], $levels);
        self::assertSame([$outermost], array_values(array_unique($levels)));
    }

    public function test_planning_twice_changes_nothing(): void
    {
        $this->bowl();
        $this->bowl(['name' => 'Another']);
        app(Planner::class)->plan($this->shop);
        $once = $this->plan();
        app(Planner::class)->plan($this->shop);
        self::assertSame($once, $this->plan());
    }

    public function test_a_plan_can_be_asked_for_by_hand(): void
    {
        $this->bowl();
        $this->shop->increment('version');
        $this->from('/bench')->post('/plan')->assertRedirect('/bench')->assertSessionHas('said', 'Planned again.');
        $shop = Workshop::query()->findOrFail($this->shop->id);
        self::assertSame($shop->version, $shop->planned_version);
    }

    /** @return list<array<string, mixed>> the stored plan, row by row */
    private function plan(?Piece $of = null): array
    {
        return PlannedStep::query()
            ->when($of !== null, fn ($steps) => $steps->where('piece_id', $of?->id))
            ->orderBy('id')
            ->toBase()
            ->get()
            ->map(fn (object $row): array => (array) $row)
            ->all();
    }
}
