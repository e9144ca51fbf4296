<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Kept\OpenDays;
use App\Models\Kept\OpenHours;
use App\Models\Role;
use App\Models\User;
use App\Models\Worker;
use App\Planning\Haste;
use App\Planning\Planner;
use Illuminate\Support\Carbon;

/** Several people in one shop: whose hours, whose steps, whose bench. */
final class WhoWorksTest extends FeatureTestCase
{
    public function test_a_second_person_shares_the_steps_by_hours_and_skills(): void
    {
        $bowls = [$this->bowl(['name' => 'Ebb bowl']), $this->bowl(['name' => 'Kelp bowl'])];
        $alone = $this->shop->pieces()->max('ready_at');
        $this->get('/bench')->assertDontSee('Everybody');
        $idris = $this->person('Idris Pell', 'idris@example.test');
        $this->post('/shop/hands', self::worker([
            'name' => 'Idris Pell', 'user_id' => $idris->id, 'skills' => ['sanding', 'finishing'],
        ]))->assertSessionHasNoErrors();
        $workers = Worker::query()->orderBy('id')->get();
        self::assertSame(['Wren', 'Idris Pell'], $workers->pluck('name')->all(), 'whoever was here stays');
        self::assertLessThanOrEqual($alone, $this->shop->pieces()->max('ready_at'));
        $steps = $this->shop->plannedSteps()->whereNotNull('who')->where('minutes', '>', 0)->get();
        $mine = $steps->where('who', (string) $workers[1]->id);
        self::assertNotEmpty($mine);
        foreach ($mine as $step) {
            self::assertContains($step->kind, ['sand', 'raise-grain', 'dust-off', 'de-nib', 'coat', 'wipe-off', 'test',
                'buff', 'cure', 'ready', 'own', 'paper'], "Idris does not turn: $step->step");
        }
        $this->flushSession();
        $this->actingAs($idris)->get('/bench')->assertOk()->assertSee('Everybody');
        $this->get('/bench?hands=all')->assertOk();
        self::assertCount(2, $bowls);
    }

    public function test_hours_of_their_own_and_days_away_are_kept(): void
    {
        $this->bowl();
        $this->post('/shop/hands', self::worker([
            'name' => 'Idris Pell', 'keeps' => 'own', 'hours' => ['wed' => '10:00-12:00'],
            'also' => '2026-12-05 09:00-13:00', 'away' => '2026-12-02',
        ]))->assertSessionHasNoErrors();
        $idris = Worker::query()->where('name', 'Idris Pell')->firstOrFail();
        $hours = $idris->person($this->shop->refresh())->hours;
        self::assertSame([], $hours->stretchesOn('2026-12-02'), 'away');
        self::assertCount(1, $hours->stretchesOn('2026-12-09'));
        self::assertSame([[strtotime('2026-12-05T09:00:00Z'), strtotime('2026-12-05T13:00:00Z')]],
            $hours->stretchesOn('2026-12-05'));
        foreach ($this->shop->plannedSteps()->where('who', (string) $idris->id)->where('minutes', '>', 0)
            ->get() as $step) {
            self::assertContains($step->start_at?->toDateString(), ['2026-12-05', '2026-12-09', '2026-12-16']);
        }
        $helper = $this->shop->workers()->create([
            'name' => 'Tam', 'hours' => new OpenHours([]),
            'also' => new OpenDays(['2026-12-03' => [['09:00', '12:00']]]),
        ]);
        self::assertFalse($helper->isGone($this->shop));
        Carbon::setTestNow('2026-12-04 08:00:00');
        self::assertTrue($helper->isGone($this->shop), 'who came on one day comes no more');
        $this->get('/bench')->assertDontSee('Tam');
        $this->put("/shop/hands/$idris->id", self::worker(['name' => 'Idris Pell', 'also' => 'saturday']))
            ->assertSessionHasErrors('also');
        $this->put("/shop/hands/$idris->id", self::worker(['name' => 'Idris Pell', 'keeps' => 'own']))
            ->assertSessionHasErrors('keeps');
        self::assertNotNull($idris->refresh()->hours, 'nothing half-applied');
        $this->get('/shop/hands')->assertOk()->assertSee('in hours of their own');
        $this->delete("/shop/hands/$idris->id")->assertSessionHasNoErrors();
        self::assertNull($this->shop->refresh()->plan_summary?->trouble);
    }

    public function test_what_nobody_has_learnt_is_left_to_whoever_is_free(): void
    {
        $bowl = $this->bowl();
        $this->post('/shop/hands', self::worker(['name' => 'Idris Pell', 'skills' => ['sanding']]));
        $wren = Worker::query()->orderBy('id')->firstOrFail();
        $this->put("/shop/hands/$wren->id", self::worker(['name' => 'Wren Tolliver', 'skills' => ['turning']]))
            ->assertSessionHasNoErrors();
        $this->get('/shop/hands')->assertSee('Nobody here does');
        self::assertNotNull($bowl->refresh()->ready_at);
        app(Planner::class)->plan($this->shop, Haste::Leisure);
        self::assertNotNull($this->shop->refresh()->plan_summary?->lived);
        $idris = $this->person('Idris Pell', 'idris@example.test');
        $this->flushSession();
        $this->actingAs($idris)->post('/shop/hands', self::worker(['name' => 'Nobody']))->assertForbidden();
    }

    private function person(string $name, string $email): User
    {
        return $this->shop->users()->create([
            'name' => $name, 'email' => $email, 'password' => 'seven-curlews-landing', 'role' => Role::Maker,
        ]);
    }

    /**
     * @param  array<string, mixed>  $typed
     * @return array<string, mixed>
     */
    private static function worker(array $typed): array
    {
        return $typed + ['keeps' => 'shop', 'skills' => ['turning', 'sanding', 'decorating', 'finishing', 'spraying']];
    }
}
