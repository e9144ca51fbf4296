<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\DeriveRack;
use App\Models\Blank;
use App\Models\Change;
use App\Models\StepState;
use App\Planning\Correction;
use App\Planning\Edit;
use App\Planning\PieceEditor;
use App\Planning\Planner;
use App\Planning\Rack;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Piece\Tables;
use HonestGrain\Rack\DryingState;
use HonestGrain\Reading\Document;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Exceptions;
use PHPUnit\Framework\Attributes\DataProvider;

/** The rack: blanks, their weights, and what follows from them. */
final class RackTest extends FeatureTestCase
{
    public const BOWL = [
        'form' => 'rough-bowl', 'wood' => 'Ash (white)', 'grain' => 'side', 'diameter_mm' => '280', 'length_mm' => '95',
        'wall_mm' => '28', 'tenon_mm' => '62', 'pith' => 'out', 'keeping' => 'wrapped', 'place' => 'Top shelf',
    ];

    public function test_a_blank_goes_on_the_rack_and_three_weights_give_it_a_date(): void
    {
        $blank = $this->rackOne();
        $this->get(route('rack'))->assertOk()->assertSee('Never weighed')->assertSee('280 × 95 mm, wall 28 mm');
        foreach (['2026-09-01T10:00' => '2350', '2026-10-01T10:00' => '1980'] as $at => $grams) {
            $this->post(
                route('rack.weigh'), ['number' => '1', 'mass' => $grams, 'at' => $at],
            )->assertSessionHasNoErrors();
        }
        $this->get(route('rack.show', $blank))->assertOk()->assertSee(
            'No date yet: a curve takes 3 weighings, and there',
        )
            ->assertSee('are 2.');
        $this->post(route('rack.weigh'), ['number' => '1', 'mass' => '1780', 'at' => '2026-11-01T10:00']);
        $blank->refresh();
        self::assertSame(DryingState::Drying, $blank->drying);
        self::assertNotNull($blank->ready_at);
        self::assertTrue($blank->ready_from < $blank->ready_at && $blank->ready_at < $blank->ready_until);
        self::assertEqualsWithDelta(100 * 570 / 2350, $blank->lost_percent, 0.01);
        $this->get(route('rack.show', $blank))->assertSee('Ready about')->assertSee('Thickest wall, turned true');
        $this->get(route('rack'))->assertSee('Ready about')->assertSee('Not weighed for a while.');
    }

    public function test_the_same_weight_pressed_twice_is_one(): void
    {
        $blank = $this->rackOne();
        $this->post(route('rack.weigh'), ['number' => '1', 'mass' => '2350']);
        $this->post(route('rack.weigh'), ['number' => '1', 'mass' => '2350']);
        self::assertSame(1, $blank->weighings()->count());
    }

    public function test_two_weights_of_one_second_are_two_however_often_they_are_sent(): void
    {
        $blank = $this->rackOne();
        $at = (string) now()->getTimestamp();
        foreach (['2350', '2351', '2351', '2350'] as $mass) {
            $this->post(route('rack.weigh'), ['number' => '1', 'mass' => $mass, 'pressed_at' => $at]);
        }
        self::assertSame(2, $blank->weighings()->count());
    }

    public function test_a_number_that_is_not_there_and_a_silly_weight_are_named(): void
    {
        $this->rackOne();
        $this->post(route('rack.weigh'), ['number' => '7', 'mass' => '2350'])
            ->assertSessionHasErrors(['number' => 'Number is “7”; no blank on the rack has it.']);
        $this->post(route('rack.weigh'), ['number' => '1', 'mass' => '-4'])->assertSessionHasErrors('mass');
        $this->post(route('rack.weigh'), ['number' => '1', 'mass' => 'heavy'])->assertSessionHasErrors('mass');
    }

    public function test_a_correction_stands_in_the_place_of_what_it_corrects_which_stays_on_record(): void
    {
        $blank = $this->rackOne();
        $this->weigh($blank, [60 => 2350, 30 => 1980, 2 => 2780]);
        self::assertSame(DryingState::Rising, $blank->refresh()->drying);
        $wrong = $blank->weighings()->where('mass_g', 2780)->firstOrFail();
        $this->put("/rack/weighings/{$wrong->id}", ['mass' => '1780'])->assertSessionHasNoErrors();
        self::assertSame(DryingState::Drying, $blank->refresh()->drying);
        $right = $blank->weighings()->standing()->where('mass_g', 1780)->firstOrFail();
        self::assertSame([$wrong->id, 1780.0], [$right->corrects_id, $right->mass_g]);
        self::assertTrue($right->at->equalTo($wrong->at));
        self::assertNotNull($wrong->refresh()->struck_at);
        $this->get(route('rack.show', $blank))->assertSee('2,780 g')->assertSee('line-through');
        $this->put("/rack/weighings/{$wrong->id}", ['mass' => '1500'])->assertSessionHasErrors('mass');
        self::assertSame(3, $blank->weighings()->standing()->count(), 'from another tab, too late');
    }

    public function test_weights_from_a_file_are_looked_at_first_and_taken_back_together(): void
    {
        $blank = $this->rackOne();
        $csv = "number;date;grams\n\"1\";2026-09-01;2350,0\n9;2026-09-01;100\n1;2026-13-01;1980\n1;2026-10-01 "
            ."14:30;1980;38\n"
            ."1;2026-11-01;heavy\n1;2027-11-01;1500\n";
        $file = UploadedFile::fake()->createWithContent('weights.csv', $csv);
        $this->post(route('rack.import'), ['file' => $file])->assertOk()
            ->assertSee('2 to import, 4 left out')->assertSee('Number is “9”; no blank on the rack has it.')
            ->assertSee('Date is “2026-13-01”')->assertSee('Grams is “heavy”')->assertSee('still to come');
        self::assertSame(0, $blank->weighings()->count(), 'nothing is kept before it is looked at');
        $this->put(route('rack.import'), ['rows' => $csv])->assertSessionHas('batch');
        self::assertSame([2350.0, 1980.0], $blank->weighings()->standing()->pluck('mass_g')->all());
        $this->delete(route('rack.import.undo', session('batch')));
        self::assertSame(0, $blank->weighings()->standing()->count());
        self::assertNull($blank->refresh()->last_mass_g);
    }

    public function test_weights_from_a_file_reach_the_rack_of_any_shop(): void
    {
        // Blanks of another shop come first, so that numbers on the wood and keys of rows differ.
        $other = $this->makeShop('Sluice Row', 'idris@example.test');
        for ($i = 0; $i < 5; $i++) {
            app(Rack::class)->add($other, Document::of([
                'form' => 'round', 'wood' => 'Ash (white)', 'diameter_mm' => 200,
                'length_mm' => 60]));
        }
        $blank = $this->rackOne();
        self::assertNotSame($blank->number, $blank->id);
        $rows = "1,2026-09-01,2350\n1,2026-10-01,1980\n1,2026-11-01,1780\n1,2026-11-02,0.004";
        $this->put(route('rack.import'), ['rows' => $rows])->assertSessionHas('said', '3 weights came in; 1 row left '
            .'out.');
        self::assertSame(DryingState::Drying, $blank->refresh()->drying);
        self::assertSame(1780.0, $blank->last_mass_g);
        $this->get(route('rack'))->assertDontSee('Never weighed');
    }

    public function test_a_thousand_rows_of_one_date_are_taken_in_a_bounded_number_of_questions(): void
    {
        $blank = $this->rackOne();
        $rows = implode("\n", array_map(fn (int $i): string => '1,2026-09-01,'.(2350 - $i), range(1, 1000)));
        $asked = 0;
        DB::listen(function () use (&$asked): void {
            $asked++;
        });
        $this->put(route('rack.import'), ['rows' => $rows])->assertSessionHasNoErrors();
        self::assertSame(1000, $blank->weighings()->count());
        self::assertLessThan(1200, $asked, 'one a row, and a few for the blank');
        $this->get(route('rack.show', $blank))->assertOk();
        $this->put(route('rack.import'), ['rows' => "1,2026-09-01,2349\n1,2026-09-01,2349"]);
        self::assertSame(1000, $blank->weighings()->count(), 'the same again is the same');
    }

    /** @param  list<array{string, string}>  $weights  when and what */
    #[DataProvider('strangeWeights')]
    public function test_a_strange_pair_of_weights_is_kept_and_asked_about(array $weights, ?string $asks): void
    {
        $blank = $this->rackOne();
        foreach ($weights as [$at, $mass]) {
            Carbon::setTestNow("2026-12-01 $at");
            $this->post(route('rack.weigh'), ['number' => '1', 'mass' => $mass])->assertSessionHasNoErrors()
                ->assertRedirect();
        }
        self::assertSame(
            array_map(fn (array $one): float => (float) $one[1], $weights),
            $blank->weighings()->pluck('mass_g')->all(),
        );
        foreach ([route('rack.weigh'), route('rack.show', $blank), route('rack')] as $i => $page) {
            $page = $this->get($page)->assertOk();
            if ($i < 2) {
                $asks === null ? $page->assertDontSee('A question about') : $page->assertSee($asks);
            }
        }
    }

    /** @return iterable<string, array{list<array{string, string}>, string|null}> */
    public static function strangeWeights(): iterable
    {
        yield 'five seconds apart' => [[['09:00:00', '1500'], ['09:00:05', '1498']], null];
        yield 'in kilograms' => [[['09:00', '1500'], ['10:00', '1.5']], 'Was that in kilograms?'];
        yield 'far too much' => [[['09:00', '10'], ['10:00', '1500']], 'Is that right?'];
        yield 'in ounces' => [[['09:00', '1500'], ['10:00', '52']], 'Was that in ounces?'];
        yield 'from nothing to everything' => [[['09:00', '0.1'], ['09:01', '500000']], 'Is that right?'];
    }

    public function test_what_was_meant_is_put_right_or_said_to_be_right_by_one_press(): void
    {
        $blank = $this->rackOne();
        $this->weigh($blank, [30 => 1500, 11 => 1.5, 10 => 1.4]);
        [, $second, $third] = $blank->weighings()->get()->all();
        $this->put(route('rack.weighings.update', $second), ['mass' => '1500'])->assertSessionHasNoErrors();
        self::assertNotNull($second->refresh()->struck_at);
        $this->get(route('rack.show', $blank))->assertSee('Was that in kilograms?')->assertSee('Yes: 1,400 g');
        $this->put(route('rack.weighings.sure', $third))->assertSessionHasNoErrors();
        $this->get(route('rack.show', $blank))->assertDontSee('Was that in kilograms?');
        self::assertSame(1.4, $blank->refresh()->last_mass_g);
    }

    public function test_a_derived_figure_that_fails_costs_no_weight(): void
    {
        $blank = $this->rackOne();
        Exceptions::fake();
        // A column that cannot take what follows stands for any failure behind the weight.
        Blank::updating(function (Blank $one): void {
            throw_if($one->isDirty('lost_percent'), new \RuntimeException('out of range'));
        });
        foreach (['1500', '1400'] as $mass) {
            $this->post(route('rack.weigh'), ['number' => '1', 'mass' => $mass])->assertSessionHasNoErrors();
        }
        Blank::flushEventListeners();
        Exceptions::assertReported(\RuntimeException::class);
        self::assertSame([1500.0, 1400.0], $blank->weighings()->pluck('mass_g')->all());
        self::assertSame(1400.0, $blank->refresh()->last_mass_g);
    }

    public function test_another_shop_sees_and_weighs_nothing_of_it(): void
    {
        $other = $this->makeShop('Other slip', 'other@example.test');
        $blank = app(Rack::class)->add($other, Document::of([
            'form' => 'log', 'wood' => 'Ash (white)', 'diameter_mm' => 200,
            'length_mm' => 300]));
        $weighing = app(Rack::class)->weigh($blank, now(), 2350, null, null);
        $this->get(route('rack.show', $blank))->assertNotFound();
        $this->put("/rack/weighings/{$weighing->id}", ['mass' => '1'])->assertNotFound();
        $this->delete("/rack/weighings/{$weighing->id}")->assertNotFound();
        $this->delete(route('rack.destroy', $blank))->assertNotFound();
        $this->post(route('rack.weigh'), ['number' => '1', 'mass' => '2350'])->assertSessionHasErrors('number');
        $this->get(route('rack'))->assertSee('The rack is empty');
    }

    public function test_a_page_that_is_out_of_date_changes_nothing_and_says_so(): void
    {
        $blank = $this->rackOne();
        $this->put(route('rack.update', $blank), ['version' => '1', 'place' => 'Loft'] + self::BOWL)
            ->assertSessionHasNoErrors();
        $this->put(route('rack.update', $blank), ['version' => '1', 'place' => 'Floor'] + self::BOWL)
            ->assertSessionHasErrors('version');
        self::assertSame('Loft', $blank->refresh()->place);
    }

    public function test_sizes_that_make_no_blank_are_refused_at_their_field(): void
    {
        $this->post(route('rack.store'), ['wall_mm' => ''] + self::BOWL)->assertSessionHasErrors('wall_mm');
        $this->post(route('rack.store'), ['wall_mm' => '150'] + self::BOWL)->assertSessionHasErrors('wall_mm');
        $this->post(route('rack.store'), ['tenon_mm' => '400'] + self::BOWL)->assertSessionHasErrors('tenon_mm');
        $this->post(route('rack.store'), ['wood' => 'Moonwood'] + self::BOWL)->assertSessionHasErrors('wood');
        $this->rackOne();
        $this->post(route('rack.store'), ['number' => '1'] + self::BOWL)->assertSessionHasErrors('number');
        self::assertSame(1, $this->shop->blanks()->count());
    }

    public function test_what_was_ready_long_ago_is_said_to_be_forgotten(): void
    {
        $blank = $this->rackOne();
        $this->weigh($blank, [500 => 1500, 450 => 1502, 400 => 1501]);
        self::assertSame(DryingState::Ready, $blank->refresh()->drying);
        $this->get(route('rack'))->assertSee('forgotten')->assertDontSee('Not weighed for a while.');
    }

    public function test_what_loses_too_fast_is_warned_of_and_told_how_to_slow_it(): void
    {
        $blank = $this->rackOne();
        $this->weigh($blank, [9 => 2350, 2 => 2100]);
        self::assertTrue($blank->refresh()->may_crack);
        $this->get(route('rack.show', $blank))->assertSee('likely to crack above')
            ->assertSee('wax it all over, or put it in a bag');
    }

    public function test_other_air_moves_every_date(): void
    {
        $blank = $this->rackOne();
        $this->weigh($blank, [90 => 2350, 60 => 1980, 30 => 1780]);
        $before = $blank->refresh()->moisture_percent;
        $this->shop->update(['climate' => $this->airWith(['day_rh' => 70.0, 'night_rh' => 70.0])]);
        (new DeriveRack($this->shop->id))->handle(app(Rack::class), app(Planner::class));
        self::assertGreaterThan($before + 2, $blank->refresh()->moisture_percent);
    }

    public function test_off_the_rack_it_keeps_its_record_and_comes_back(): void
    {
        $blank = $this->rackOne();
        $this->delete(route('rack.destroy', $blank));
        $this->get(route('rack'))->assertSee('The rack is empty');
        $this->get(route('rack', ['state' => 'gone']))->assertSee('Ash (white)');
        $this->post(route('rack.weigh'), ['number' => '1', 'mass' => '2350'])->assertSessionHasErrors('number');
        $this->delete(route('rack.destroy', $blank));
        $this->get(route('rack'))->assertSee('Never weighed');
    }

    public function test_a_rough_out_that_still_dries_becomes_a_piece_whose_date_waits_for_the_wood(): void
    {
        $blank = $this->rackOne();
        $this->weigh($blank, [60 => 2350, 30 => 1980, 2 => 1760]);
        $ready = $blank->refresh()->ready_at;
        $this->put(route('rack.update', $blank), [
            'version' => $blank->version, 'rings' => 'flat-sawn', 'given_by' => 'Ada Fennel',
            'promised_for' => 'the mill cottage',
        ] + self::BOWL)->assertSessionHasNoErrors();
        $this->get(route('pieces.create', ['blank' => $blank->id]))->assertOk()->assertSee('From number 1')
            ->assertSee('still drying');
        $typed = [
            'form' => 'deep-bowl', 'wood' => 'Ash (white)', 'grain' => 'side', 'moisture' => '40',
            'name' => 'Tern bowl',
            'purpose' => 'handled', 'diameter' => '260', 'height' => '90', 'foot' => '90', 'wall' => '8',
            'blank' => (string) $blank->id,
        ];
        $this->post('/pieces', ['diameter' => '275'] + $typed)->assertSessionHasErrors(['diameter']);
        $this->post('/pieces', ['wall' => '20'] + $typed)->assertSessionHasErrors('wall');
        self::assertSame(0, $this->shop->pieces()->count(), 'refused, and told what would fit');
        $this->post('/pieces', $typed)->assertSessionHasNoErrors();
        $piece = $this->shop->pieces()->firstOrFail();
        self::assertSame(
            [$piece->id, 'roughed'], [$blank->refresh()->piece_id, $piece->document->value('starts_as')],
        );
        self::assertSame('flat-sawn', $piece->document->fields()['parts'][0]['rings'] ?? null);
        foreach (['rack.show' => $blank, 'pieces.shape' => $piece, 'pieces.card' => $piece] as $page => $of) {
            $this->get(route($page, $of))->assertSee('given by Ada Fennel, promised for the mill cottage');
        }
        $this->get(route('pieces.record', $piece))->assertSee('Made of')->assertSee(route('rack.show', $blank));
        $dry = $this->step($piece, 'body/dry');
        self::assertTrue($dry->start_at?->gte($ready));
        self::assertTrue($piece->ready_at?->gt($ready));
        $this->get(route('pieces.route', $piece))->assertOk()->assertSee('Dry on the rack')
            ->assertSee('Its wood, number 1, is ready about')->assertSee('each weighing moves the date');
        // In a full shop the press alone puts the piece right: the wood is no drier for it.
        $dry->forceFill(['start_at' => null])->save();
        app(Correction::class)->of($piece->refresh());
        self::assertTrue($this->step($piece, 'body/dry')->start_at?->gte($ready));
        // Weighed again, it turns out to dry more slowly.
        $this->post(route('rack.weigh'), ['number' => '1', 'mass' => '1755'])->assertSessionHasNoErrors();
        self::assertTrue($piece->refresh()->ready_at?->notEqualTo($ready));
        self::assertTrue($this->step($piece, 'body/dry')->start_at?->gte($blank->refresh()->ready_at));
        // In air too damp to dry it the wood has no date, and so the piece has none.
        $this->shop->refresh()->update(['climate' => $this->airWith(['day_rh' => 92.0, 'night_rh' => 92.0])]);
        (new DeriveRack($this->shop->id))->handle(app(Rack::class), app(Planner::class));
        self::assertSame([DryingState::WetAir, null], [$blank->refresh()->drying, $piece->refresh()->ready_at]);
    }

    public function test_a_wet_log_is_roughed_out_at_the_bench_and_its_curve_begins_then(): void
    {
        $this->post(route('rack.store'), [
            'form' => 'round', 'wood' => 'Ash (white)', 'diameter_mm' => '290', 'length_mm' => '110', 'pith' => 'out',
            'keeping' => 'waxed',
        ])->assertSessionHasNoErrors();
        $blank = $this->shop->blanks()->firstOrFail();
        // A log's own date says nothing of the rough-out that it becomes.
        $this->weigh($blank, [60 => 5200, 30 => 4400, 2 => 4000]);
        self::assertNotNull($blank->refresh()->ready_at);
        $this->post('/pieces', [
            'form' => 'deep-bowl', 'wood' => 'Ash (white)', 'grain' => 'side', 'moisture' => '45',
            'name' => 'Knot bowl', 'purpose' => 'handled', 'diameter' => '250', 'height' => '85', 'foot' => '90',
            'wall' => '8',             'due' => now()->addDays(3)->toDateString(), 'blank' => (string) $blank->id,
        ])->assertSessionHasNoErrors();
        $piece = $this->shop->pieces()->firstOrFail();
        self::assertSame([null, null, null], [$piece->ready_at, $piece->late, $blank->refresh()->gone_at]);
        $dry = $this->step($piece, 'body/dry');
        self::assertSame([null, null], [$dry->start_at, $this->step($piece, 'body.outside/shape')->start_at]);
        self::assertNotNull($this->step($piece, 'body/rough-out')->start_at, 'what can be done is planned');
        $this->get(route('rack.show', $blank))->assertDontSee('Rough it out');
        $this->work($piece, 'body/mount', 'body/rough', 'body/rough-hold', 'body/reverse', 'body/rough-out');
        $blank->refresh();
        self::assertSame(['rough-bowl', now($this->shop->time_zone)->toDateString(), null], [
            $blank->form, $blank->core()->roughedOn, $blank->ready_at,
        ]);
        self::assertEqualsWithDelta(28, $blank->core()->wallMm, 1);
        // A press too many is taken back, and the blank is the log that it was.
        $this->post(route('log.undo', $piece->logEntries()->latest('id')->firstOrFail()));
        self::assertSame(['round', 290.0], [$blank->refresh()->form, $blank->core()->diameterMm]);
        $this->work($piece, 'body/rough-out', 'body/wrap');
        $this->get('/')->assertDontSee('Dry on the rack, then off the scale');
        foreach ([20 => 2600, 40 => 2200, 60 => 2000] as $days => $grams) {
            Carbon::setTestNow(now()->addDays(20));
            $this->post(route('rack.weigh'), ['number' => '1', 'mass' => (string) $grams])->assertSessionHasNoErrors();
        }
        $ready = $blank->refresh()->ready_at;
        self::assertNotNull($ready);
        self::assertTrue($piece->refresh()->ready_at?->gt($ready));
        $dry = $this->step($piece, 'body/dry');
        self::assertTrue($dry->start_at?->gte($ready));
        $this->post(route('steps.done', $dry))->assertSessionHasErrors('sure');
        self::assertSame(StepState::Open, $dry->refresh()->state);
        $this->post(route('steps.done', $dry), ['sure' => '1'])->assertSessionHasNoErrors();
        self::assertNotNull($blank->refresh()->gone_at);
        self::assertTrue($piece->logEntries()->latest('id')->firstOrFail()->facts->measured->isNotDry);
        $this->post(route('log.undo', $piece->logEntries()->latest('id')->firstOrFail()));
        self::assertNull($blank->refresh()->gone_at, 'back on the rack');
    }

    public function test_the_flaws_of_a_blank_go_over_to_its_piece(): void
    {
        $blank = $this->rackOne();
        $crack = [
            'version' => '1', 'flaw_kind' => 'crack', 'flaw_on' => 'rim', 'flaw_from' => '2', 'flaw_to' => '20',
            'wish' => 'fill', 'azimuth_from' => '80', 'azimuth_to' => '100',
        ];
        $this->post(route('rack.flaws', $blank), ['flaw_to' => '900'] + $crack)->assertSessionHasErrors();
        $this->post(route('rack.flaws', $blank), $crack)->assertSessionHasNoErrors();
        $this->post(route('rack.flaws', $blank), $crack)->assertSessionHasErrors('version');
        $this->get(route('rack.show', $blank))->assertSee('Crack')->assertSee('for wood that may fly');
        $this->weigh($blank, [500 => 1500, 450 => 1502, 400 => 1501]);
        $this->post('/pieces', [
            'form' => 'deep-bowl', 'wood' => 'Ash (white)', 'grain' => 'side', 'moisture' => '11',
            'name' => 'Tern bowl',
            'purpose' => 'handled', 'diameter' => '260', 'height' => '90', 'foot' => '90', 'wall' => '8',
            'blank' => (string) $blank->id,
        ])->assertSessionHasNoErrors();
        [$flaw] = $this->shop->pieces()->firstOrFail()->document->fields()['parts'][0]['features'];
        self::assertSame(['crack', 'rim', 2.0], [$flaw['kind'], $flaw['on'], (float) $flaw['from_mm']]);
        self::assertLessThan(20, $flaw['to_mm'], 'the finished rim is thinner');
        self::assertNotNull($blank->refresh()->gone_at, 'what was ready is off the rack');
        $id = $blank->document->fields()['flaws'][0]['id'];
        $this->delete(route('rack.flaws.destroy', [$blank, $id]), ['version' => (string) $blank->version]);
        self::assertSame([], $blank->refresh()->document->fields()['flaws']);
    }

    public function test_what_is_ready_for_an_order_stands_by_its_waste(): void
    {
        foreach ([['320', '110', '34'], ['280', '95', '28'], ['200', '70', '20']] as $i => [$across, $high, $wall]) {
            $this->post(route('rack.store'), [
                'diameter_mm' => $across, 'length_mm' => $high, 'wall_mm' => $wall,
            ] + self::BOWL)->assertSessionHasNoErrors();
            $this->weigh(
                $this->shop->blanks()->where('number', $i + 1)->firstOrFail(), [500 => 1500, 400 => 1501, 300 => 1500],
            );
        }
        $this->get(route('rack.for'))->assertOk()->assertDontSee('Becomes shavings');
        $found = $this->get(
            route('rack.for', ['form' => 'deep-bowl', 'diameter' => '250', 'height' => '85', 'wall' => '8']),
        );
        $found->assertSeeInOrder(['280 × 95 mm', '320 × 110 mm'])->assertDontSee('200 × 70 mm');
        $this->get(route('rack.for', [
            'form' => 'deep-bowl', 'diameter' => '250', 'height' => '85', 'wall' => '8', 'foot' => '240',
        ]))->assertSee('Nothing that is ready');
        $this->get(route('rack.for', ['form' => 'deep-bowl', 'diameter' => '400', 'height' => '85']))
            ->assertSee('Nothing that is ready is big enough');
        $this->get(route('rack.for', ['diameter' => 'wide', 'height' => '85']))->assertSessionHasErrors('diameter');
    }

    public function test_a_goblet_turned_once_is_drawn_oval_and_never_promised_round(): void
    {
        $this->post('/pieces', [
            'form' => 'goblet', 'wood' => 'Ash (white)', 'grain' => 'end', 'moisture' => '60', 'name' => 'Wet goblet',
            'purpose' => 'display', 'diameter' => '80', 'height' => '160', 'foot' => '60', 'wall' => '3',
        ])->assertSessionHasNoErrors();
        $piece = $this->shop->pieces()->firstOrFail();
        self::assertNull($piece->ready_at, 'wet wood is not finished');
        $this->get(route('pieces.route', $piece))->assertDontSee('never promise it as round');
        $oiled = $piece->document->fields()['parts'];
        $oiled[0]['coats'] = [['id' => 'c1', 'zones' => ['outside', 'inside', 'rim'], 'layers' => [
            ['id' => 'l1', 'product' => 'Walnut oil (heat-treated)', 'denib' => null],
        ], 'buff' => false]];
        $write = fn (array $fields) => app(PieceEditor::class)->change(
            $piece, new Edit($piece->refresh()->version, Change::Particulars, $this->wren),
            fn (CorePiece $core, Tables $tables): CorePiece => CorePiece::read(
                Document::of($fields + $piece->document->fields()), $tables,
            ),
        );
        $write(['parts' => $oiled, 'school' => ['wet' => 'turned-once'], 'starts_as' => 'blank']);
        self::assertTrue($piece->refresh()->ready_at?->gt(now()->addDays(7)));
        $this->get(route('pieces.route', $piece))->assertSee('never promise it as round')
            ->assertSee('Dry it in paper and let it warp')->assertSee('mm oval');
        $this->get(route('pieces.shape', $piece))->assertOk()->assertDontSee('uneven-wall');
        $oiled[0]['shape']['inner'][0][1] -= 2.5;
        $write(['parts' => $oiled]);
        $this->get(route('pieces.shape', $piece))->assertSee('data-lint="uneven-wall"', false);
        $this->get(route('pieces.route', $piece))->assertSee('an uneven wall cracks there');
    }

    public function test_a_solid_blank_is_roughed_out_and_its_curve_begins_anew(): void
    {
        $this->post(route('rack.store'), [
            'form' => 'round', 'wood' => 'Ash (white)', 'diameter_mm' => '290', 'length_mm' => '100', 'pith' => 'out',
            'keeping' => 'waxed',
        ])->assertSessionHasNoErrors();
        $blank = $this->shop->blanks()->firstOrFail();
        $this->weigh($blank, [60 => 5200, 30 => 5100, 2 => 5020]);
        self::assertNotNull($blank->refresh()->lost_percent);
        $this->get(route('rack.show', $blank))->assertSee('Roughed out of it, a bowl&#039;s wall', false)->assertSee(
            'Rough it out',
        );
        $typed = [
            'version' => (string) $blank->version, 'rough_form' => 'rough-bowl', 'rough_diameter' => '284',
            'rough_height' => '95',
            'rough_wall' => '29', 'rough_tenon' => '62',
        ];
        $this->put(route('rack.rough', $blank), ['rough_wall' => '160'] + $typed)->assertSessionHasErrors('rough_wall')
            ->assertSessionHasInput('rough_wall', '160');
        $this->put(route('rack.rough', $blank), $typed)->assertSessionHasNoErrors();
        $blank->refresh();
        self::assertSame(
            ['rough-bowl', DryingState::TooFew, null], [$blank->form, $blank->drying, $blank->lost_percent],
        );
        self::assertSame(3, $blank->weighings()->standing()->count(), 'what it weighed stays on record');
        $this->put(route('rack.rough', $blank), $typed)->assertSessionHasErrors('version');
        $this->post(route('rack.weigh'), ['number' => '1', 'mass' => '2400']);
        self::assertSame(2400.0, $blank->refresh()->last_mass_g);
        $this->get(route('rack.show', $blank))->assertSee('5,020 g')->assertSee(
            'before it was roughed out',
        )->assertDontSee('It is roughed out');
    }

    public function test_the_scale_is_read_and_its_nonsense_is_not_kept(): void
    {
        $blank = $this->rackOne();
        $this->weigh($blank, [60 => 2350, 30 => 1980, 9 => 1780]);
        $this->post(route('rack.scale'), ['number' => '1'])->assertSessionHas('said');
        self::assertSame(['typed', 'typed', 'typed', 'scale'], $blank->weighings()->pluck('source')->all());
        self::assertLessThan(1780, $blank->refresh()->last_mass_g);
        foreach (['silent' => 'says nothing', 'nonsense' => 'cannot be that blank'] as $fault => $said) {
            $this->put(route('instruments.update', 'scale'), ['fault' => $fault])->assertSessionHasNoErrors();
            $this->post(route('rack.scale'), ['number' => '1'])->assertSessionHasErrors('mass');
            self::assertStringContainsString($said, (string) session('errors')->first('mass'));
        }
        self::assertSame(4, $blank->weighings()->count());
        $this->get(route('instruments'))->assertOk()->assertSee('simulated');
        $this->post(route('instruments.read', 'meter'), ['number' => '1'])->assertSessionHas(
            'said', fn (string $said): bool => str_contains($said, 'The meter says'),
        );
        $this->post(route('instruments.read', 'tachometer'), ['rpm' => '600'])
            ->assertSessionHas('said', 'The tachometer says 591 rpm, set to 600.');
        $this->put(route('shop.update'), ['fault' => 'x']);
        self::assertSame('nonsense', $this->shop->refresh()->instruments?->of('scale'));
    }

    public function test_what_the_shop_turns_with_says_what_holds_and_what_does_not_swing(): void
    {
        $blank = $this->rackOne();
        $piece = $this->bowl();
        self::assertNotNull($piece->refresh()->ready_at);
        $typed = [
            'swing' => '300', 'bed' => '800', 'least_rpm' => '60', 'most_rpm' => '2500', 'reverses' => '1',
            'index_holes' => '24, 36', 'jaw_name' => ['50 mm', 'wide', ''], 'tenon_min' => ['45', '80', ''],
            'tenon_max' => ['60', '120', ''], 'recess_min' => ['', '', ''], 'recess_max' => ['', '', ''],
            'mounts' => ['tenon', 'vacuum'], 'hold_rpm' => ['vacuum' => '600'],
        ];
        $this->put(route('equipment.update'), $typed)->assertSessionHasNoErrors();
        $this->get(route('equipment'))->assertOk()->assertSee('value="50 mm"', false)->assertSee(
            'value="24, 36"', false,
        );
        $this->get(route('rack.show', $blank))->assertSee('is held by: 50 mm.')->assertSee('By the tenon')
            ->assertDontSee('It does not swing');
        $this->put(route('equipment.update'), ['swing' => '250', 'tenon_max' => ['50', '120', '']] + $typed);
        $this->get(route('rack.show', $blank))->assertSee('No jaw set holds the trued tenon')
            ->assertSee('It does not swing: 280 mm across, and the lathe takes 250 mm.');
        self::assertNull($piece->refresh()->ready_at, 'a bowl of 260 mm neither');
        $this->put(route('equipment.update'), ['most_rpm' => '20'] + $typed)->assertSessionHasErrors();
        $this->put(route('equipment.update'), ['index_holes' => 'many'] + $typed)->assertSessionHasErrors(
            'index_holes',
        );
        $this->wren->update(['role' => 'maker']);
        $this->put(route('equipment.update'), $typed)->assertForbidden();
    }

    public function test_labels_and_photographs(): void
    {
        $blank = $this->rackOne();
        $this->get(route('rack.labels', ['numbers' => '1', 'paper' => 'letter']))->assertOk()
            ->assertSee('labels-letter')->assertSee('Rough bowl, 280 × 95 mm');
        $this->post(route('rack.photo', $blank), ['photo' => UploadedFile::fake()->create('x.jpg', 10)])
            ->assertSessionHasErrors('photo');
        $this->post(route('rack.photo', $blank), ['photo' => UploadedFile::fake()->image('x.jpg', 400, 300)])
            ->assertSessionHasNoErrors();
        $this->get(route('rack.photo', $blank))->assertOk()->assertHeader('Content-Type', 'image/jpeg');
    }

    public function test_forms_stand_side_by_side_on_a_blank_before_anything_is_drawn(): void
    {
        $this->post(route('rack.store'), [
            'form' => 'log', 'wood' => 'Cherry (black)', 'grain' => 'end', 'diameter_mm' => '160', 'length_mm' => '320',
            'pith' => 'in', 'keeping' => 'open', 'sapwood_mm' => '20', 'price' => '10', 'felled_on' => '2026-11-01',
        ])->assertSessionHasNoErrors();
        $blank = $this->shop->blanks()->firstOrFail();
        $this->get(route('rack.show', $blank))->assertOk()->assertSee('What could be made of it')
            ->assertSee('its ends check after about 3 days of this air, about 4 Nov');
        $page = $this->get(route('rack.forms', $blank))->assertOk()->assertSee('Vase')->assertSee('Lidded box')
            ->assertSee('Heartwood')->assertSee('of its price')->assertDontSee('Platter');
        preg_match_all('/<b>([^<]+)<\/b>.*?(\d+) %/s', (string) $page->getContent(), $rows);
        $lost = array_map(intval(...), $rows[2]);
        $sorted = $lost;
        sort($sorted);
        self::assertSame($sorted, $lost, 'the least lost first');
        $this->get(route('pieces.create', ['blank' => $blank->id, 'form' => 'vase']))->assertOk()
            ->assertSee('value="vase"', false);
        $rough = $this->rackOne();
        $this->get(route('rack.forms', $rough))->assertOk()->assertSee('No form fits it');
    }

    private function rackOne(): Blank
    {
        $this->post(route('rack.store'), self::BOWL)->assertSessionHasNoErrors();

        return $this->shop->blanks()->latest('id')->firstOrFail();
    }

    /** @param  array<int, float>  $masses  by days ago */
    private function weigh(Blank $blank, array $masses): void
    {
        foreach ($masses as $days => $mass) {
            app(Rack::class)->weigh($blank, Carbon::now()->subDays($days), $mass, null, null);
        }
        app(Rack::class)->derive($blank, $this->shop);
    }

    public function test_the_rack_is_narrowed_and_sorted_and_what_nobody_understands_is_not_asked(): void
    {
        $there = [['Cherry (black)', 'shelf b'], ['Ash (white)', 'shelf a'], ['Ash (white)', 'shelf c']];
        foreach ($there as $i => [$wood, $place]) {
            $this->post('/rack', [
                'form' => 'round', 'pith' => 'out', 'keeping' => 'open', 'grain' => 'side', 'wood' => $wood,
                'place' => $place, 'diameter_mm' => '200',
                'length_mm' => '80', 'number' => (string) (40 + $i),
            ])->assertSessionHasNoErrors();
        }
        $this->shop->blanks()->where('number', 41)->update(['drying' => DryingState::Ready]);
        $numbers = fn (array $asked): array => array_column(
            $this->get('/rack?'.http_build_query($asked))->assertOk()->viewData('blanks')->items(), 'number',
        );
        self::assertSame([40, 41, 42], $numbers(['sort' => 'number']));
        self::assertSame([41, 40, 42], $numbers(['sort' => 'place']));
        self::assertSame([41, 42, 40], $numbers(['sort' => 'wood']));
        self::assertSame([41, 42], $numbers(['wood' => 'Ash (white)', 'sort' => 'number']));
        self::assertSame([41], $numbers(['dry' => 'ready']));
        self::assertSame([40, 42], $numbers(['dry' => 'drying', 'sort' => 'number']));
        self::assertCount(3, $numbers(['sort' => 'id; drop table', 'dry' => 'soaked']));
        $this->get('/rack?wood=Ash+(white)&q=cherry')->assertSee('No blank here answers');
        $this->get('/rack?wood=Oak')->assertSee('No blank here is like that')->assertSee('Show all');
    }
}
