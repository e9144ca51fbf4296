<?php

declare(strict_types=1);

namespace Tests\Feature;

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
