<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demo\DemoWorkshop;
use App\Demo\Visits;
use App\Http\RecordsGone;
use App\Http\Requests\ReadingValidator;
use App\Http\Requests\TakesLists;
use App\Models\EntryKind;
use App\Models\Kept\Choices;
use App\Models\Kept\Keeping;
use App\Models\Kept\UsualAir;
use App\Models\LogEntry;
use App\Models\Piece;
use App\Models\PieceState;
use App\Models\StepClock;
use App\Models\User;
use App\Models\Workshop;
use App\Planning\Logbook;
use Illuminate\Database\Eloquent\Attributes\Boot;
use Illuminate\Database\Eloquent\Attributes\Initialize;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Told;

/** What got through once: strange input, races, guessing, other people's demo, a database that is gone. */
final class HardeningTest extends FeatureTestCase
{
    public function test_every_column_that_holds_json_has_a_type(): void
    {
        $models = 0;
        foreach ((array) glob(app_path('Models/*.php')) as $file) {
            $class = 'App\\Models\\'.basename((string) $file, '.php');
            if (is_subclass_of($class, Model::class) && ! (new \ReflectionClass($class))->isAbstract()) {
                $untyped = ['array', 'json', 'object', 'collection'];
                self::assertSame([], array_intersect((new $class)->getCasts(), $untyped), $class);
                $models++;
            }
        }
        self::assertGreaterThan(14, $models);
    }

    public function test_a_field_takes_several_values_only_where_its_form_says_so(): void
    {
        $this->actingAs($this->wren);
        $forms = 0;
        $piece = $this->bowl();
        $route = Route::getRoutes()->match(Request::create(route('pieces.shape', $piece)));
        $route->setParameter('piece', $piece);
        foreach ((array) glob(app_path('Http/Requests/*.php')) as $file) {
            $class = 'App\\Http\\Requests\\'.basename((string) $file, '.php');
            if (! is_subclass_of($class, FormRequest::class) || (new \ReflectionClass($class))->isAbstract()) {
                continue;
            }
            $form = new $class;
            $form->setUserResolver(fn (): User => $this->wren);
            $form->setRouteResolver(fn (): \Illuminate\Routing\Route => $route);
            $rules = app()->call([$form, 'rules']);
            $several = array_filter(
                array_keys($rules), fn (string $field): bool => str_contains($field, '.')
                    || in_array('array', (array) $rules[$field], true),
            );
            self::assertEqualsCanonicalizing(
                array_values(array_unique(array_map(fn (string $field): string => explode('.', $field)[0], $several))),
                is_subclass_of($class, TakesLists::class) ? $class::lists() : [], $class,
            );
            $forms++;
        }
        self::assertGreaterThan(40, $forms);
        $this->put('/shop', ['name' => ['a', 'b']])->assertSessionHasErrors([
            'name' => 'Name cannot be read: it came as a list; it takes one value.',
        ]);
    }

    public function test_a_model_begins_as_the_framework_would_begin_it(): void
    {
        $plain = new class extends Model
        {
        };
        $begun = (new \ReflectionProperty(Model::class, 'traitInitializers'))->getValue();
        self::assertSame($begun[$plain::class], Keeping::INITIALIZERS);
        $kept = 0;
        foreach (File::files(app_path('Models')) as $file) {
            $class = 'App\\Models\\'.$file->getBasename('.php');
            if (! is_subclass_of($class, Keeping::class)) {
                continue;
            }
            $kept++;
            self::assertSame(class_uses_recursive(Model::class), class_uses_recursive($class), $class);
            foreach ((new \ReflectionClass($class))->getMethods() as $method) {
                self::assertSame([], [
                    ...$method->getAttributes(Boot::class), ...$method->getAttributes(Initialize::class),
                ], "$class::{$method->getName()}");
            }
        }
        self::assertGreaterThan(12, $kept);
    }

    public function test_a_column_reads_as_what_stands_in_it_now_and_a_date_that_is_handed_out_stays_as_it_was(): void
    {
        $piece = $this->bowl();
        $due = $piece->due_at?->copy();
        self::assertNotNull($due);
        $piece->due_at?->addDay();
        self::assertEquals($due, $piece->due_at, 'who moves a date moves one of its own');
        $piece->due_at = $due->copy()->addWeek();
        self::assertEquals($due->copy()->addWeek(), $piece->due_at);
        $piece->state = PieceState::Done;
        self::assertSame(PieceState::Done, $piece->state);
        self::assertSame(PieceState::Working, $piece->refresh()->state);
        self::assertEquals($due, $piece->due_at);
        Piece::whereKey($piece->id)->update(['name' => 'Another', 'due_at' => null]);
        self::assertSame('Another', $piece->refresh()->name);
        self::assertNull($piece->due_at);
        self::assertSame($piece->document, $piece->document, 'read once');
    }

    public function test_no_class_of_the_application_asks_the_container_by_name(): void
    {
        foreach (File::allFiles(app_path()) as $file) {
            // The two functions that say a line are how a framework's helpers are.
            if ($file->getFilename() !== 'helpers.php') {
                self::assertDoesNotMatchRegularExpression(
                    '/(?<![\w>:$])(app|resolve)\(|App::make\(/', $file->getContents(), $file->getFilename(),
                );
            }
        }
    }

    public function test_a_note_is_written_once_however_often_it_is_sent_and_only_about_the_step_that_was_read(): void
    {
        $step = $this->step($this->bowl(), 'body/mount');
        foreach ([1, 2] as $time) {
            $this->post(
                route('steps.note', $step), ['body' => 'Torn by the rim.', 'once' => 'k1', 'read' => $step->mark()],
            )->assertSessionHas('said', 'Noted.');
            $this->post(
                route('pieces.record', $step->piece), ['body' => 'Weighed.', 'once' => 'k2'],
            )->assertSessionHas('said', 'Noted.');
            $this->post('/log', ['body' => 'Heater on.', 'once' => 'k3'])->assertSessionHas('said', 'Noted.');
        }
        self::assertSame(
            ['Torn by the rim.', 'Weighed.', 'Heater on.'],
            $this->shop->logEntries()->orderBy('id')->pluck('body')->all(),
        );
        foreach ([
            'note' => ['body' => 'x'], 'wrong' => ['fault_kind' => 'crack', 'fault_on' => 'outer'],
            'skip' => ['reason' => 'x'], 'start' => [],
        ] as $what => $form) {
            $this->post(route("steps.$what", $step), $form + ['read' => 'another'])->assertSessionHasErrors('step');
        }
        self::assertSame(3, $this->shop->logEntries()->count());
        foreach (['/bench', '/log', route('pieces.record', $step->piece)] as $page) {
            $this->get($page)->assertSee('name="once"', false);
        }
    }

    public function test_a_change_waits_its_turn_for_as_long_as_the_one_before_takes(): void
    {
        foreach (['holds', 'waits'] as $name) {
            config(["database.connections.$name" => config('database.connections.mariadb')]);
        }
        [$holds, $waits, $usual] = [DB::connection('holds'), DB::connection('waits'), DB::getDefaultConnection()];
        $shop = Workshop::on('holds')->create(['name' => 'Sluice Row', 'time_zone' => 'UTC']);
        try {
            $holds->beginTransaction();
            $holds->table('workshops')->where('id', $shop->id)->lockForUpdate()->first();
            DB::setDefaultConnection('waits');
            $asked = 0;
            $waits->beforeExecuting(function (string $query) use (&$asked, $holds): void {
                $asked += str_contains($query, 'for update') ? 1 : 0;
                $asked === 3 && $holds->transactionLevel() > 0 && $holds->rollBack();
            });
            $waits->beginTransaction();
            (new Workshop)->forceFill(['id' => $shop->id])->lock();
            self::assertSame(3, $asked);
        } finally {
            DB::setDefaultConnection($usual);
            $waits->rollBack();
            $holds->rollBack();
            $holds->table('workshops')->where('id', $shop->id)->delete();
        }
    }

    /** @param  array<string, mixed>  $query */
    #[DataProvider('strangeQueries')]
    public function test_a_list_or_broken_text_in_an_address_is_answered_in_words(string $path, array $query): void
    {
        $this->get($path.'?'.http_build_query($query))->assertStatus(422)->assertSee('cannot be read');
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function strangeQueries(): iterable
    {
        yield 'a list of searches' => ['/pieces', ['q' => ['a', 'b']]];
        yield 'a list of forms' => ['/pieces/create', ['form' => ['vase']]];
        yield 'a list of tins' => ['/shelf/tin', ['product' => ['x']]];
        yield 'no UTF-8' => ['/pieces', ['q' => "\xFF\xFE"]];
        yield 'a control character' => ['/pieces', ['q' => "a\x07b"]];
        yield 'a list of pages' => ['/weeks', ['page' => ['1' => ['2']]]];
    }

    /** @param  array<string, mixed>  $typed */
    #[DataProvider('strangeForms')]
    public function test_strange_forms_are_refused_at_their_field_and_the_next_page_still_opens(
        string $path,
        array $typed,
        string $field,
    ): void {
        $piece = $this->bowl();
        $path = str_replace('{piece}', (string) $piece->id, $path);
        $back = "/pieces/$piece->id/marks";
        $this->from($back)->post($path, $typed)->assertRedirect($back)->assertSessionHasErrors($field);
        foreach ([$back, '/pieces/create', '/bench', '/shop', "/pieces/$piece->id/surface"] as $page) {
            $this->get($page)->assertOk();
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function strangeForms(): iterable
    {
        yield 'a list where a mark begins' => [
            '/pieces/{piece}/marks', [
                'version' => 1, 'technique' => 'dye', 'on' => 'outer', 'from' => ['1'], 'to' => '9',
            ],
            'from',
        ];
        yield 'a list for a name' => ['/pieces', ['name' => ['x']], 'name'];
        yield 'a note of broken text' => ['/log', ['body' => "\xFF"], 'body'];
        yield 'a bell in a name' => ['/pieces', ['name' => "Ebb\x07bowl"], 'name'];
        yield 'lists within lists' => [
            '/pieces/{piece}/surface',
            [
                '_method' => 'put', 'version' => 1, 'tool_mark_um' => ['outside' => '80'],
                'own' => ['outside' => [['P80']]],
            ], 'own',
        ];
    }

    public function test_even_signing_in_with_a_list_is_answered(): void
    {
        Auth::logout();
        $this->from('/sign-in')->post(
            '/sign-in', ['email' => ['a@b.example'], 'password' => 'x'],
        )->assertRedirect('/sign-in')->assertSessionHasErrors('email');
        $this->get('/sign-in')->assertOk();
    }

    /** @param  callable(array<string, mixed>): array<string, mixed>  $change */
    #[DataProvider('strangeDocuments')]
    public function test_a_file_with_impossible_dates_or_names_is_refused(callable $change, string $says): void
    {
        $file = \Illuminate\Http\UploadedFile::fake()->createWithContent(
            'piece.json',
            (string) json_encode($change($this->bowl()->document->fields()), JSON_INVALID_UTF8_SUBSTITUTE),
        );
        $this->from('/pieces')->post('/pieces/import', ['file' => $file])->assertRedirect('/pieces');
        self::assertStringContainsString($says, implode(' ', session('errors')->all()));
        self::assertSame(1, $this->shop->pieces()->count());
    }

    /** @return iterable<string, array{callable(array<string, mixed>): array<string, mixed>, string}> */
    public static function strangeDocuments(): iterable
    {
        yield 'due before there were calendars' => [
            fn (array $d): array => ['due_at' => '0001-01-01T00:00:00Z'] + $d, 'a time from 1970',
        ];
        yield 'due at the end of them' => [
            fn (array $d): array => ['due_at' => '9999-12-31T23:59:59Z'] + $d, 'a time from 1970',
        ];
        yield 'an escape in its name' => [
            fn (array $d): array => ['name' => "Ebb\x1b[31mbowl"] + $d, 'one line without control characters',
        ];
        yield 'two lines for a name' => [fn (array $d): array => ['name' => "Ebb\nbowl"] + $d, 'one line'];
    }

    public function test_a_step_is_not_done_before_the_year_2000_nor_in_the_future(): void
    {
        $step = $this->step($this->bowl(), 'body/mount');
        foreach (['0001-01-01T00:00', '1999-06-01T10:00', '2039-01-01T10:00'] as $at) {
            $this->post(route('steps.done', $step), ['at' => $at])->assertSessionHasErrors('at');
        }
        self::assertSame(0, $this->shop->logEntries()->count());
    }

    public function test_the_minute_that_is_offered_is_taken(): void
    {
        $piece = $this->bowl();
        Carbon::setTestNow('2026-12-01 09:00:40');
        $this->work($piece, 'body/mount');
        // The field of the next step offers 09:00, forty seconds before the step it follows.
        $this->post(
            route('steps.done', $this->step($piece, 'body.outside/sand')), ['at' => '2026-12-01T09:00'],
        )->assertSessionHasNoErrors();
        $this->post(
            route('steps.done', $this->step($piece, 'body.rim/sand')), ['at' => '2026-12-01T08:59'],
        )->assertSessionHasErrors('at');
    }

    public function test_a_page_that_showed_another_step_logs_nothing(): void
    {
        $piece = $this->bowl();
        $step = $this->step($piece, 'body.outside/sand');
        $read = $step->mark();
        $this->work($piece, 'body/mount');
        $this->put(
            route('pieces.surface', $piece), ['version' => 1, 'tool_mark_um' => ['outside' => '250']],
        )->assertSessionHasNoErrors();
        self::assertNotEquals($step->title, $step->refresh()->title, 'the ladder has changed');
        $this->post(route('steps.done', $step), ['read' => $read])->assertSessionHasErrors('step');
        $this->post(route('steps.done', $step), ['read' => $step->mark()])->assertSessionHasNoErrors();
        $this->get('/bench')->assertSee('name="read"', false);
    }

    public function test_the_step_before_is_asked_for_with_the_lock_held(): void
    {
        $piece = $this->bowl();
        $this->work($piece, 'body/mount');
        $undone = false;
        // Between looking the step up and locking the shop, another session takes the step before back.
        LogEntry::creating(function (LogEntry $entry) use (&$undone): void {
            self::assertTrue(
                $entry->kind !== EntryKind::Done || ! $undone,
                'a step was logged after the one before it was taken back',
            );
        });
        Workshop::retrieved(function () use (&$undone, $piece): void {
            if (! $undone) {
                $undone = true;
                app(Logbook::class)->undo(
                    LogEntry::query()->where(['piece_id' => $piece->id, 'step' => 'hold'])->firstOrFail(), $this->wren,
                );
            }
        });
        $this->post(route('steps.done', $this->step($piece, 'body.outside/sand')));
        Workshop::flushEventListeners();
        LogEntry::flushEventListeners();
        self::assertTrue($undone);
        self::assertSame(0, LogEntry::query()->where('step', 'body.outside/sand')->count());
    }

    public function test_a_clock_left_running_over_an_undo_or_a_night_is_not_counted(): void
    {
        $piece = $this->bowl();
        $step = $this->step($piece, 'body/mount');
        $this->post(route('steps.start', $step));
        Carbon::setTestNow('2026-12-01 09:12:00');
        self::assertNotNull(StepClock::of($step)->since);
        $this->work($piece, 'body/mount');
        $entry = $this->shop->logEntries()->where('kind', 'done')->firstOrFail();
        self::assertSame(12.0, $entry->minutes);
        $this->post(route('log.undo', $entry))->assertSessionHasNoErrors();
        Carbon::setTestNow('2026-12-02 10:00:00');
        self::assertNull(StepClock::of($step)->since);
        $this->work($piece, 'body/mount');
        self::assertNull($this->shop->logEntries()->where('kind', 'done')->latest('id')->firstOrFail()->minutes);
        $next = $this->step($piece, 'body.outside/sand');
        $this->post(route('steps.start', $next));
        Carbon::setTestNow('2026-12-03 10:00:00');
        self::assertNull(StepClock::of($next)->since, 'nobody sands for a day');
    }

    public function test_one_form_makes_one_piece_however_often_it_is_sent(): void
    {
        $form = [
            'form' => 'shallow-bowl', 'diameter' => '260', 'height' => '70', 'foot' => '90', 'wall' => '7',
            'wood' => 'Ash (white)', 'grain' => 'side', 'moisture' => '9', 'name' => 'Ebb bowl', 'purpose' => 'handled',
        ];
        foreach ([1, 2, 3] as $time) {
            $this->post(
                '/pieces', $form + ['once' => str_repeat('a', 32)],
            )->assertSessionHasNoErrors()->assertRedirect();
        }
        self::assertSame(1, $this->shop->pieces()->count());
        $this->post('/pieces', $form + ['once' => str_repeat('b', 32)]);
        self::assertSame(2, $this->shop->pieces()->count());
        $piece = $this->shop->pieces()->firstOrFail();
        foreach ([1, 2] as $time) {
            $this->post(route('pieces.copy', $piece), ['once' => str_repeat('c', 32)]);
        }
        $this->post(route('pieces.copy', $piece));
        self::assertSame(
            ['Ebb bowl', 'Ebb bowl', 'Ebb bowl 2', 'Ebb bowl 3'],
            $this->shop->pieces()->orderBy('name')->pluck('name')->all(),
        );
        $this->get('/pieces/create')->assertSee('name="once"', false);
    }

    public function test_two_owners_cannot_take_each_other_out(): void
    {
        $other = $this->shop->users()->create(
            [
                'name' => 'Idris', 'email' => 'idris@example.test', 'password' => 'lapwing-on-the-slip',
                'role' => 'owner',
            ],
        );
        // The other has already taken us out, in a session that got the lock first.
        $done = false;
        Workshop::retrieved(function () use (&$done): void {
            if (! $done) {
                $done = true;
                User::query()->whereKey($this->wren->id)->delete();
            }
        });
        $this->delete(route('people.destroy', $other->id))->assertSessionHasErrors('person');
        Workshop::flushEventListeners();
        self::assertTrue($other->refresh()->exists);
    }

    public function test_look_alike_addresses_neither_sign_in_nor_escape_the_throttle(): void
    {
        Auth::logout();
        $this->post(
            '/sign-in', ['email' => 'wrén@example.test', 'password' => 'lapwing-on-the-slip'],
        )->assertSessionHasErrors('email');
        self::assertFalse(Auth::check());
        foreach ([
            'wren@example.test', 'WREN@example.test', 'wrén@example.test', 'ｗren@example.test', 'wrèn@example.test',
            'Wren@example.test',
        ] as $email) {
            $last = $this->post('/sign-in', ['email' => $email, 'password' => 'wrong']);
        }
        $last->assertStatus(429);
    }

    public function test_an_unknown_address_costs_a_hash_as_a_known_one_does(): void
    {
        Auth::logout();
        Hash::shouldReceive('check')->once()->andReturnFalse();
        Hash::shouldReceive('make')->andReturn('$2y$04$abcdefghijklmnopqrstuuA1b2c3d4e5f6g7h8i9j0k1l2m3n4o5p6');
        $this->post(
            '/sign-in', ['email' => 'nobody@example.test', 'password' => 'wrong'],
        )->assertSessionHasErrors('email');
    }

    public function test_the_password_page_cannot_be_guessed_on(): void
    {
        for ($i = 0; $i < 6; $i++) {
            $last = $this->put(
                '/password',
                [
                    'current_password' => "guess $i", 'password' => 'heron-on-the-wharf',
                    'password_confirmation' => 'heron-on-the-wharf',
                ],
            );
        }
        $last->assertStatus(429);
    }

    public function test_each_visitor_has_a_demo_of_their_own_made_for_them_and_swept_in_time(): void
    {
        app(DemoWorkshop::class)->run();
        Auth::logout();
        $this->post('/demo')->assertRedirect('/bench');
        $first = Auth::user()?->workshop_id;
        $this->get('/bench')->assertOk();
        $this->get('/pieces')->assertSee('Ebb bowl');
        Auth::logout();
        $this->post('/demo');
        self::assertNotSame($first, Auth::user()?->workshop_id);
        $this->put('/password', ['current_password' => 'x', 'password' => 'y'])->assertSessionHasErrors();

        Carbon::setTestNow(now()->addHours(20));
        $this->get('/bench');
        Carbon::setTestNow(now()->addHours(5));
        self::assertSame(1, app(Visits::class)->sweep(10), 'the one that was looked at five hours ago stays');
        self::assertNull(Workshop::query()->find($first));
        self::assertSame(1, Workshop::query()->where('is_demo', true)->count());
    }

    public function test_the_shared_sign_in_of_the_demo_can_lock_nobody_out(): void
    {
        app(DemoWorkshop::class)->run();
        $wren = User::query()->where('email', DemoWorkshop::EMAIL)->firstOrFail();
        $this->actingAs($wren);
        $this->put(
            '/password',
            [
                'current_password' => DemoWorkshop::PASSWORD, 'password' => 'heron-on-the-wharf',
                'password_confirmation' => 'heron-on-the-wharf',
            ],
        )->assertForbidden();
        $idris = $wren->workshop->users()->where('role', 'maker')->firstOrFail();
        $this->delete(route('people.destroy', $idris))->assertForbidden();
        $this->get('/shop/you/sign-in')->assertOk()->assertSee('stay as they are');
        $this->get('/shop/hands')->assertOk()->assertSee('Idris')->assertDontSee('Take out');
    }

    public function test_a_form_from_another_site_is_refused_and_back_never_leads_there(): void
    {
        $this->post('/log', ['body' => 'x'], ['Origin' => 'http://elsewhere.example'])->assertForbidden();
        $this->post('/log', ['body' => 'x'], ['Sec-Fetch-Site' => 'cross-site'])->assertForbidden();
        $this->post('/log', ['body' => ''], ['Referer' => 'http://elsewhere.example/trap']);
        self::assertSame(0, $this->shop->logEntries()->count());
        $this->post('/log', ['body' => 'x'], ['Referer' => 'http://elsewhere.example/trap'])->assertRedirect();
        self::assertStringNotContainsString(
            'elsewhere',
            (string) $this->post(
                '/log', ['body' => 'y'], ['Referer' => 'http://elsewhere.example/trap'],
            )->headers->get('Location'),
        );
    }

    public function test_who_only_looks_leaves_no_session_behind(): void
    {
        Auth::logout();
        config(['session.driver' => 'file']);
        $this->get('/sign-in')->assertOk();
        self::assertSame('array', config('session.driver'));
        config(['session.driver' => 'file']);
        $this->withUnencryptedCookie((string) config('session.cookie'), Str::random(40))->get('/sign-in');
        self::assertSame('file', config('session.driver'));
    }

    public function test_nothing_is_served_from_storage(): void
    {
        self::assertSame(
            [],
            array_values(
                array_filter(
                    array_map(fn ($route): string => $route->uri(), iterator_to_array(Route::getRoutes())),
                    fn (string $uri): bool => str_starts_with($uri, 'storage'),
                ),
            ),
        );
    }

    public function test_a_database_that_is_gone_gets_a_page_that_says_when_to_come_back(): void
    {
        $gone = new \PDOException('SQLSTATE[HY000] [2002] Connection refused');
        self::assertTrue(RecordsGone::caused($gone));
        self::assertFalse(RecordsGone::caused(new \PDOException('SQLSTATE[42S22]: Column not found')));
        Route::get('gone', fn () => throw $gone);
        $this->get('/gone')
            ->assertStatus(503)
            ->assertHeader('Retry-After', '5')
            ->assertSee('do not answer')
            ->assertDontSee('SQLSTATE');
        $this->getJson('/gone')->assertStatus(503)->assertHeader('Retry-After', '5');
    }

    public function test_a_plan_from_the_future_is_made_again(): void
    {
        $this->bowl();
        $this->shop->refresh()->update(['planned_at' => now()->addDay()]);
        $this->get('/bench');
        self::assertTrue($this->shop->refresh()->planned_at?->lte(now()));
    }

    public function test_lengths_may_be_typed_as_on_a_rule(): void
    {
        self::assertSame(
            [0.625, 1.5, 1.5, 3.25, 2.75],
            array_map(
                fn (string $text): ?float => ReadingValidator::number($text, true),
                ['5/8', '1 1/2', '1-1/2', '3.25"', '2 3/4 in'],
            ),
        );
        self::assertSame(
            [null, null, null, null, null], array_map(
                fn (mixed $text): ?float => ReadingValidator::number($text, false),
                ['1/0', 'wide', ['5/8'], '12', '3.25"'],
            ),
        );
        $this->wren->update(['preferences' => new Choices(['units' => 'imperial'])]);
        $this->get('/pieces/create')->assertSee('value="10.25"', false)->assertDontSee('10.2362');
        $this->post(
            '/pieces',
            [
                'form' => 'shallow-bowl', 'diameter' => '10 1/4', 'height' => '2 3/4', 'foot' => '3-1/2',
                'wall' => '5/16', 'wood' => 'Ash (white)', 'grain' => 'side', 'moisture' => '9', 'name' => 'Ebb bowl',
                'purpose' => 'handled',
            ],
        )->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(260.35, $this->shop->pieces()->firstOrFail()->diameter_mm, 0.1);
    }

    public function test_a_spindle_takes_the_sizes_it_is_offered(): void
    {
        $sizes = \HonestGrain\Geometry\Form::Spindle->sizes();
        $this->post(
            '/pieces',
            [
                'form' => 'spindle', 'diameter' => $sizes['diameter_mm'], 'height' => $sizes['height_mm'],
                'foot' => $sizes['foot_mm'], 'wall' => $sizes['wall_mm'], 'wood' => 'Ash (white)', 'grain' => 'end',
                'moisture' => '9', 'name' => 'Curlew spindle', 'purpose' => 'handled',
            ],
        )->assertSessionHasNoErrors();
    }

    public function test_a_refusal_stands_at_its_field_and_the_top_of_the_page_links_there(): void
    {
        $piece = $this->bowl();
        $page = fn (string $url): string => (string) $this->get($url)->assertOk()->getContent();
        $this->from(route('pieces.surface', $piece))->put(
            route('pieces.surface', $piece), [
                'version' => 1, 'tool_mark_um' => ['outside' => '80'], 'own' => ['outside' => 'P81'],
            ],
        );
        $shown = $page(route('pieces.surface', $piece));
        self::assertSame(2, substr_count($shown, 'P81&quot;; it takes'));
        self::assertSame(1, preg_match('~<a href="#refused-own-outside">[^<]*P81~', $shown));
        self::assertSame(1, preg_match('~<em[^>]*id="refused-own-outside"~', $shown));
        $this->from('/pieces/create')->post('/pieces', ['name' => '']);
        $shown = $page('/pieces/create');
        self::assertSame(2, substr_count($shown, 'Name is empty'));
        self::assertSame(1, substr_count($shown, 'id="refused-name"'));
    }

    public function test_a_piece_that_goes_against_itself_has_no_date_and_weeks_says_so(): void
    {
        $piece = $this->bowl();
        self::assertNotNull($piece->ready_at);
        $this->get('/weeks')->assertSee('The 1 piece in work will be done in time');
        $this->put(
            route('pieces.coats', $piece),
            ['version' => 1, 'do' => 'add', 'plan' => $this->planId($piece, 0), 'product' => 'Paste wax'],
        );
        $this->put(
            route('pieces.coats', $piece),
            ['version' => 2, 'do' => 'add', 'plan' => $this->planId($piece, 0), 'product' => 'Oil-varnish blend'],
        )->assertSessionHasNoErrors();
        self::assertNull($piece->refresh()->ready_at);
        $this->get('/weeks')->assertSee('The piece in work has no date')->assertDontSee('done in time');
        $this->get(route('pieces.route', $piece))->assertOk()->assertSee('not planned');
    }

    public function test_a_due_date_on_a_closed_day_says_when_hands_must_be_off(): void
    {
        $piece = $this->bowl(['due_at' => '2026-12-20T17:00:00Z']);
        $this->get(route('pieces.route', $piece))->assertSee(
            'The shop is closed on the day it is due: the last hands-on time before is Sat 19 Dec until 13:00.',
        );
    }

    public function test_a_cold_shop_says_which_temperature_and_since_when(): void
    {
        $piece = $this->bowl();
        $this->work($piece, 'body/mount');
        $this->shop->refresh()->update(
            [
                'climate' => new UsualAir(
                    dayC: 6.0, dayRh: 50.0, nightC: 4.0, nightRh: 60.0, dayFrom: 8, dayTo: 18,
                ),
            ],
        );
        $this->post('/shelf/abrasives', ['grit' => 'P220']);
        $said = Told::all(array_column($piece->refresh()->conflicts, 'message'));
        self::assertStringContainsString('is below the product\'s least 10 °C', $said);
        self::assertStringContainsString('It has waited since Tue 1 Dec 09:00', $said);
    }
}
