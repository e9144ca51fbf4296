<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Piece;
use App\Models\Worker;
use App\Planning\Haste;
use App\Planning\Planner;
use Opis\JsonSchema\Validator;
use Sabre\VObject\Reader;

/** The plan as other programs have it: a document, a table of the week, a calendar of one's own. */
final class PlanFeedsTest extends FeatureTestCase
{
    public function test_the_plan_is_a_document_that_keeps_its_schema(): void
    {
        $this->bowl(['name' => 'Ebb bowl', 'due_at' => '2026-12-03T17:00:00Z']);
        $this->shop->workers()->create(['name' => 'Wren', 'user_id' => $this->wren->id]);
        $this->shop->workers()->create(['name' => 'Idris', 'skills' => ['sanding']]);
        app(Planner::class)->plan($this->shop, Haste::Leisure);
        $sent = $this->get('/weeks/plan.json')->assertOk();
        $plan = json_decode((string) $sent->getContent());
        $schema = (string) file_get_contents(base_path('docs/formats/plan.schema.json'));
        $result = (new Validator)->validate($plan, $schema);
        self::assertTrue($result->isValid(), json_encode($result->error()?->keyword()) ?: '');
        self::assertSame(['honest-grain/plan', 1], [$plan->format, $plan->version]);
        self::assertSame('Ebb bowl', $plan->pieces[0]->name);
        self::assertGreaterThan(0, $plan->pieces[0]->late_hours);
        self::assertSame(0, (int) $plan->pieces[0]->chance, 'late in every future');
        self::assertNotSame([], array_filter($plan->steps, fn ($step): bool => $step->must_start !== null));
        $sanding = array_filter($plan->steps, fn ($step): bool => $step->kind === 'turn');
        foreach ($sanding as $step) {
            self::assertSame([$plan->people[0]->id], $step->who);
        }
        $starts = array_column($plan->steps, 'start');
        $sorted = $starts;
        sort($sorted);
        self::assertSame($sorted, $starts);
    }

    public function test_a_week_is_a_table_without_formulas(): void
    {
        $this->bowl(['name' => '=1+1']);
        $csv = $this->get('/weeks/week.csv')->assertOk()->streamedContent();
        $rows = array_map(str_getcsv(...), explode("\r\n", trim($csv)));
        self::assertSame('start_utc', $rows[0][1]);
        self::assertSame("'=1+1", $rows[1][3]);
        self::assertGreaterThan(3, count($rows));
        self::assertLessThanOrEqual('2026-12-07', max(array_column(array_slice($rows, 1), 0)), 'seven days');
    }

    public function test_each_persons_calendar_has_their_own_steps_and_rings_before_the_last_moment(): void
    {
        $this->bowl(['due_at' => '2026-12-03T17:00:00Z']);
        $this->shop->workers()->create([
            'name' => 'Wren', 'user_id' => $this->wren->id, 'skills' => ['turning', 'decorating'],
        ]);
        $this->shop->workers()->create(['name' => 'Idris']);
        app(Planner::class)->plan($this->shop->refresh(), Haste::Leisure);
        $wren = Worker::query()->where('name', 'Wren')->firstOrFail();
        $events = Reader::read((string) $this->get('/calendar.ics')->assertOk()->getContent())->select('VEVENT');
        $steps = array_filter($events, fn ($event): bool => str_starts_with((string) $event->UID, 'step-'));
        self::assertCount($this->shop->plannedSteps()->where('minutes', '>', 0)->whereNotNull('start_at')
            ->of($wren)->count(), $steps);
        self::assertLessThan($this->shop->plannedSteps()->where('minutes', '>', 0)->count(), count($steps));
        $must = $this->shop->plannedSteps()->of($wren)->whereNotNull('must_at')->orderBy('start_at')->firstOrFail();
        $mine = array_values(array_filter(
            $steps, fn ($event): bool => str_contains((string) $event->UID, $must->step),
        ));
        self::assertSame(
            $must->must_at?->copy()->subHour()->format('Ymd\THis\Z'), (string) $mine[0]->VALARM->TRIGGER,
        );
        $uids = array_map(fn ($event): string => (string) $event->UID, $steps);
        self::assertSame(count($uids), count(array_unique($uids)));
        self::assertInstanceOf(Piece::class, $must->piece);
    }
}
