<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\DiskFull;
use App\Http\RecordsGone;
use App\Jobs\DeriveRack;
use App\Jobs\MakePlan;
use App\Jobs\WeighPlan;
use App\Models\Air;
use App\Models\Kept\Choices;
use App\Models\LogEntry;
use App\Models\Piece;
use App\Models\PlannedStep;
use App\Models\Tin;
use App\Planning\Airs;
use App\Planning\RouteStore;
use HonestGrain\Coating\AirReading;
use HonestGrain\Geometry\Form;
use HonestGrain\Piece\Extent;
use Illuminate\Http\UploadedFile;
use Illuminate\Queue\DatabaseQueue;
use Illuminate\Queue\WorkerOptions;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;

/** A fact typed is kept as it was typed, what is taken back gives back just that, and what is full or gone says so. */
final class NothingLostTest extends FeatureTestCase
{
    public function test_nothing_is_not_zero_and_a_name_is_not_a_number(): void
    {
        $piece = $this->bowl(['name' => '7', 'marks' => [
            ['id' => 'a', 'kind' => 'dye', 'on' => 'outer', 'from_mm' => 60, 'to_mm' => 80],
        ]]);
        $mark = $this->body($piece)['marks'][0];
        $put = fn (array $more) => $this->put(route('pieces.marks.update', [$piece, $mark['id']]), $more + [
            'version' => $piece->refresh()->version, 'technique' => 'dye', 'on' => 'outer', 'from' => '60',
            'to' => '80', 'product' => 'Water dye (powder)', 'colour' => '#2e4d63',
        ])->assertSessionHasNoErrors();
        $put(['wait_hours' => '']);
        self::assertNull($this->body($piece)['marks'][0]['settings']['wait_hours'] ?? null);
        $put(['wait_hours' => '0']);
        self::assertSame(0, (int) ($this->body($piece)['marks'][0]['settings']['wait_hours'] ?? -1));
        $particulars = ['purpose' => 'handled', 'due' => '', 'note' => ''];
        $this->put(route('pieces.update', $piece), ['version' => $piece->version, 'name' => '007'] + $particulars);
        self::assertSame('007', $piece->refresh()->name);
    }

    public function test_what_is_taken_off_the_shelf_is_what_is_given_back(): void
    {
        $piece = $this->bowl();
        $this->work($piece, 'body/mount');
        $step = $piece->plannedSteps()->where('technique', 'sand')->orderBy('position')->get()
            ->firstOrFail(fn (PlannedStep $one): bool => array_sum($one->details->abrading->sheets ?? []) > 0);
        $sheets = array_filter($step->details->abrading->sheets ?? []);
        $grit = (string) array_key_first($sheets);
        $planned = $sheets[$grit];
        self::assertGreaterThan(0, $planned);
        $row = $this->shop->abrasives()->where('grit', $grit)->firstOrFail();
        $row->update(['discs' => 0]);
        $this->post(route('steps.done', $step), ['discs_used' => '9'])->assertSessionHasNoErrors();
        self::assertSame(0, $row->refresh()->discs);
        $entry = LogEntry::query()->where('step', $step->step)->where('kind', 'done')->firstOrFail();
        $this->post(route('log.undo', $entry))->assertSessionHasNoErrors();
        self::assertSame(0, $row->refresh()->discs, 'none was there to take');
        $row->update(['discs' => 9]);
        $this->work($piece, $step->step);
        self::assertSame(9 - $planned, $row->refresh()->discs);
    }

    public function test_what_a_coat_takes_comes_off_its_tin_and_goes_back_into_it(): void
    {
        $piece = $this->bowl();
        $sanding = ['body/mount', 'body.outside/sand', 'body.rim/sand', 'body.inside/sand', 'body/wipe-clean'];
        $this->work($piece, ...$sanding);
        $coat = $piece->plannedSteps()->where(['technique' => 'coat', 'state' => 'open'])->orderBy('position')
            ->firstOrFail();
        $tin = $this->shop->tins()->create(['product' => $coat->product, 'label' => [], 'stock_ml' => 100]);
        $planned = round((float) $coat->details->amount?->ml(), 2);
        $this->work($piece, $coat->step);
        self::assertEqualsWithDelta(100 - $planned, $tin->refresh()->stock_ml, 0.06);
        $entry = fn (): LogEntry => LogEntry::query()->where('step', $coat->step)->where('kind', 'done')->latest('id')
            ->firstOrFail();
        $this->get(route('pieces.record', $piece))->assertSee("off the tin of $coat->product");
        $this->post(route('log.undo', $entry()))->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(100, $tin->refresh()->stock_ml, 0.06);
        // What was really used counts; more than there is cannot be taken.
        $this->post(route('steps.done', $this->step($piece, $coat->step)), ['amount' => '400']);
        self::assertSame(0.0, Tin::query()->findOrFail($tin->id)->stock_ml);
        $this->post(route('log.undo', $entry()))->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(100, $tin->refresh()->stock_ml, 0.06);
    }

    public function test_the_record_keeps_the_air_that_was_read(): void
    {
        $piece = $this->bowl();
        $this->work($piece, 'body/mount');
        self::assertNotNull(LogEntry::query()->latest('id')->firstOrFail()->facts->climate);
        $air = $this->shop->airs()->where('kind', Air::SHOP)->first()
            ?? $this->shop->airs()->create(['kind' => Air::SHOP, 'name' => 'Shop']);
        app(Airs::class)->record($air, new AirReading((int) now()->getTimestamp() - 600, 17.5, 61.0), 'typed');
        $this->work($piece, 'body.outside/sand');
        $facts = LogEntry::query()->latest('id')->firstOrFail()->facts;
        self::assertEquals(17.5, $facts->air?->tempC);
        self::assertNull($facts->climate);
        $this->get(route('pieces.record', $piece))->assertSee('Air read: 17.5 °C, 61 %.');
        Carbon::setTestNow(now()->addHours(5));
        $this->work($piece, 'body.rim/sand');
        self::assertNotNull(LogEntry::query()->latest('id')->firstOrFail()->facts->climate, 'read too long ago');
    }

    public function test_fractions_are_read_in_every_field_that_takes_a_number(): void
    {
        $this->wren->update(['preferences' => new Choices(['units' => 'imperial'])]);
        $piece = $this->bowl();
        $this->post(route('pieces.marks', $piece), [
            'version' => 1, 'technique' => 'flutes', 'on' => 'outer', 'from' => '1 1/2', 'to' => '2-1/2 in',
            'set' => ['count' => '12', 'depth_mm' => '1/32'],
        ])->assertSessionHasNoErrors();
        $mark = $this->body($piece)['marks'][0];
        self::assertEqualsWithDelta(38.1, $mark['from_mm'], 0.01);
        self::assertEqualsWithDelta(25.4 / 32, $mark['settings']['depth_mm'], 0.001);
        $this->put('/shop', [
            'name' => 'Bramble Slip', 'time_zone' => 'UTC', 'hours' => ['mon' => '08:00-12:00'], 'day_c' => '70',
            'night_c' => '60', 'day_rh' => '50',
            'night_rh' => '50 1/2', 'day_from' => '8', 'day_to' => '18', 'sanding_cap_m_s' => '16',
            'min_wall_mm' => '1/8"',
        ])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(3.175, $this->shop->refresh()->min_wall_mm, 1e-6);
    }

    public function test_a_number_in_a_json_form_is_what_its_field_would_hold(): void
    {
        foreach ([1e300, -1e300, 7, 20261201] as $date) {
            $this->putJson(route('pieces.update', $this->bowl()), [
                'version' => 1, 'name' => 'Ebb', 'purpose' => 'handled', 'due' => $date,
            ])->assertStatus(422)->assertJsonValidationErrors('due');
        }
    }

    public function test_a_piece_has_an_end_over_all_its_parts_and_what_was_taken_once_stays(): void
    {
        $marks = fn (int $count, string $of): array => array_map(fn (int $i): array => [
            'id' => "$of-$i", 'technique' => 'burnt-line', 'on' => 'outer', 'from_mm' => 20 + 3 * $i,
            'to_mm' => 21 + 3 * $i, 'settings' => [],
        ], range(1, $count));
        $shape = Form::ShallowBowl->profile(260, 70, 90, 7)->toArray();
        $part = fn (string $id, int $count): array => [
            'id' => $id, 'name' => ucfirst($id), 'wood' => 'Ash (white)', 'grain' => 'side', 'moisture_percent' => 9,
            'holding' => 'tenon', 'shape' => $shape, 'features' => [], 'surface' => (object) [],
            'marks' => $marks($count, $id), 'coats' => [],
        ];
        $document = fn (array $parts): string => (string) json_encode([
            'format' => 'honest-grain/piece', 'version' => 2, 'name' => 'Many', 'form' => 'shallow-bowl',
            'purpose' => 'display', 'parts' => $parts, 'joints' => [], 'steps' => [], 'order' => [],
        ]);
        $import = fn (string $json) => $this->post('/pieces/import', [
            'file' => UploadedFile::fake()->createWithContent('piece.json', $json),
        ]);
        $most = Extent::MOST['marks'];
        $import($document([$part('body', 24), $part('lid', 24), $part('foot-ring', $most - 48)]))
            ->assertSessionHasNoErrors();
        $import($document([$part('body', 24), $part('lid', 24), $part('ring', $most - 47)]));
        self::assertStringContainsString("at most $most marks", implode(' ', session('errors')->all()));
        self::assertSame(1, $this->shop->pieces()->count());
        // One that has more from before is changed, renamed and worked as ever, and grows no further.
        $piece = Piece::query()->firstOrFail();
        $more = $piece->document->fields();
        $more['parts'][2]['marks'] = $marks($most - 40, 'old');
        DB::table('pieces')->where('id', $piece->id)->update(['document' => json_encode($more)]);
        $this->put(route('pieces.update', $piece), [
            'version' => 1, 'name' => 'Many more', 'purpose' => 'display', 'due' => '', 'note' => '',
        ])->assertSessionHasNoErrors();
        $this->post(route('pieces.marks', $piece), [
            'version' => 2, 'part' => 'foot-ring', 'technique' => 'burnt-line', 'on' => 'outer', 'from' => '2',
            'to' => '3',
        ])->assertSessionHasErrors();
    }

    public function test_a_route_that_no_piece_has_any_more_is_not_kept(): void
    {
        config(['cache.default' => 'database']);
        $piece = $this->bowl();
        $key = (string) $piece->refresh()->route_key;
        self::assertNotNull(cache()->get($key));
        $this->put(
            route('pieces.surface', $piece), ['version' => 1, 'tool_mark_um' => ['outside' => '250']],
        )->assertSessionHasNoErrors();
        self::assertNull(cache()->get($key));
        self::assertNotNull(cache()->get((string) $piece->refresh()->route_key));
        $kept = DB::table('cache')->count();
        Carbon::setTestNow(now()->addDays(30));
        Artisan::call('kept:prune');
        self::assertSame(0, DB::table('cache')->count(), "$kept were kept");
        self::assertTrue(method_exists(RouteStore::class, 'forget'));
    }

    public function test_files_whose_time_is_over_are_cleared_too(): void
    {
        $folder = sys_get_temp_dir().'/honest-grain-kept-'.getmypid();
        config(['cache.stores.file.path' => $folder, 'cache.default' => 'file']);
        cache()->put('short', 'x', 60);
        cache()->put('long', 'y', 86_400 * 20);
        Carbon::setTestNow(now()->addDay());
        Artisan::call('kept:prune');
        self::assertCount(1, glob("$folder/*/*/*") ?: []);
        self::assertSame('y', cache()->get('long'));
        File::deleteDirectory($folder);
    }

    public function test_a_job_whose_worker_was_ended_again_and_again_is_done_all_the_same(): void
    {
        $this->bowl();
        $this->shop->increment('version');
        $queue = new DatabaseQueue(DB::connection(), 'jobs');
        $queue->setContainer($this->app);
        $queue->setConnectionName('database');
        foreach ([MakePlan::class, WeighPlan::class, DeriveRack::class] as $job) {
            $queue->push(new $job($this->shop->id), '', 'ended');
        }
        DB::table('jobs')->where('queue', 'ended')->update(['attempts' => 5]);
        for ($i = 0; $i < 3; $i++) {
            $job = $queue->pop('ended') ?? self::fail('It is waited for.');
            app('queue.worker')->process('database', $job, new WorkerOptions(maxTries: 3));
        }
        self::assertSame(0, DB::table('failed_jobs')->count());
        self::assertSame(0, DB::table('jobs')->where('queue', 'ended')->count());
        $shop = $this->shop->refresh();
        self::assertSame($shop->version, $shop->planned_version);
    }

    public function test_a_job_that_failed_is_kept_where_one_can_look(): void
    {
        $why = new \RuntimeException('the plan broke');
        app('queue.failer')->log('database', 'default', '{"uuid":"x","job":"x"}', $why);
        self::assertSame(1, DB::table('failed_jobs')->where('exception', 'like', '%the plan broke%')->count());
    }

    public function test_no_stamp_ends_in_2038(): void
    {
        self::assertSame([], DB::table('information_schema.columns')->whereRaw('table_schema = database()')
            ->where('data_type', 'timestamp')->pluck('table_name')->all());
    }

    #[DataProvider('fullDisks')]
    public function test_a_full_disk_says_that_it_is_full(\Throwable $full): void
    {
        Route::get('full', fn () => throw $full);
        $this->get('/full')->assertStatus(507)->assertSee('The disk is full')->assertDontSee('Errcode');
        $this->getJson('/full')->assertStatus(507)->assertJsonPath(
            'message', "The disk of the shop's computer is full; nothing was saved. Make room, then try again.",
        );
    }

    /** @return iterable<string, array{\Throwable}> */
    public static function fullDisks(): iterable
    {
        yield 'a file' => [new \ErrorException('file_put_contents(): Write of 12 bytes failed with errno=28 No '
            .'space left on device')];
        yield 'the database' => [new \PDOException('SQLSTATE[HY000]: General error: 3 Error writing file '
            ."'/x/y' (Errcode: 28 \"No space left on device\")")];
        yield 'a table' => [new \RuntimeException('wrapped', 0, new \PDOException(
            "SQLSTATE[HY000]: General error: 1114 The table 'pieces' is full",
        ))];
        yield 'disk' => [new \PDOException('SQLSTATE[HY000]: General error: 1021 Disk full (/tmp/x); waiting')];
    }

    public function test_a_database_that_is_gone_is_not_asked_once_more_for_the_log(): void
    {
        self::assertFalse(DiskFull::caused(new \PDOException('SQLSTATE[HY000] [2002] Connection refused')));
        Log::spy();
        Route::middleware('web')->get('gone', fn () => throw new \PDOException(
            'SQLSTATE[HY000] [2006] MySQL server has gone away',
        ));
        auth()->forgetGuards();
        $asked = 0;
        DB::listen(function () use (&$asked): void {
            $asked++;
        });
        $this->get('/gone')->assertStatus(503);
        Log::shouldHaveReceived('error')->once();
        self::assertSame(0, $asked, 'the user is not looked up to be named in the log');
        self::assertFalse(RecordsGone::noted(new \PDOException('x')));
    }

    public function test_what_a_spreadsheet_would_run_is_text(): void
    {
        $names = ['=1+1', '＝1+1', '|calc', "\u{FF0B}1", '%0A', '@x', '-2+3', '−2+3'];
        $piece = $this->bowl(['steps' => []]);
        foreach ($names as $i => $name) {
            $this->post(route('pieces.own-steps', $piece), [
                'version' => $piece->refresh()->version, 'step_title' => $name, 'step_minutes' => '5',
            ])->assertSessionHasNoErrors();
        }
        $csv = $this->get(route('pieces.csv', $piece))->assertOk()->streamedContent();
        foreach ($names as $name) {
            self::assertStringContainsString("'$name", $csv);
        }
    }

    public function test_four_presses_for_copies_take_different_names(): void
    {
        $piece = $this->bowl();
        $this->post(route('pieces.copy', $piece), ['copies' => '3'])->assertSessionHasNoErrors();
        $this->post(route('pieces.copy', $piece), ['copies' => '3'])->assertSessionHasNoErrors();
        self::assertSame(7, $this->shop->pieces()->distinct()->count('name'));
    }
}
