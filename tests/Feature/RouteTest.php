<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Kept\Facts;
use App\Models\Kept\Measured;
use App\Models\LogEntry;
use App\Models\Piece;
use App\Models\PieceState;
use App\Models\StepState;
use App\Pictures\Photos;
use App\View\RouteStage;
use HonestGrain\Safety\Hazard;
use Illuminate\Http\UploadedFile;

/** The route as its maker changes it: steps moved, own steps, schools, and something that went wrong. */
final class RouteTest extends FeatureTestCase
{
    public function test_the_route_is_told_by_mounts_with_reasons(): void
    {
        $piece = $this->bowl();
        $this->get(route('pieces.route', $piece))->assertOk()
            ->assertSeeInOrder(['By the tenon', 'Sand the inside', 'Off the lathe', 'Against a jam chuck', 'Take off'])
            ->assertSee('Sanding goes through a coat in patches, and clogs.')
            ->assertSee('Ways to go about it')->assertSee('Comes off before the coats');
    }

    public function test_what_to_mind_and_why_stands_once_beside_all_steps_that_have_it(): void
    {
        $steps = $this->bowl()->plannedSteps()->orderBy('position')->get()->all();
        $steps[0]->is_next = true;
        $stage = new RouteStage('', '', '', array_values($steps), null);
        $show = $this->show();
        $told = [];
        foreach ($stage->notes($show) as $note) {
            $numbers = [];
            foreach ($note->steps === '' ? [] : explode(', ', $note->steps) as $run) {
                $ends = explode('–', $run);
                $numbers = [...$numbers, ...range((int) $ends[0], (int) end($ends))];
            }
            foreach (explode(' · ', $note->words) as $words) {
                self::assertArrayNotHasKey($words, $told, 'said once');
                $told[$words] = $numbers;
            }
        }
        foreach (array_slice($steps, 1) as $step) {
            $has = array_map(fn (Hazard $one): string => $show->said($one->title()), $step->details->hazards);
            foreach ([...$has, $show->said($step->details->because)] as $words) {
                self::assertContains($step->number(), $told[$words], "$step->step: $words");
            }
        }
        self::assertNotContains($steps[0]->number(), array_merge(...array_values($told)), 'what is next says its own');
    }

    public function test_a_way_is_offered_where_it_would_change_something(): void
    {
        $piece = $this->bowl();
        $page = (string) $this->get(route('pieces.route', $piece))->getContent();
        self::assertStringContainsString('id="ways-', $page);
        self::assertStringNotContainsString('id="ways"', $page, 'nothing is behind yet');
        $this->work($piece, 'body/mount', 'body.inside/sand', 'body.rim/sand', 'body.outside/sand');
        self::assertStringContainsString('id="ways"', (string) $this->get(route('pieces.route', $piece))->getContent());
    }

    public function test_a_step_is_moved_where_the_craft_allows_it_and_refused_with_the_reason_where_not(): void
    {
        $piece = $this->bowl();
        $before = $this->order($piece);
        $this->move($piece, 'body.outside/sand', 'body.inside/sand', 'before')->assertSessionHas('said');
        $after = $this->order($piece);
        self::assertLessThan(
            array_search('body.inside/sand', $after, true), array_search('body.outside/sand', $after, true),
        );
        self::assertEqualsCanonicalizing($before, $after);
        $this->move($piece, 'l1', 'body.outside/sand', 'before')->assertSessionHasErrors('step');
        $said = session('errors')->first('step');
        self::assertStringContainsString('cannot come before “Sand the outside', $said);
        self::assertStringContainsString('Sanding goes through a coat in patches, and clogs.', $said);
        self::assertStringContainsString('The earliest place for “Oil-varnish blend', $said);
        self::assertSame($after, $this->order($piece), 'nothing moved');
        // The other way about takes the first wish back; a second press changes nothing.
        foreach ([1, 2] as $press) {
            $this->move($piece, 'body.outside/sand', 'body.inside/sand', 'after')->assertSessionHasNoErrors();
            self::assertSame($before, $this->order($piece));
        }
        $this->delete(
            route('pieces.order', $piece), ['version' => $piece->refresh()->version],
        )->assertSessionHas('said');
        self::assertSame([], $piece->refresh()->document->fields()['order']);
    }

    public function test_a_move_from_a_page_out_of_date_is_said_to_be_lost(): void
    {
        $piece = $this->bowl();
        $seen = $piece->version;
        $this->move($piece, 'body.outside/sand', 'body.inside/sand', 'before');
        $this->put(route('pieces.order', $piece), [
            'version' => $seen, 'step' => 'body.rim/sand', 'target' => 'body.inside/sand', 'place' => 'before',
        ])->assertSessionHasErrors('version');
        self::assertCount(1, $piece->refresh()->document->fields()['order']);
    }

    public function test_an_own_step_stands_where_it_was_put_and_goes_again(): void
    {
        $piece = $this->bowl();
        $this->post(route('pieces.own-steps', $piece), [
            'version' => $piece->version, 'step_title' => 'Show it to Idris', 'step_minutes' => 5, 'step_wait' => 2,
            'step_after' => 'body/wipe-clean', 'step_before' => 'l1',
        ])->assertSessionHas('said');
        $own = $piece->refresh()->document->fields()['steps'][0]['id'];
        $order = $this->order($piece);
        self::assertGreaterThan(array_search('body/wipe-clean', $order, true), array_search($own, $order, true));
        self::assertLessThan(array_search('l1', $order, true), array_search($own, $order, true));
        $this->get(route('pieces.route', $piece))->assertSee('Show it to Idris')->assertSee('Remove this step');
        $this->delete(route('pieces.own-steps.destroy', [$piece, $own]), ['version' => $piece->version]);
        self::assertNotContains($own, $this->order($piece));
        $this->post(route('pieces.own-steps', $piece), [
            'version' => $piece->refresh()->version, 'step_title' => '', 'step_minutes' => -1,
        ])->assertSessionHasErrors(['step_title', 'step_minutes']);
    }

    public function test_a_school_is_chosen_for_the_piece_or_for_the_shop(): void
    {
        $piece = $this->bowl();
        $this->put(route('pieces.school', $piece), [
            'version' => $piece->version, 'choice' => 'tenon', 'way' => 'early',
        ])->assertSessionHas('said');
        $order = $this->order($piece);
        self::assertLessThan(array_search('l1', $order, true), array_search('body/part-off', $order, true));
        self::assertNotContains('l3/foot', $order, 'the foot is coated with the rest');
        $this->put(route('pieces.school', $piece), [
            'version' => $piece->version - 1, 'choice' => 'tenon', 'way' => 'early', 'for_shop' => '1',
        ])->assertSessionHasErrors('version');
        self::assertSame([], $this->shop->refresh()->school(), 'what is refused for the piece is not done to the shop');
        $this->put(route('pieces.school', $piece), [
            'version' => $piece->refresh()->version, 'choice' => 'tenon', 'way' => 'early', 'for_shop' => '1',
        ])->assertSessionHasNoErrors();
        $other = $this->bowl(['name' => 'Other bowl']);
        $order = $this->order($other);
        self::assertLessThan(array_search('l1', $order, true), array_search('body/part-off', $order, true));
        $this->put(route('pieces.school', $piece), [
            'version' => $piece->refresh()->version, 'choice' => 'tenon', 'way' => 'sideways',
        ])->assertSessionHasErrors('way');
    }

    public function test_a_cracked_bowl_is_held_until_a_remedy_is_chosen_and_then_goes_on(): void
    {
        $piece = $this->bowl();
        $this->work(
            $piece, 'body/mount', 'body.inside/sand', 'body.rim/sand', 'body.outside/sand', 'body/wipe-clean', 'l1',
            'l1/wipe-off',
        );
        $ready = $piece->refresh()->ready_at;
        $step = $this->step($piece, 'l2');
        $this->get(route('steps.wrong', $step))->assertOk()->assertSee('A crack')->assertSee('Nibs or hair')
            ->assertDontSee('The liner weeps')->assertDontSee('The lid is stuck');
        $this->post(route('steps.wrong', $step), ['fault_kind' => 'haunted', 'fault_on' => 'outer'])
            ->assertSessionHasErrors('fault_kind');
        $said = [
            'fault_kind' => 'crack', 'fault_on' => 'outer', 'fault_from' => '10', 'fault_to' => '40',
            'body' => 'by the pith', 'read' => $step->mark(),
        ];
        $this->post(route('steps.wrong', $step), $said)->assertRedirect(route('pieces.mend', $piece));
        self::assertNull($piece->refresh()->ready_at, 'no date while it is held');
        $this->get('/bench')->assertSee('Held back')->assertSee('Choose what to do');
        $this->post(route('steps.done', $step))->assertSessionHasErrors('step');
        $this->get(route('pieces.mend', $piece))->assertOk()->assertSee('Run thin CA into it and sand again')
            ->assertSee('Then ready')->assertDontSee('no date')->assertSee('(again)');
        $this->post(route('pieces.mend', $piece), ['version' => $piece->version, 'remedy' => 'prayer'])
            ->assertSessionHasErrors('remedy');
        $this->post(route('pieces.mend', $piece), ['version' => $piece->version, 'remedy' => 'powder-ca'])
            ->assertRedirect(route('pieces.route', $piece));
        $piece->refresh();
        self::assertNull($piece->fault);
        self::assertTrue($piece->ready_at->gte($ready));
        self::assertSame(StepState::Open, $this->step($piece, 'l1')->state, 'to be coated again');
        self::assertSame(
            StepState::Done, $this->step($piece, 'body.outside/sand')->state, 'one place alone is sanded again',
        );
        self::assertSame(StepState::Done, $this->step($piece, 'body.inside/sand')->state, 'the inside was not touched');
        $order = $this->order($piece);
        $fill = $piece->document->fields()['steps'][1]['id'];
        self::assertLessThan(
            array_search('l1', $order, true), array_search($fill, $order, true),
        );
        // What was done stays in the record, and what is done again is written a second time.
        self::assertSame(1, LogEntry::query()->where(['step' => 'l1', 'kind' => 'done'])->count());
        self::assertSame(1, LogEntry::query()->where(['step' => 'l1', 'kind' => 'again'])->count());
        $open = fn (): array => $piece->plannedSteps()
            ->where('state', 'open')
            ->orderBy('position')
            ->pluck('step')
            ->all();
        foreach ($open() as $id) {
            $this->travel(9)->days();
            $this->post(route('steps.done', $this->step($piece, $id)))->assertSessionHasNoErrors();
        }
        self::assertSame(PieceState::Done, $piece->refresh()->state);
        self::assertSame(2, LogEntry::query()->where(['step' => 'l1', 'kind' => 'done'])->count());
    }

    public function test_a_fault_that_was_nothing_lets_the_piece_go_on(): void
    {
        $piece = $this->bowl();
        $this->work($piece, 'body/mount');
        $ready = $piece->refresh()->ready_at;
        $this->post(route('steps.wrong', $this->step($piece, 'body.outside/sand')), [
            'fault_kind' => 'torn', 'fault_on' => 'outer',
        ]);
        foreach (['one press', 'a double click'] as $press) {
            $this->delete(route('pieces.mend', $piece))->assertRedirect(route('pieces.route', $piece));
        }
        self::assertSame(1, $piece->logEntries()->where('title', 'like', '%bench.goes-on%')->count());
        self::assertEquals($ready, $piece->refresh()->ready_at);
        $this->get(route('pieces.mend', $piece))->assertRedirect(route('pieces.route', $piece));
    }

    public function test_five_alike_are_one_press_numbered_and_made_once(): void
    {
        $piece = $this->bowl(['name' => 'Gouge handle']);
        foreach ([1, 2] as $press) {
            $this->post(route('pieces.copy', $piece), ['copies' => '4', 'once' => str_repeat('h', 32)])
                ->assertRedirect(route('pieces.index'));
        }
        self::assertSame(
            ['Gouge handle', 'Gouge handle 2', 'Gouge handle 3', 'Gouge handle 4', 'Gouge handle 5'],
            $this->shop->pieces()->orderBy('name')->pluck('name')->all(),
        );
        foreach ($this->shop->pieces as $one) {
            self::assertEquals($piece->due_at, $one->due_at);
            self::assertNotNull($one->ready_at);
        }
        $this->get('/bench')->assertSee('While the tin or tool is out, also on:');
        $this->post(route('pieces.copy', $piece), ['copies' => '99'])->assertSessionHasErrors('copies');
    }

    public function test_weight_amount_and_a_photograph_go_with_the_step_that_asks_for_them(): void
    {
        $piece = $this->bowl(['coats' => []]);
        $ids = $this->order($piece);
        $this->work($piece, ...array_slice($ids, 0, -1));
        $this->get('/bench')->assertSee('name="weight"', false)->assertSee('name="photo"', false);
        $weigh = $this->step($piece, 'body/weigh');
        foreach ([
            'x' => UploadedFile::fake()->createWithContent('x.jpg', '<?php echo 1;'),
            'y' => UploadedFile::fake()->createWithContent('y.png', "\x89PNG\r\n\x1a\nbroken"),
        ] as $hostile) {
            $this->post(route('steps.done', $weigh), ['photo' => $hostile])->assertSessionHasErrors('photo');
        }
        self::assertSame(StepState::Open, $this->step($piece, 'body/weigh')->state, 'nothing is half logged');
        $this->post(route('steps.done', $weigh), [
            'weight' => '412', 'photo' => UploadedFile::fake()->image('bowl.png', 2400, 1800),
        ])->assertSessionHasNoErrors();
        $entry = LogEntry::query()->where(['step' => 'body/weigh', 'kind' => 'done'])->firstOrFail();
        self::assertEqualsWithDelta(412.0, $entry->facts->measured->weightG, 1e-9);
        $photo = $this->get(route('log.photo', $entry))->assertOk();
        self::assertSame('image/jpeg', $photo->headers->get('Content-Type'));
        self::assertSame([1600, 1200], array_slice((array) getimagesize($photo->getFile()->getPathname()), 0, 2));
        $this->get(route('pieces.record', $piece))->assertSee('Weighs 412 g.')->assertSee('Photograph: Look it over');
        $this->get(route('pieces.card', $piece))->assertSee('Weighed 412 g.');
        // Another workshop's number finds nothing.
        $theirs = $this->makeShop('Heron Wharf', 'nell@example.test')->logEntries()->create([
            'kind' => 'note', 'happened_at' => now(),
            'facts' => new Facts(measured: new Measured(photo: $entry->facts->measured->photo)),
        ]);
        $this->get(route('log.photo', $theirs))->assertNotFound();
    }

    public function test_a_photograph_from_a_camera_held_on_its_side_is_kept_upright(): void
    {
        $picture = imagecreatetruecolor(80, 40);
        imagefilledrectangle($picture, 0, 0, 39, 39, 0xFFFFFF);
        ob_start();
        imagejpeg($picture);
        $jpeg = (string) ob_get_clean();
        $turned = "\xFF\xE1\0\x22Exif\0\0MM\0*\0\0\0\x08\0\x01\x01\x12\0\x03\0\0\0\x01\0\x06\0\0\0\0\0\0";
        $file = UploadedFile::fake()->createWithContent('side.jpg', substr($jpeg, 0, 2).$turned.substr($jpeg, 2));
        $photos = app(Photos::class);
        $name = $photos->keep($this->shop, $file);
        $entry = $this->shop->logEntries()->create([
            'kind' => 'note', 'happened_at' => now(), 'facts' => new Facts(measured: new Measured(photo: $name)),
        ]);
        $kept = imagecreatefromjpeg((string) $photos->of($entry));
        self::assertSame([40, 80], [imagesx($kept), imagesy($kept)]);
        self::assertGreaterThan(0xF00000, imagecolorat($kept, 20, 10), 'what was left is on top');
        self::assertLessThan(0x100000, imagecolorat($kept, 20, 70));
    }

    public function test_a_clock_left_running_over_an_undo_logs_no_day_of_work(): void
    {
        $piece = $this->bowl();
        $mount = $this->step($piece, 'body/mount');
        $this->post(route('steps.start', $mount));
        $this->travel(9)->minutes();
        $this->work($piece, 'body/mount');
        $done = LogEntry::query()->where('kind', 'done')->firstOrFail();
        self::assertEqualsWithDelta(9.0, $done->minutes, 0.1);
        $this->post(route('log.undo', $done));
        $this->travel(6)->hours();
        $this->work($piece, 'body/mount');
        self::assertNull(LogEntry::query()->where('kind', 'done')->latest('id')->firstOrFail()->minutes);
    }

    public function test_a_mounted_part_keeps_the_lathe_until_it_comes_off(): void
    {
        $bowls = [$this->bowl(['name' => 'One']), $this->bowl(['name' => 'Two']), $this->bowl(['name' => 'Three'])];
        self::assertSame([], $this->sharedMounts($bowls), 'with one chuck no two are mounted at once');
        $this->shop->update(['spare_chucks' => 2]);
        app(\App\Planning\Planner::class)->plan($this->shop->refresh());
        foreach ($bowls as $bowl) {
            self::assertNotNull($bowl->refresh()->ready_at);
        }
    }

    /**
     * @param  list<Piece>  $pieces
     * @return list<string> mounts of two pieces that overlap
     */
    private function sharedMounts(array $pieces): array
    {
        $mounted = [];
        foreach ($pieces as $piece) {
            foreach ($piece->plannedSteps()->get()->groupBy(fn ($step): int => $step->details->stage) as $steps) {
                if (in_array($steps->first()->details->mount, ['tenon', 'jam'], true)) {
                    $mounted[] = [$piece->name, $steps->min('start_at'), $steps->max('end_at')];
                }
            }
        }
        $shared = [];
        foreach ($mounted as $i => [$name, $from, $to]) {
            foreach (array_slice($mounted, $i + 1) as [$other, $start, $end]) {
                if ($name !== $other && $from->lt($end) && $start->lt($to)) {
                    $shared[] = "$name and $other";
                }
            }
        }

        return $shared;
    }

    private function move(Piece $piece, string $step, string $target, string $place): \Illuminate\Testing\TestResponse
    {
        return $this->put(route('pieces.order', $piece), [
            'version' => $piece->refresh()->version, 'step' => $step, 'target' => $target, 'place' => $place,
        ]);
    }

    /** @return list<string> */
    private function order(Piece $piece): array
    {
        return $piece->plannedSteps()->orderBy('position')->pluck('step')->all();
    }

    public function test_another_way_says_when_it_would_be_ready(): void
    {
        $piece = $this->bowl();
        $before = [$piece->ready_at?->toIso8601String(), $this->shop->refresh()->version];
        $page = (string) $this->get(route('pieces.route', $piece))->assertSee('Its date')->getContent();
        self::assertGreaterThan(0, preg_match_all('~href="([^"]+school/date[^"]+)"~', $page, $links));
        foreach ($links[1] as $link) {
            $this->get(html_entity_decode($link))->assertOk()->assertSeeText('ready');
        }
        // Nothing is changed by asking.
        self::assertSame($before, [$piece->refresh()->ready_at?->toIso8601String(), $this->shop->refresh()->version]);
        $this->get(route('pieces.school.date', [$piece, 'choice' => 'none', 'way' => 'none']))->assertRedirect();
        $piece->update(['state' => PieceState::PutAway]);
        $this->get(html_entity_decode($links[1][0]))->assertNotFound();
    }
}
