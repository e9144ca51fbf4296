<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Kept\OpenHours;
use App\Models\Kept\UsualAir;
use App\Models\PieceState;
use App\Models\StepState;
use App\Planning\Planner;
use HonestGrain\Reading\Document;
use Illuminate\Support\Carbon;

/** The stored plan: what it says of each step, how it follows changes, and how it is read on Weeks. */
final class PlanningTest extends FeatureTestCase
{
    private const VARNISHED = [
        [
            'zones' => ['outside', 'inside', 'rim'],
            'layers' => [
                ['product' => 'Wiping varnish (oil-based thinned)', 'denib' => null],
                ['product' => 'Wiping varnish (oil-based thinned)', 'denib' => 'pad'],
            ],
            'buff' => false,
        ],
    ];

    public function test_waits_are_said_in_the_shops_own_air(): void
    {
        $piece = $this->bowl(['coats' => self::VARNISHED]);
        $hours = function () use ($piece): array {
            $coat = $this->step($piece, 'l1');

            return [$coat->wait_from_h, $coat->wait_until_h];
        };
        // 21 °C day and night: the tin's own hours.
        self::assertSame([4.0, 18.0], $hours());
        $this->shop->update(
            [
                'climate' => new UsualAir(
                    dayC: 11.0, dayRh: 50.0, nightC: 11.0, nightRh: 50.0, dayFrom: 8, dayTo: 18,
                ),
            ],
        );
        app(Planner::class)->plan($this->shop);
        self::assertSame([8.0, 36.0], $hours());
        $this->get(route('pieces.route', $piece))
            ->assertSee('Then wait 8 h, at most 36 h')->assertSee('it would be 4 h to 18 h at 21 °C, 50 %')
            // On an oily wood, and over a coat that asks for more, the hours are not the tin's own.
            ->assertDontSee('the tin says');
        $this->get(route('pieces.card', $piece))->assertSee('Then wait 8 h, at most 36 h')
            ->assertSee('Outside, inside, rim:')->assertSee('2 coats of wiping varnish (oil-based thinned)');
    }

    public function test_every_step_stands_within_hours_and_after_what_it_needs(): void
    {
        foreach (['Ebb bowl', 'Gorse bowl', 'Kelp bowl'] as $name) {
            $this->bowl(['name' => $name, 'coats' => self::VARNISHED]);
        }
        $busy = [];
        foreach ($this->shop->plannedSteps()->with('piece')->get() as $step) {
            self::assertNotNull($step->start_at, $step->step);
            foreach ($step->follows as $before) {
                self::assertTrue($this->step($step->piece, $before)->end_at->lte($step->start_at));
            }
            if ($step->minutes > 0) {
                self::assertContains($step->start_at->format('N'), ['1', '2', '3', '4', '5', '6']);
                self::assertGreaterThanOrEqual('08:00', $step->start_at->format('H:i'));
                self::assertLessThanOrEqual('17:00', $step->end_at->format('H:i'));
                $busy[] = [$step->start_at->getTimestamp(), $step->end_at->getTimestamp()];
            }
        }
        sort($busy);
        foreach (array_slice($busy, 1) as $i => [$start]) {
            self::assertGreaterThanOrEqual($busy[$i][1], $start, 'one pair of hands');
        }
    }

    public function test_steps_keep_their_numbers_through_a_new_plan_and_lose_them_with_their_coat(): void
    {
        $piece = $this->bowl(['coats' => self::VARNISHED]);
        $before = $piece->plannedSteps()->pluck('id', 'step')->all();
        Carbon::setTestNow('2026-12-01 11:00:00');
        app(Planner::class)->plan($this->shop);
        self::assertSame($before, $piece->plannedSteps()->pluck('id', 'step')->all());
        $this->put(
            route('pieces.coats', $piece), [
                'version' => 1, 'do' => 'remove', 'plan' => $this->planId($piece, 0),
                'coat' => $this->coatId($piece, 0, 1),
            ],
        )->assertSessionHasNoErrors();
        $after = $piece->plannedSteps()->pluck('id', 'step')->all();
        self::assertArrayNotHasKey('l2', $after);
        // The coat that goes on the foot is the last one: that is another now.
        self::assertSame(['l1/foot'], array_keys(array_diff_assoc($after, $before)));
    }

    public function test_a_plan_is_made_again_only_when_it_is_old(): void
    {
        $this->bowl();
        $made = (string) $this->shop->refresh()->planned_at;
        Carbon::setTestNow('2026-12-01 09:09:00');
        $this->get('/bench');
        self::assertSame($made, (string) $this->shop->refresh()->planned_at);
        Carbon::setTestNow('2026-12-01 09:11:00');
        $this->get('/bench');
        self::assertNotSame($made, (string) $this->shop->refresh()->planned_at);
    }

    public function test_every_change_says_what_it_does_to_the_date(): void
    {
        $piece = $this->bowl(['coats' => self::VARNISHED]);
        $this->put(
            route('pieces.coats', $piece),
            [
                'version' => 1, 'do' => 'add', 'plan' => $this->planId($piece, 0),
                'product' => 'Wiping varnish (oil-based thinned)',
            ],
        );
        self::assertMatchesRegularExpression(
            '/^Coats saved\. It will be ready .* later than before: /', $this->said(),
        );
        $this->put(route('pieces.coats', $piece), [
            'version' => 2, 'do' => 'remove', 'plan' => $this->planId($piece, 0),
            'coat' => $this->coatId($piece, 0, 2),
        ]);
        self::assertMatchesRegularExpression(
            '/^Coats saved\. It will be ready .* sooner than before: /', $this->said(),
        );
        $this->put(
            route('pieces.update', $piece),
            [
                'version' => 3, 'name' => 'Ebb bowl', 'wood' => 'Ash (white)', 'grain' => 'side', 'moisture' => '9',
                'purpose' => 'food', 'holding' => 'tenon', 'due' => '2026-12-18', 'note' => '',
            ],
        );
        self::assertMatchesRegularExpression('/days later than before/', $this->said());
        $this->put(
            route('pieces.surface', $piece), ['version' => 4, 'tool_mark_um' => ['outside' => '81'], 'own' => []],
        );
        self::assertSame('Sanding saved.', $this->said());
    }

    public function test_a_late_piece_says_by_how_much_and_why_in_the_makers_words(): void
    {
        $this->bowl(
            [
                'name' => 'Hasty bowl', 'due_at' => '2026-12-02T12:00:00Z', 'purpose' => 'food',
                'coats' => self::VARNISHED,
            ],
        );
        $this->bowl(['name' => 'Calm bowl', 'due_at' => '2027-03-01T12:00:00Z']);
        $hasty = $this->shop->pieces()->where('name', 'Hasty bowl')->firstOrFail();
        self::assertGreaterThan(24 * 28, $hasty->late->hours ?? 0.0);
        $weeks = $this->get('/weeks')->assertOk()->assertSee('1 of 2 pieces will be late')->assertSee(
            'Hasty bowl will be late by',
        );
        $weeks->assertSee('Full cure: must wait 30.0 days', false);
        self::assertDoesNotMatchRegularExpression('/hands with \d+|coat-outside/', (string) $weeks->getContent());
        $this->get(route('pieces.shape', $hasty))->assertSee('It will be late by');
        self::assertNull($this->shop->pieces()->where('name', 'Calm bowl')->firstOrFail()->late);
    }

    public function test_weeks_draws_hands_waits_and_dates_and_says_the_same_as_a_table(): void
    {
        $piece = $this->bowl(['coats' => self::VARNISHED]);
        $html = (string) $this->get('/weeks?days=28')
            ->assertOk()
            ->assertSee('The 1 piece in work will be done in time')
            ->assertSee('The same as a table')
            ->getContent();
        self::assertSame(
            $this->shop->plannedSteps()->where('minutes', '>', 0)->count(),
            preg_match_all('/<path d="M[^>]*><title>/', $html),
        );
        self::assertStringContainsString('url(#w)', $html);
        self::assertStringContainsString($piece->due_at->format('D j M'), $html);
        foreach ([7, 14, 56] as $days) {
            $this->get("/weeks?days=$days")->assertOk();
        }
        $this->get('/weeks?days=9999&page=-4')->assertOk()->assertSee('Ebb bowl');
        $this->get('/weeks?days=x&page=99')->assertOk();
    }

    public function test_many_pieces_are_read_in_parts(): void
    {
        $document = $this->bowl()->document->fields();
        for ($i = 0; $i < 64; $i++) {
            $this->shop->pieces()->make()->forceFill(
                [
                    'name' => sprintf('Bowl %02d', $i), 'form' => 'shallow-bowl', 'wood' => 'Ash (white)',
                    'state' => PieceState::Working, 'document' => Document::of($document), 'drawing' => '<svg></svg>',
                    'diameter_mm' => 260, 'height_mm' => 70, 'version' => 1, 'revision' => 1, 'conflicts' => [],
                    'due_at' => '2026-12-20 12:00:00',
                ],
            )->save();
        }
        $this->get('/pieces')->assertOk()->assertSee('More</a>', false)->assertSee('Ebb bowl');
        $this->get('/pieces?page=2')->assertOk()->assertSee('Earlier</a>', false)->assertSee('Bowl 29');
        $this->get('/pieces?q=Bowl%2007')->assertOk()->assertSee('Bowl 07')->assertDontSee('Bowl 08');
        $this->get('/pieces?q=%25')->assertOk()->assertSee('No piece here is called');
        $this->get('/weeks')->assertOk()->assertSee('page=2', false);
        $this->get('/weeks?page=2')->assertOk()->assertSee('Bowl 63');
        $this->get('/weeks?find=bowl%2007')->assertOk()->assertSee('Bowl 07')->assertDontSee('Bowl 08');
        $this->get('/weeks?late=1&by=air&day=2026-12-01')->assertOk()->assertSee('No piece in work is like that');
    }

    public function test_a_piece_without_coats_marks_or_date_still_has_a_whole_route(): void
    {
        $piece = $this->bowl(['coats' => [], 'due_at' => null]);
        self::assertSame(
            [
                'body/mount', 'body.inside/sand', 'body.rim/sand', 'body.outside/sand', 'body/wipe-clean',
                'body/reverse', 'body/part-off', 'body.foot/sand', 'body/sign', 'body/weigh',
            ],
            $piece->plannedSteps()->pluck('step')->all(),
        );
        foreach (['shape', 'surface', 'marks', 'coats', 'route', 'record', 'card'] as $tab) {
            $this->get("/pieces/{$piece->id}/$tab")->assertOk();
        }
        $this->get(route('pieces.coats', $piece))->assertSee('No finish yet');
        $this->get(route('pieces.shape', $piece))->assertSee('no due date');
    }

    public function test_hours_of_nothing_say_so_and_lose_nothing(): void
    {
        $piece = $this->bowl();
        $this->shop->update(['hours' => new OpenHours(['mon' => []])]);
        app(Planner::class)->plan($this->shop);
        $this->get('/bench')->assertOk()->assertSee('No dates can be worked out');
        $this->get('/weeks')->assertOk();
        $this->get(route('pieces.route', $piece))->assertOk()->assertSee('not planned');
        $this->work($piece, 'body/mount');
        self::assertSame(StepState::Done, $this->step($piece, 'body/mount')->state);
    }

    public function test_the_bench_puts_what_shares_a_tin_together(): void
    {
        foreach (['Ebb bowl', 'Gorse bowl'] as $name) {
            $piece = $this->bowl(['name' => $name]);
            $this->work(
                $piece, 'body/mount', 'body.outside/sand', 'body.rim/sand', 'body.inside/sand', 'body/wipe-clean',
            );
        }
        $this->post('/cautions', ['hazard' => 'rags'])->assertSessionHasNoErrors();
        $this->get('/bench')->assertSee('While the tin or tool is out, also on:')->assertSeeInOrder(
            ['Oil-varnish blend, coat 1 of 3', 'Oil-varnish blend, coat 1 of 3'],
        );
    }

    public function test_what_burns_is_asked_about_wherever_a_step_is_ticked_off(): void
    {
        $piece = $this->bowl();
        $this->work($piece, 'body/mount', 'body.outside/sand', 'body.rim/sand', 'body.inside/sand', 'body/wipe-clean');
        $this->get(route('pieces.route', $piece))->assertSee(
            'Oily rags burn by themselves: I have seen to it',
        )->assertDontSee('Done now');
        $this->post('/cautions', ['hazard' => 'dragons'])->assertSessionHasErrors('hazard');
        $this->post('/cautions', ['hazard' => 'rags'])->assertSessionHasNoErrors();
        $this->get(route('pieces.route', $piece))->assertSee('Done now');
    }

    public function test_the_drawing_on_the_bench_lights_up_what_the_step_is_done_on(): void
    {
        $piece = $this->bowl(
            [
                'marks' => [
                    [
                        'id' => 'tide', 'kind' => 'dye', 'on' => 'outer', 'from_mm' => 40.0, 'to_mm' => 60.0,
                        'product' => 'Alcohol dye (powder)',
                    ],
                ],
            ],
        );
        $this->get('/bench')->assertDontSee('is-lit', false);
        $this->work($piece, 'body/mount');
        $this->get('/bench')->assertSeeInOrder(['data-zone="outside"', 'class="is-lit"'], false);
        $this->work($piece, 'body.outside/sand', 'body.rim/sand', 'body.inside/sand');
        $this->get('/bench')->assertSeeInOrder(['data-band="tide"', 'class="is-lit"'], false);
    }
}
