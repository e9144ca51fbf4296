<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Kept\PutOff;
use App\Models\Piece;
use App\Models\StepState;
use App\Planning\Planner;
use Illuminate\Support\Carbon;

/** A change moves what it must and says what it has moved. */
final class SteadyShopTest extends FeatureTestCase
{
    public function test_what_moved_is_told_until_something_else_moves(): void
    {
        $bowls = [$this->bowl(['name' => 'Ebb bowl']), $this->bowl(['name' => 'Kelp bowl'])];
        $this->get('/weeks')->assertOk()->assertDontSee('Moved by the last change');
        $before = Piece::query()->pluck('ready_at', 'id');
        $this->put('/shop', self::shop(['closed' => '2026-12-02, 2026-12-03, 2026-12-04']))->assertSessionHasNoErrors();
        $page = $this->get('/weeks')->assertOk()->assertSee('Moved by the last change');
        foreach ($bowls as $bowl) {
            self::assertTrue($bowl->refresh()->ready_at->gt($before[$bowl->id]));
            $page->assertSeeInOrder(['Moved by the last change', $bowl->name]);
        }
        app(Planner::class)->plan($this->shop);
        $this->get('/weeks')->assertSee('Moved by the last change');
        Carbon::setTestNow(now()->addMinutes(1500));
        app(Planner::class)->plan($this->shop);
        $told = $this->shop->refresh()->plan_summary;
        self::assertTrue($told->movedAt === null || $told->movedAt->gte(now()->subMinute()), 'not for ever');
    }

    public function test_another_piece_and_another_plan_move_nothing_near(): void
    {
        $this->bowl(['name' => 'Ebb bowl']);
        $this->bowl(['name' => 'Kelp bowl', 'due_at' => '2026-12-12T17:00:00Z']);
        $stands = fn (): array => $this->shop->plannedSteps()->where('start_at', '<', now()->addDays(2))
            ->whereIn('piece_id', Piece::query()->whereIn('name', ['Ebb bowl', 'Kelp bowl'])->select('id'))
            ->orderBy('id')->pluck('start_at', 'id')->map(fn ($at): string => (string) $at)->all();
        $before = $stands();
        self::assertNotSame([], $before);
        app(Planner::class)->plan($this->shop);
        self::assertSame($before, $stands());
        $this->bowl(['name' => 'New bowl']);
        self::assertSame($before, $stands(), 'it goes round what stands');
    }

    public function test_who_is_ahead_goes_on_with_what_was_to_come(): void
    {
        $piece = $this->bowl();
        $first = $this->step($piece, 'body/mount');
        Carbon::setTestNow($first->start_at?->copy()->addMinute());
        $next = $piece->plannedSteps()->where('start_at', '>', $first->start_at)->orderBy('start_at')->firstOrFail();
        self::assertGreaterThan(now()->addMinutes(1), $next->start_at);
        $this->work($piece, 'body/mount');
        self::assertSame(
            (string) now()->startOfMinute(), (string) $this->step($piece, $next->step)->start_at, 'at once',
        );
    }

    public function test_who_is_minutes_behind_goes_on_in_the_same_order(): void
    {
        $this->bowl(['name' => 'Ebb bowl']);
        $this->bowl(['name' => 'Kelp bowl', 'due_at' => '2026-12-12T17:00:00Z']);
        $open = fn (): array => $this->shop->plannedSteps()->where('state', StepState::Open)->where('minutes', '>', 0)
            ->where('start_at', '<', now()->endOfDay())->orderBy('start_at')->orderBy('id')
            ->get(['id', 'start_at'])->pluck('start_at', 'id')->all();
        $before = $open();
        $first = reset($before);
        Carbon::setTestNow($first->copy()->addMinutes(3));
        app(Planner::class)->plan($this->shop);
        $after = $open();
        self::assertSame(array_slice(array_keys($before), 0, count($after)), array_keys($after));
        self::assertGreaterThan(5, count($after));
        self::assertSame((string) now(), (string) reset($after));
        foreach ($after as $id => $start) {
            self::assertGreaterThanOrEqual($before[$id], $start);
            self::assertLessThanOrEqual($before[$id]->copy()->addMinutes(3), $start, 'no later than it must');
        }
    }

    public function test_a_piece_that_has_no_step_today_any_more_is_told_until_it_has_or_the_day_is_over(): void
    {
        $bowls = [$this->bowl(['name' => 'Ebb bowl']), $this->bowl(['name' => 'Kelp bowl'])];
        $plan = fn () => app(Planner::class)->plan($this->shop->refresh());
        $told = function (): array {
            $this->wren->unsetRelation('workshop');
            $page = (string) $this->get('/bench')->assertOk()->content();
            preg_match('~<div id="put-off">(.*?)</div>~s', $page, $found);

            return explode(' | ', trim((string) preg_replace('~\s+~', ' ', strip_tags(str_replace(
                '</p>', ' | ', $found[1] ?? '',
            ))), ' |'));
        };
        self::assertSame([''], $told());
        Carbon::setTestNow(now()->setTime(16, 45));
        $plan();
        self::assertCount(1, $told(), 'the other one can still be mounted');
        $mounts = array_filter(
            $this->shop->refresh()->plan_summary->putOff ?? [], fn (PutOff $one): bool => $one->step === 'body/mount',
        );
        self::assertCount(1, $mounts);
        Carbon::setTestNow(now()->setTime(16, 55));
        $plan();
        $sand = fn (Piece $bowl): string => "$bowl->name: Mount by the tenon, now "
            .$this->step($bowl, 'body/mount')->start_at?->format('D j M H:i');
        $both = $told();
        self::assertEqualsCanonicalizing(array_map($sand, $bowls), $both, 'each by its first step');
        self::assertStringContainsString('08:', $both[0]);
        $this->get('/bench')->assertSeeInOrder(['Today, or something is late', 'No longer today', 'Waiting']);
        $plan();
        self::assertSame($both, $told(), 'still, in the next plan of the same day');

        $this->post(route('steps.done', $this->step($bowls[0], 'body/mount')));
        $plan();
        self::assertStringContainsString('Ebb bowl: Sand the', implode(' ', $told()), 'by what is next in it');
        self::assertContains($sand($bowls[1]), $told());
        $this->work($bowls[0], 'body.inside/sand', 'body.rim/sand', 'body.outside/sand', 'body/wipe-clean', 'l1');
        $plan();
        self::assertSame([$sand($bowls[1])], $told(), 'its wipe is missed, and told as that');
        $this->work($bowls[0], 'l1/wipe-off');
        $plan();
        self::assertSame([$sand($bowls[1])], $told(), 'what is next in it never was for today');
        $long = fn (string $until): array => ['hours' => array_fill_keys(
            ['mon', 'tue', 'wed', 'thu', 'fri'], "08:00-12:00, 13:00-$until",
        )];
        $this->put('/shop', self::shop($long('23:00')))->assertSessionHasNoErrors();
        $plan();
        self::assertSame([''], $told(), 'it fits again');
        $this->put('/shop', self::shop($long('17:00')))->assertSessionHasNoErrors();
        $plan();
        self::assertSame([$sand($bowls[1])], $told());
        $this->bowl(['name' => 'Tern bowl']);
        $this->put('/shop', self::shop(['closed' => '2026-12-02'] + $long('17:00')))->assertSessionHasNoErrors();
        $plan();
        self::assertSame([$sand($bowls[1])], $told(), 'what was for tomorrow is not told');
        Carbon::setTestNow(now()->addDay()->setTime(8, 0));
        self::assertSame([''], $told(), 'another day, before it is planned anew');
        $plan();
        self::assertSame([], $this->shop->refresh()->plan_summary->putOff);
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return array<string, mixed>
     */
    private static function shop(array $changes): array
    {
        return $changes + [
            'name' => 'Bramble Slip', 'time_zone' => 'UTC',
            'hours' => array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri'], '08:00-12:00, 13:00-17:00'),
            'day_c' => '21', 'night_c' => '11', 'day_rh' => '50', 'night_rh' => '50', 'day_from' => '8',
            'day_to' => '18',
            'sanding_cap_m_s' => '5', 'min_wall_mm' => '3',
        ];
    }
}
