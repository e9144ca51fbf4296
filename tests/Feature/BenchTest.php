<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Kept\OpenHours;
use App\Models\LogEntry;
use App\Models\Piece;
use App\Models\PieceState;
use App\Models\PlannedStep;
use HonestGrain\Geometry\Form;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

final class BenchTest extends FeatureTestCase
{
    public function test_what_is_still_mounted_comes_before_what_needs_its_place(): void
    {
        [, $kelp, $tide] = array_map(fn (string $name): Piece => $this->bowl(['name' => $name]), [
            'Ebb bowl', 'Kelp bowl', 'Tide bowl',
        ]);
        $this->work($kelp, 'body/mount');
        $names = function (string $page): array {
            $this->wren->unsetRelation('workshop');
            $board = $this->get($page)->assertOk()->viewData('board');

            return [$board->now->piece->name, ...$board->ready->map(fn ($step): string => $step->piece->name)->all()];
        };
        self::assertSame('Kelp bowl', $names('/bench')[0]);
        $this->get('/bench')->assertDontSee('is still mounted');
        $kelps = array_count_values($names('/bench'))['Kelp bowl'];
        foreach (['Ebb bowl', 'Tide bowl'] as $n => $name) {
            $page = '/bench?ahead='.($kelps + $n);
            self::assertSame($name, $names($page)[0]);
            $this->get($page)->assertSeeText('Kelp bowl is still mounted. First: Sand the inside');
        }
        $this->shop->update(['spare_chucks' => 1]);
        self::assertSame('Ebb bowl', $names("/bench?ahead=$kelps")[0]);
        $this->get("/bench?ahead=$kelps")->assertDontSee('is still mounted');

        // What takes no lathe is offered before what would have to wait for it.
        $this->shop->update(['spare_chucks' => 0]);
        $first = $tide->plannedSteps()->where('step', 'body/mount');
        $first->update(['details->mount' => 'lap']);
        self::assertSame(['Kelp bowl', 'Tide bowl', 'Ebb bowl'], array_values(array_unique($names('/bench'))));
        $first->update(['kind' => 'buff']);
        self::assertSame(['Kelp bowl', 'Ebb bowl', 'Tide bowl'], array_values(array_unique($names('/bench'))));
    }

    public function test_an_empty_bench_offers_the_first_move(): void
    {
        $this->get('/bench')->assertOk()->assertSee('Nothing on the bench yet')->assertSee('Draw a piece');
    }

    public function test_done_is_logged_once_and_the_plan_moves(): void
    {
        $piece = $this->bowl();
        $this->get('/bench')->assertSee('Mount by the tenon');
        $step = $this->step($piece, 'body/mount');
        $this->post(route('steps.done', $step))->assertSessionHas(
            'said', 'Done: “Mount by the tenon”. The plan has moved.',
        );
        // What was done lately keeps its capital: it may be the maker's own name of a mark or a part.
        $this->get('/bench')->assertSee('Sand the outside')->assertSeeTextInOrder(['Lately', 'Mount by the tenon']);
        // The same address, as a second pair of hands or a page that stayed open would call it.
        $this->post(route('steps.done', $step))->assertSessionHas(
            'said', '“Mount by the tenon” was already logged; nothing was added.',
        );
        self::assertSame(1, $piece->logEntries()->where('kind', 'done')->count());
    }

    public function test_one_cup_is_used_up_over_several_pieces_and_each_is_logged_with_its_share(): void
    {
        $bowls = [];
        foreach (['Ebb bowl' => 260, 'Kelp bowl' => 180, 'Tern bowl' => 260] as $name => $across) {
            $bowls[] = $bowl = $this->bowl([
                'name' => $name, 'shape' => Form::ShallowBowl->profile($across, 70, 90, 7)->toArray(),
            ]);
            $this->work(
                $bowl, 'body/mount', 'body.outside/sand', 'body.rim/sand', 'body.inside/sand', 'body/wipe-clean',
            );
        }
        $steps = array_map(fn (Piece $bowl): PlannedStep => $this->step($bowl, 'l1'), $bowls);
        $planned = array_map(fn (PlannedStep $step): float => (float) $step->details->amount?->value, $steps);
        self::assertLessThan(0.8 * $planned[0], $planned[1], 'a smaller one takes less');
        $also = [$steps[1]->id => $steps[1]->mark(), $steps[2]->id => 'not as read'];
        $press = ['amount' => '90', 'once' => 'cup1', 'read' => $steps[0]->mark(), 'also' => $also];
        // What one piece refuses stops no other.
        $this->post(route('steps.done', $steps[0]), $press)->assertSessionHasNoErrors()->assertSessionHas(
            'said', fn (string $said): bool => preg_match('/ Also on Kelp bowl\. Not on Tern bowl: /', $said) === 1,
        );
        $used = fn (Piece $bowl): ?float => $bowl->logEntries()->where(['kind' => 'done', 'step' => 'l1'])->first()
            ?->facts->measured->amountUsed;
        self::assertEqualsWithDelta(90 * $planned[0] / array_sum($planned), $used($bowls[0]), 0.001);
        self::assertEqualsWithDelta(90 * $planned[1] / array_sum($planned), $used($bowls[1]), 0.001);
        self::assertNull($used($bowls[2]));
        // Sent again, after the page of the third was read anew: the first two stay, the third follows.
        $press['also'][$steps[2]->id] = $steps[2]->refresh()->mark();
        $this->post(route('steps.done', $steps[0]), $press);
        foreach ($bowls as $bowl) {
            self::assertSame(1, $bowl->logEntries()->where(['kind' => 'done', 'step' => 'l1'])->count());
        }
        // Steps of another shop are not there.
        $theirs = $this->bowl([], $this->makeShop('Elsewhere', 'tern@elsewhere.example'));
        $this->post(route('steps.done', $this->step($bowls[0], 'l2')), [
            'also' => [$this->step($theirs, 'body/mount')->id => 'x'], 'found' => 'hard',
        ]);
        self::assertSame(0, $theirs->logEntries()->where('kind', 'done')->count());
    }

    public function test_a_window_that_closed_puts_the_scuff_in_once(): void
    {
        $varnish = 'Wiping varnish (oil-based thinned)';
        $piece = $this->bowl(['coats' => [[
            'id' => 'c1', 'zones' => ['outside', 'inside', 'rim'], 'buff' => false, 'layers' => [
                ['id' => 'v1', 'product' => $varnish], ['id' => 'v2', 'product' => $varnish],
            ],
        ]]]);
        $this->work($piece, 'body/mount', 'body.outside/sand', 'body.rim/sand', 'body.inside/sand', 'body/wipe-clean');
        $this->work($piece, 'v1');
        $next = fn (): string => $piece->plannedSteps()->where('is_next', true)->where('kind', '!=', 'sign')
            ->orderBy('position')->value('step') ?? '';
        $before = $next();
        Carbon::setTestNow('2026-12-04 10:00:00');
        $this->get('/bench')->assertSee('scuffed before the next coat from now on: Ebb bowl');
        self::assertSame(['v2', 'v2/denib'], [$before, $next()]);
        $this->get('/bench')->assertDontSee('from now on');
        $this->get(route('pieces.record', $piece))->assertOk();
        // The rub is done, and the coat is later still: there is nothing to put in, and no plan is made for it.
        $this->work($piece, 'v2/denib');
        Carbon::setTestNow('2026-12-04 11:00:00');
        $version = $this->shop->refresh()->version;
        $this->get('/bench')->assertDontSee('from now on');
        self::assertSame($version, $this->shop->refresh()->version);
        $this->post(route('log.undo', $piece->logEntries()->where('step', 'v2/denib')->firstOrFail()));
        // Taken out by the maker, it stays out.
        $this->post(route('pieces.undo', $piece), ['version' => (string) $piece->refresh()->version]);
        $this->get('/bench')->assertDontSee('from now on');
        self::assertSame('v2', $next());
    }

    public function test_a_late_start_moves_the_date_and_an_early_one_is_written_down(): void
    {
        $piece = $this->bowl();
        $before = $piece->refresh()->ready_at;
        Carbon::setTestNow('2026-12-03 15:00:00');
        $this->work($piece, 'body/mount');
        self::assertMatchesRegularExpression(
            '/The plan has moved\. Ebb bowl will be ready [\d.]+ days later than before: \w{3} \d+ Dec/',
            $this->said(),
        );
        $this->work(
            $piece, 'body.outside/sand', 'body.rim/sand', 'body.inside/sand', 'body/wipe-clean', 'l1', 'l1/wipe-off',
        );
        self::assertTrue($piece->refresh()->ready_at->gt($before->addDay()));
        $second = $this->step($piece, 'l2');
        self::assertSame('2026-12-04 09:00:00', (string) $second->opens_at);
        $this->get('/bench')->assertSee('Waiting')->assertSee('from Fri 4 Dec 09:00');
        $this->get(route('pieces.route', $piece))->assertSee('Its wait is not over. The coat below is');
        $this->post(route('steps.done', $second))->assertSessionHasErrors('found');
        $this->post(route('steps.done', $second), ['found' => 'fine'])->assertSessionHasErrors('found');
        $this->post(route('steps.done', $second), ['found' => 'hard'])->assertSessionHas(
            'said', fn (string $said): bool => str_contains($said, '18 h before its wait was over')
                && ! str_contains($said, 'longer for it'),
        );
    }

    public function test_a_coat_put_on_too_early_has_what_was_missed_of_its_wait_after_the_next(): void
    {
        $opens = [];
        foreach ([
            'hard' => 'was hard, without a smell', 'smells' => 'still smelt', 'prints' => 'took a print',
        ] as $found => $said) {
            $piece = $this->bowl();
            Carbon::setTestNow('2026-12-03 15:00:00');
            $this->work(
                $piece, 'body/mount', 'body.outside/sand', 'body.rim/sand', 'body.inside/sand', 'body/wipe-clean',
                'l1', 'l1/wipe-off',
            );
            $second = $this->step($piece, 'l2');
            $early = $second->opens_at->copy()->subHours(2);
            Carbon::setTestNow($early);
            $this->post(route('steps.done', $second), ['found' => $found])->assertSessionHasNoErrors();
            $wipe = $this->step($piece, 'l2/wipe-off');
            self::assertSame(15.0, $early->diffInMinutes($wipe->opens_at), 'what soaks in is wiped by the clock');
            Carbon::setTestNow($wipe->opens_at);
            $this->work($piece, 'l2/wipe-off');
            $opens[$found] = $wipe->opens_at->diffInHours($this->step($piece, 'l3/denib')->opens_at);
            $this->get(route('log'))->assertSee($said);
        }
        // Two hours were missed; in the air of this shop they are reference hours of the wait, and so a little longer.
        self::assertGreaterThan(1.9, $opens['smells'] - $opens['hard']);
        self::assertLessThan(3.0, $opens['smells'] - $opens['hard']);
        self::assertGreaterThan($opens['smells'] + 1.9, $opens['prints']);
    }

    public function test_a_window_that_closes_today_is_on_the_bench_and_a_missed_one_is_said(): void
    {
        $piece = $this->bowl(
            [
                'coats' => [
                    [
                        'zones' => ['outside', 'inside', 'rim'],
                        'layers' => [
                            ['product' => 'Wiping varnish (oil-based thinned)', 'denib' => null],
                            ['product' => 'Wiping varnish (oil-based thinned)', 'denib' => 'pad'],
                        ],
                        'buff' => false,
                    ],
                ],
            ],
        );
        Carbon::setTestNow('2026-12-01 09:30:00');
        $this->work(
            $piece, 'body/mount', 'body.outside/sand', 'body.rim/sand', 'body.inside/sand', 'body/wipe-clean', 'l1',
        );
        self::assertSame('2026-12-02 03:30:00', (string) $this->step($piece, 'l2')->closes_at);
        Carbon::setTestNow('2026-12-02 01:00:00');
        $this->get('/bench')->assertSeeInOrder(['nobody is here when its window closes', '03:30']);
        $rings = collect($this->getJson('/plan')->json('rings'))->where('kind', 'closes');
        self::assertSame([1_796_182_200], $rings->pluck('at')->all(), 'whoever is there all the same can keep it');
        Carbon::setTestNow('2026-12-02 08:30:00');
        $this->get('/bench')->assertSee('scuff it first: its window closed at');
        $this->post('/plan');
        $this->get('/weeks')->assertSee('A window cannot be kept');
    }

    public function test_times_are_checked(): void
    {
        $piece = $this->bowl();
        $hold = $this->step($piece, 'body/mount');
        $this->post(route('steps.done', $hold), ['at' => '2026-12-01T11:00'])->assertSessionHasErrors('at');
        $this->post(route('steps.done', $hold), ['at' => 'yesterday'])->assertSessionHasErrors('at');
        $this->post(
            route('steps.done', $hold), ['at' => '2026-12-01T08:40', 'minutes' => '-4'],
        )->assertSessionHasErrors('minutes');
        $this->post(route('steps.done', $this->step($piece, 'body.rim/sand')))->assertSessionHasErrors('step');
        $this->post(
            route('steps.done', $hold), ['at' => '2026-12-01T08:40', 'minutes' => '7'],
        )->assertSessionHasNoErrors();
        $entry = LogEntry::query()->where('kind', 'done')->firstOrFail();
        self::assertSame(['2026-12-01 08:40:00', 7.0], [(string) $entry->happened_at, $entry->minutes]);
        $this->post(
            route('steps.done', $this->step($piece, 'body.outside/sand')), ['at' => '2026-12-01T08:20'],
        )->assertSessionHasErrors('at');
    }

    public function test_what_another_release_said_opens_every_page_still(): void
    {
        $piece = $this->bowl();
        $this->work($piece, 'body/mount');
        $gone = fn (array $of): string => json_encode(['code' => 'route.no-such-line'] + $of, JSON_THROW_ON_ERROR);
        DB::table('log_entries')->where('kind', 'done')->update(['title' => $gone(['text' => 'Mount it'])]);
        $next = $this->step($piece, 'body.outside/sand');
        $details = json_decode((string) DB::table('planned_steps')->where('id', $next->id)->value('details'), true);
        DB::table('planned_steps')->where('id', $next->id)->update([
            'title' => $gone(['text' => 'Sand it']),
            'details' => json_encode(['how' => [['code' => 'route.no-such-line']]] + $details),
        ]);
        foreach (['/log', '/bench', route('pieces.route', $piece), route('pieces.record', $piece), '/weeks'] as $page) {
            $this->get($page)->assertOk();
        }
        $this->get('/log')->assertSee('Mount it');
        $this->get('/bench')->assertSee('Sand it');
        $this->get(route('pieces.route', $piece))->assertSee('An earlier release said something here');
    }

    public function test_the_clock_counts_the_minutes(): void
    {
        $piece = $this->bowl();
        $this->post(route('steps.start', $this->step($piece, 'body/mount')));
        Carbon::setTestNow('2026-12-01 09:11:30');
        $this->work($piece, 'body/mount');
        self::assertSame(11.5, LogEntry::query()->where('kind', 'done')->firstOrFail()->minutes);
    }

    public function test_skip_note_and_something_is_wrong(): void
    {
        $piece = $this->bowl();
        $this->post(route('steps.skip', $this->step($piece, 'body/mount')))->assertSessionHasErrors('reason');
        $this->post(
            route('steps.skip', $this->step($piece, 'body/mount')), ['reason' => 'still in the chuck'],
        )->assertSessionHasNoErrors();
        $this->post(route('steps.note', $this->step($piece, 'body.outside/sand')), ['body' => 'a shake near the rim']);
        $this->post(route('steps.wrong', $this->step($piece, 'body.outside/sand')), [
            'body' => 'it rattles', 'fault_kind' => 'crack', 'fault_on' => 'outer',
        ])->assertRedirect(route('pieces.mend', $piece));
        $this->get(route('pieces.record', $piece))->assertSee('still in the chuck')->assertSee(
            'a shake near the rim',
        )->assertSee('it rattles');
        self::assertTrue($this->step($piece, 'body.outside/sand')->is_next);
    }

    public function test_done_is_taken_back_by_a_further_entry_in_order_only(): void
    {
        $piece = $this->bowl();
        $this->work($piece, 'body/mount', 'body.outside/sand');
        $entry = fn (string $step): LogEntry => LogEntry::query()->where(
            ['kind' => 'done', 'step' => $step],
        )->latest('id')->firstOrFail();
        $this->post(route('log.undo', $entry('body/mount')))->assertSessionHasErrors('step');
        $this->post(route('log.undo', $entry('body.outside/sand')))->assertSessionHasNoErrors();
        $this->post(route('log.undo', $entry('body.outside/sand')))->assertSessionHas(
            'said', 'That had been taken back already.',
        );
        self::assertTrue($this->step($piece, 'body.outside/sand')->is_next);
        $this->work($piece, 'body.outside/sand');
        self::assertSame(4, $piece->logEntries()->count());
    }

    public function test_log_entries_cannot_be_changed_or_dropped(): void
    {
        $piece = $this->bowl();
        $this->work($piece, 'body/mount');
        $entry = LogEntry::query()->firstOrFail();
        foreach ([fn () => $entry->update(['body' => 'x']), fn () => $entry->delete()] as $tamper) {
            try {
                $tamper();
                self::fail('It was changed.');
            } catch (\LogicException) {
                self::assertNull(LogEntry::query()->firstOrFail()->body);
            }
        }
    }

    public function test_a_whole_piece_is_worked_to_ready(): void
    {
        $piece = $this->bowl();
        for ($i = 0; $i < 40 && $piece->refresh()->state === PieceState::Working; $i++) {
            $next = $piece->plannedSteps()->where('is_next', true)->orderBy('position')->firstOrFail();
            Carbon::setTestNow(max(now(), $next->start_at)->addMinutes((int) $next->minutes));
            $this->post(route('steps.done', $next))->assertSessionHasNoErrors();
        }
        self::assertSame(PieceState::Done, $piece->state);
        self::assertSame((string) now(), (string) $piece->ready_at);
        $this->get('/pieces?state=done')->assertSee('Ebb bowl');
        $this->post(
            route('log.undo', LogEntry::query()->where(['kind' => 'done', 'step' => 'body/weigh'])->firstOrFail()),
        )->assertSessionHasNoErrors();
        self::assertSame(PieceState::Working, $piece->refresh()->state);
    }

    public function test_a_finished_piece_that_gets_another_coat_is_in_work_again(): void
    {
        $piece = $this->bowl(['coats' => []]);
        $this->work($piece, ...$piece->plannedSteps()->pluck('step')->all());
        self::assertSame(PieceState::Done, $piece->refresh()->state);
        $this->put(
            route('pieces.update', $piece),
            [
                'version' => $piece->version, 'name' => 'Ebb bowl, sold', 'wood' => 'Ash (white)', 'grain' => 'side',
                'moisture' => '9', 'purpose' => 'handled', 'holding' => 'tenon', 'due' => '', 'note' => '',
            ],
        )->assertSessionHasNoErrors();
        self::assertSame(PieceState::Done, $piece->refresh()->state, 'a new name is no work');
        $this->put(
            route('pieces.coats', $piece),
            ['version' => $piece->version, 'do' => 'stack', 'stack' => 'sealed-and-waxed', 'zones' => ['outside']],
        )->assertSessionHasNoErrors();
        self::assertSame(PieceState::Working, $piece->refresh()->state);
        $this->get('/bench')->assertSee('Shellac sanding sealer, coat 1 of 2');
        $this->post(route('pieces.undo', $piece), ['version' => $piece->version])->assertSessionHasNoErrors();
        self::assertSame(PieceState::Done, $piece->refresh()->state);
    }

    public function test_what_burns_wants_one_press_a_session(): void
    {
        $piece = $this->bowl();
        $this->work($piece, 'body/mount', 'body.outside/sand', 'body.rim/sand', 'body.inside/sand', 'body/wipe-clean');
        $this->get('/bench')->assertSee('Oily rags burn by themselves: I have seen to it')->assertDontSee(
            'id="done"', false,
        );
        $this->post('/cautions', ['hazard' => 'rags']);
        $this->get('/bench')->assertSee('id="done"', false)->assertDontSee('I have seen to it');
    }

    public function test_hours_and_air_change_every_date(): void
    {
        $piece = $this->bowl();
        $before = $piece->refresh()->ready_at;
        $shop = [
            'name' => 'Bramble Slip', 'time_zone' => 'UTC', 'hours' => ['sat' => '09:00-13:00'],
            'closed' => '2026-12-05', 'day_c' => '21', 'night_c' => '11', 'day_rh' => '50', 'night_rh' => '50',
            'day_from' => '8', 'day_to' => '18', 'sanding_cap_m_s' => '5', 'min_wall_mm' => '3',
        ];
        $this->put('/shop', ['hours' => ['sat' => '9 to 1']] + $shop)->assertSessionHasErrors('hours.sat');
        $this->put('/shop', ['closed' => 'Christmas'] + $shop)->assertSessionHasErrors('closed.0');
        $this->put('/shop', ['day_to' => '7'] + $shop)->assertSessionHasErrors('day_to');
        $this->put('/shop', $shop)->assertSessionHasNoErrors();
        self::assertTrue($piece->refresh()->ready_at->gt($before));
        self::assertSame('2026-12-12 09:00:00', (string) $this->step($piece, 'body/mount')->start_at);
        $this->put('/shop', ['hours' => ['sat' => '']] + $shop)->assertSessionHasNoErrors();
        $this->get('/bench')->assertOk()->assertSee('No dates can be worked out');
    }

    public function test_one_piece_that_can_never_dry_does_not_take_the_others_dates(): void
    {
        $fine = $this->bowl();
        $stuck = $this->bowl(
            [
                'name' => 'Cold vase',
                'coats' => [
                    [
                        'zones' => ['outside', 'inside', 'rim'],
                        'layers' => [
                            ['product' => 'Casting epoxy as liner', 'denib' => null],
                            ['product' => 'Casting epoxy as liner', 'denib' => null],
                        ],
                        'buff' => false,
                    ],
                ],
            ],
        );
        $this->shop->refresh()->update(['climate' => $this->airWith(['day_c' => 15.0, 'night_c' => 12.0])]);
        $this->post('/shelf/abrasives', ['grit' => 'P220', 'discs' => '4'])->assertSessionHasNoErrors();
        self::assertNotNull($fine->refresh()->ready_at);
        self::assertNull($stuck->refresh()->ready_at);
        self::assertSame(PieceState::Working, $stuck->state);
        $this->get(route('pieces.route', $stuck))->assertOk()->assertSee('No date can be worked out')->assertSee(
            "below the product's least 18 °C",
        );
        $this->get('/bench')->assertOk();
        $this->get('/weeks')->assertOk()->assertSee('not planned');
    }

    public function test_short_hours_break_long_steps_instead_of_the_plan(): void
    {
        $piece = $this->bowl(
            [
                'marks' => [
                    [
                        'id' => 'braid', 'kind' => 'pen-pattern', 'on' => 'outer', 'from_mm' => 60.0, 'to_mm' => 80.0,
                        'minutes' => 90.0,
                    ],
                ],
            ],
        );
        $evenings = array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri'], [['19:00', '19:40']]);
        $this->shop->refresh()->update(['hours' => new OpenHours($evenings)]);
        $this->post('/shelf/abrasives', ['grit' => 'P220'])->assertSessionHasNoErrors();
        $braid = $this->step($piece, 'braid');
        self::assertGreaterThan(24 * 60, $braid->start_at->diffInMinutes($braid->end_at));
    }

    public function test_the_shelf_changes_ladders_and_a_label_changes_waits(): void
    {
        $piece = $this->bowl();
        foreach ($this->shop->abrasives()->whereIn('grit', ['P240', 'P320', 'P400', 'P600'])->pluck('id') as $id) {
            $this->delete("/shelf/abrasives/$id")->assertSessionHasNoErrors();
        }
        $this->get(
            route('pieces.surface', $piece),
        )->assertSee('Your abrasives do not get there')->assertSee('This is as far as it goes');
        $this->post('/shelf/abrasives', ['grit' => 'CAMI 240', 'discs' => '4'])->assertSessionHasNoErrors();
        $this->get(route('pieces.surface', $piece))->assertSee('CAMI 240');
        $this->put('/shelf/tin', ['product' => 'Oil-varnish blend', 'label' => ['recoat_from_h' => '900']])
            ->assertSessionHasErrors('label.recoat_from_h');
        $this->put(
            '/shelf/tin', ['product' => 'Oil-varnish blend', 'label' => ['recoat_from_h' => '30'], 'stock_ml' => '500'],
        )->assertSessionHasNoErrors();
        self::assertEquals(30, $this->step($piece, 'l1/wipe-off')->details->wait['min_hours']);
        $this->get('/shelf')->assertSee('your label')->assertSee('500 mL');
    }

    public function test_a_clock_is_set_at_any_piece_or_at_those_shown_where_there_are_many(): void
    {
        $piece = $this->bowl();
        $row = ['name' => 'Idle bowl'] + (array) DB::table('pieces')->find($piece->id);
        unset($row['id'], $row['once_key']);
        $option = '<option value="'.DB::table('pieces')->insertGetId($row).'"';
        $this->get('/bench')->assertSee($option, false);
        DB::table('pieces')->insert(array_fill(0, 80, $row));
        $this->get('/bench')->assertDontSee($option, false)->assertSee("<option value=\"$piece->id\"", false);
    }
}
