<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Piece;
use App\Planning\Shopping;
use HonestGrain\Abrasive\Method;
use HonestGrain\Wood\Pore;
use Illuminate\Support\Carbon;
use Tests\Core\Told;

/** The surface from plan to bench: ways, habits, what is used up, and what the bench teaches. */
final class SandingTest extends FeatureTestCase
{
    public function test_a_bad_habit_is_priced_fixed_and_sanded_and_the_shelf_falls(): void
    {
        $this->shop->abrasives()->update(['price' => 0.5]);
        $piece = $this->bowl();
        $page = route('pieces.surface', $piece);
        $this->get($page)->assertOk()->assertSee('P120, P180, P240')->assertSee('in one mount, grit by grit')
            ->assertSee('the darker, the more end grain')->assertSee('Other ways, priced here')
            ->assertDontSee('Every rung there is');
        $outside = (string) $this->get("$page?ways=outside")->assertSee('Every rung there is')->getContent();
        self::assertSame(1, substr_count($outside, 'Every rung there is'), 'of the one face that was asked about');
        // What was chosen beside what is refused is still chosen.
        $this->from($page)->followingRedirects()->put(route('pieces.surface', $piece), [
            'version' => $piece->refresh()->version, 'shown' => ['outside'], 'sanded' => ['outside'],
            'cut' => ['outside' => 'torn'], 'own' => ['outside' => 'P81'],
        ])->assertSee('P81')->assertSee('value="torn" selected', false);
        $this->get("$page?ways=everywhere")->assertOk()->assertDontSee('Every rung there is');
        $this->save($piece, ['own' => ['outside' => 'P80, P400']]);
        $this->get($page)->assertSee('the deeper scratches of P80 stay')->assertSee('Yours:');
        $this->get(route('lab', ['a' => 'P80, P400', 'b' => 'P120, P180, P240', 'wood' => 'Ash (white)']))->assertOk()
            ->assertSee('Ghosts:')->assertSee('Clean, and fine enough');
        $this->save($piece, ['own' => ['outside' => '']]);
        $before = $this->discs();
        $inOrder = ['body.inside/sand', 'body.rim/sand', 'body.outside/sand'];
        $planned = [];
        foreach ($inOrder as $step) {
            foreach ($this->step($piece, $step)->details->abrading->sheets ?? [] as $grit => $discs) {
                $planned[$grit] = ($planned[$grit] ?? 0) + $discs;
            }
        }
        $this->work($piece, 'body/mount', ...$inOrder);
        foreach ($planned as $grit => $discs) {
            self::assertSame($before[$grit] - $discs, $this->discs()[$grit], "$grit, once for all that it served");
        }
        $this->get(route('pieces.record', $piece))->assertOk()->assertSee('Used so far')
            ->assertSee(number_format(0.5 * array_sum($planned), 2));
        // Taken back, they are on the shelf again.
        $this->post(route('log.undo', $piece->logEntries()->latest('id')->firstOrFail()));
        $last = $this->step($piece, 'body.outside/sand')->details->abrading->sheets ?? [];
        foreach ($last as $grit => $discs) {
            self::assertSame($before[$grit] - $planned[$grit] + $discs, $this->discs()[$grit]);
        }
    }

    public function test_the_bench_says_grit_by_grit_what_shares_a_mount_and_what_to_do_about_ghosts(): void
    {
        $piece = $this->bowl();
        $this->work($piece, 'body/mount');
        $this->get('/bench')->assertSee('In one go, grit by grit')->assertSee('Scratches still show')
            ->assertSee('Start the clock');
        $step = $this->step($piece, 'body.inside/sand');
        $this->post(route('steps.start', $step));
        $this->get('/bench')->assertSee('has had its time', false);
        $this->get(route('steps.wrong', [$step, 'kind' => 'scratches']))->assertOk()
            ->assertSeeInOrder(['value="scratches"', 'required', 'checked'], false);
        $this->work($piece, 'body.inside/sand');
        $this->post(route('steps.wrong', $step), [
            'fault_kind' => 'scratches', 'fault_on' => 'inner', 'once' => 'ghosts1',
        ])->assertSessionHasNoErrors();
        $this->get(route('pieces.mend', $piece))->assertOk()->assertSee('Step back one grit')
            ->assertSee('Where it may come from')->assertSee('A stray grain of a coarser grit');
    }

    public function test_a_face_is_wiped_as_a_step_after_a_named_grit_and_that_stands_in_the_plan(): void
    {
        $piece = $this->bowl();
        $grits = array_keys($this->step($piece, 'body.outside/sand')->details->abrading->minutesAt ?? []);
        self::assertGreaterThan(1, count($grits));
        $this->save($piece, ['wiped' => ["outside $grits[0]" => 'alcohol', "outside $grits[1]" => '']]);
        self::assertSame([$grits[0] => 'alcohol'], $this->body($piece)['surface']['wiped']['outside']);
        $until = strtolower("to-$grits[0]");
        $wipe = $this->step($piece, "body.outside/wipe-$until");
        self::assertStringContainsString("after $grits[0]", Told::of($wipe->title));
        $this->work($piece, 'body/mount', 'body.inside/sand', 'body.rim/sand', "body.outside/sand-$until");
        $this->get('/bench')->assertSee("Wipe with alcohol after $grits[0]");
        $this->get(route('pieces.surface', $piece))->assertSee('wipe: alcohol');
        // A grit that it is no longer sanded with is still said; another face keeps its own.
        $this->save($piece, ['own' => ['outside' => 'P100, P220'], 'wiped' => ['inside P180' => 'air']]);
        $this->get(route('pieces.surface', $piece))->assertSee('not among them');
        self::assertSame(['outside', 'inside'], array_keys($this->body($piece)['surface']['wiped']));
        $this->save($piece, ['wiped' => ["outside $grits[0]" => '', 'inside P180' => '']]);
        self::assertArrayNotHasKey('wiped', $this->body($piece)['surface']);
    }

    public function test_ways_that_a_face_does_not_allow_are_said_and_torn_grain_goes_first_and_alone(): void
    {
        $piece = $this->bowl();
        $this->save($piece, ['cut' => ['outside' => 'torn'], 'method' => ['inside' => 'power-disc']]);
        $body = $this->body($piece);
        self::assertSame(['outside' => 'torn'], $body['surface']['cut']);
        $this->get(route('pieces.surface', $piece))->assertSee('where it is torn')->assertSee('in two quarters')
            ->assertSee('Why not another way')->assertSee('a stick is for bores');
        self::assertStringContainsString('where it is torn', Told::of($this->step($piece, 'body.outside/sand')->title));
        $this->put(route('pieces.surface', $piece), [
            'version' => $piece->refresh()->version, 'cut' => ['outside' => 'gnawed'],
        ])->assertSessionHasErrors('cut.outside');
        // Its usual cut is nothing to write down, and what another page holds stays.
        $this->save($piece, ['cut' => ['outside' => 'scraped'], 'shown' => ['outside'], 'sanded' => ['outside']]);
        self::assertArrayNotHasKey('outside', $this->body($piece)['surface']['cut'] ?? []);
        self::assertSame(['inside' => 'power-disc'], $this->body($piece)['surface']['method']);
    }

    public function test_what_really_happened_moves_the_model_and_can_be_left_out_again(): void
    {
        $other = $this->makeShop('Other Slip', 'other@example.test');
        $elsewhere = $this->bowl([], $other);
        $there = $this->step($elsewhere, 'body.outside/sand')->minutes;
        $planned = null;
        foreach (range(1, 6) as $i) {
            $piece = $this->bowl(['name' => "Bowl $i"]);
            $this->work($piece, 'body/mount');
            $step = $this->step($piece, 'body.inside/sand');
            $planned ??= $step->minutes;
            $model = $step->minutes / ($step->details->abrading->minutesFactor ?? 1.0);
            $this->post(route('steps.done', $step), [
                'at' => now()->format('Y-m-d\TH:i'), 'minutes' => (string) round(2 * $model),
                'discs_used' => (string) (3 * array_sum($step->details->abrading->sheets ?? [])),
            ])->assertSessionHasNoErrors();
        }
        $learnt = $this->shop->refresh()->learnt();
        // Six records of 2 against four of the model: (6·2 + 4)/10.
        self::assertEqualsWithDelta(1.6, $learnt->minutes(Method::Hand, Pore::Open), 0.051);
        self::assertGreaterThan(1.5, $learnt->discs(Method::Hand, Pore::Open));
        self::assertSame(1.0, $learnt->minutes(Method::PowerDisc, Pore::Open));
        $new = $this->bowl(['name' => 'New bowl']);
        self::assertGreaterThan(1.3 * $planned, $this->step($new, 'body.inside/sand')->minutes);
        self::assertEqualsWithDelta($there, $this->step($elsewhere, 'body.outside/sand')->minutes, 1e-9);
        self::assertSame(1.0, $other->refresh()->learnt()->minutes(Method::Hand, Pore::Open), 'never another shop');
        $this->get(route('learnt'))->assertOk()->assertSee('By hand, folded, open-pored wood')
            ->assertSee('from 6 records')
            ->assertSee('Bowl 6');
        $this->put(route('learnt'), ['how' => 'hand', 'family' => 'open', 'use' => '0'])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta($planned, $this->step($new, 'body.inside/sand')->minutes, 1e-9);
        $this->get(route('learnt'))->assertSee('Left out: plans use the model alone.')->assertSee('from 6 records');
        $this->put(route('learnt'), ['how' => 'hand', 'family' => 'open', 'use' => '1']);
        self::assertGreaterThan(1.3 * $planned, $this->step($new, 'body.inside/sand')->minutes);
        // A record that is taken back teaches nothing.
        $entry = $this->shop->logEntries()->where('kind', 'done')->latest('id')->firstOrFail();
        $this->post(route('log.undo', $entry));
        $this->get(route('learnt'))->assertSee('from 5 records');
        $this->put(route('learnt'), ['how' => 'gnawing', 'family' => 'open', 'use' => '1'])
            ->assertSessionHasErrors('how');
    }

    public function test_what_the_plan_needs_more_of_than_is_there_is_on_the_shopping_list(): void
    {
        $piece = $this->bowl();
        self::assertSame([], app(Shopping::class)->shortages($this->shop->load(['abrasives', 'tins'])));
        $this->get('/shelf')->assertDontSee('To buy.');
        $this->shop->abrasives()->where('grit', 'P240')->update(['discs' => 1]);
        $this->shop->tins()->create(['product' => 'Oil-varnish blend', 'label' => [], 'stock_ml' => 20]);
        $short = app(Shopping::class)->shortages($this->shop->load(['abrasives', 'tins']));
        self::assertEqualsCanonicalizing(['P240', 'Oil-varnish blend'], array_column($short, 'what'));
        self::assertSame($piece->id, $short[0]->pieceId);
        self::assertInstanceOf(Carbon::class, $short[0]->at);
        $this->get('/shelf')->assertSee('To buy.')->assertSee('Ebb bowl')->assertSee('more disc');
        $this->get(route('pieces.surface', $piece))->assertSee('The shelf has not enough');
    }

    public function test_the_lab_holds_all_of_it_in_its_address_and_refuses_nonsense_at_its_field(): void
    {
        $this->get(route('lab'))->assertOk()->assertSee('P80, P120, P180, P240')->assertSee('Ghosts:');
        $this->get(route('lab', [
            'wood' => 'Cherry (black)', 'cut' => 'torn', 'asked' => 'polish', 'area' => '250', 'speed' => '2',
            'a' => 'P80, 120', 'b' => '', 'light' => '30', 'pass' => '1',
        ]))->assertOk()->assertSee('200 µm deep')->assertSee('P80, P120')->assertSee('No sheet yet')
            ->assertSee('value="30"', false);
        $silly = ['a' => 'P81', 'area' => '-4', 'speed' => 'fast', 'wood' => 'Tin', 'cut' => 'gnawed'];
        foreach ($silly as $field => $typed) {
            $this->get(route('lab', [$field => $typed]))->assertRedirect(route('lab'))->assertSessionHasErrors($field);
        }
        // The same address in the other system of units is the same wood.
        $this->get(route('lab', ['u' => 'imperial', 'area' => '77.5', 'speed' => '9.84', 'a' => 'P80', 'b' => '']))
            ->assertSee('value="500"', false);
    }

    public function test_every_abrasive_has_a_size_and_what_is_nearest_to_it(): void
    {
        $this->get(route('sizes', ['of' => 'CAMI 320']))
            ->assertSee('CAMI 320 is 36 µm. Nearest on the P scale: P400 (35 µm)');
        $this->get(route('sizes', ['of' => '0000']))->assertSee('Steel wool 0000 is 20 µm');
        $this->get(route('sizes', ['of' => '46 µm']))->assertSee('P320 (46.2 µm)');
        $this->get(route('sizes', ['of' => 'moonbeams']))->assertSee('Nothing here is called “moonbeams”');
        $this->get(route('sizes'))->assertSee('workshop: by the look of its scratch')->assertSee('(published)');
    }

    /** @param  array<string, mixed>  $surface */
    private function save(Piece $piece, array $surface): void
    {
        $this->put(route('pieces.surface', $piece), ['version' => $piece->refresh()->version] + $surface)
            ->assertSessionHasNoErrors();
    }

    public function test_only_what_was_there_comes_back_when_it_is_taken_back(): void
    {
        $piece = $this->bowl();
        $this->work($piece, 'body/mount');
        $sheets = $this->step($piece, 'body.inside/sand')->details->abrading->sheets ?? [];
        $grit = (string) array_key_first($sheets);
        self::assertGreaterThan(0, $sheets[$grit], 'it takes more than there is');
        $this->shop->abrasives()->where('grit', $grit)->update(['discs' => 0]);
        $this->work($piece, 'body.inside/sand');
        self::assertSame(0, $this->discs()[$grit]);
        $this->post(route('log.undo', $piece->logEntries()->latest('id')->firstOrFail()));
        self::assertSame(0, $this->discs()[$grit]);
    }

    /** @return array<string, int> by grit */
    private function discs(): array
    {
        return $this->shop->abrasives()->pluck('discs', 'grit')->all();
    }
}
