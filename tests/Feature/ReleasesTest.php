<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demo\DemoWorkshop;
use App\Models\PlannedStep;
use App\Models\User;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;

/** The data of every release comes up to this one with nothing lost, and is worked on as before. */
final class ReleasesTest extends TestCase
{
    private const FOLDER = __DIR__.'/../Releases';

    /** What is made anew, or ends by itself. */
    private const PASSING = ['migrations', 'cache', 'cache_locks', 'jobs', 'failed_jobs', 'sessions'];

    private string $usual;

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-12-02 09:00:00');
        $this->usual = DB::connection()->getDatabaseName();
        $database = $this->usual.'_release';
        DB::statement("drop database if exists `$database`");
        DB::statement("create database `$database` character set utf8mb4");
        $this->turnTo($database);
    }

    protected function tearDown(): void
    {
        DB::statement('drop database `'.DB::connection()->getDatabaseName().'`');
        $this->turnTo($this->usual);
        Carbon::setTestNow();
        parent::tearDown();
    }

    /** @return array<string, array{string}> */
    public static function releases(): array
    {
        $files = glob(self::FOLDER.'/*.sql.gz') ?: [];

        return array_combine(
            array_map(fn (string $file): string => basename($file, '.sql.gz'), $files),
            array_map(fn (string $file): array => [$file], $files),
        );
    }

    #[DataProvider('releases')]
    public function test_its_data_is_brought_on_whole_and_worked_on(string $file): void
    {
        $this->load($file);
        $before = $this->kept();
        self::assertGreaterThan(1000, array_sum($before));
        $named = DB::table('pieces')->orderBy('id')->pluck('name', 'id')->all();
        $logged = DB::table('log_entries')->orderBy('id')->pluck('happened_at', 'id')->all();
        $this->artisan('migrate', ['--force' => true])->assertSuccessful();
        self::assertSame($before, array_intersect_key($this->kept(), $before));
        self::assertSame($named, DB::table('pieces')->orderBy('id')->pluck('name', 'id')->all());
        self::assertSame($logged, DB::table('log_entries')->orderBy('id')->pluck('happened_at', 'id')->all());

        $this->post('/sign-in', ['email' => DemoWorkshop::EMAIL, 'password' => DemoWorkshop::PASSWORD])
            ->assertRedirect('/bench');
        $wren = User::query()->where('email', DemoWorkshop::EMAIL)->firstOrFail();
        foreach (['/bench', '/pieces', '/weeks', '/rack', '/shelf', '/lab', '/log', '/shop'] as $page) {
            $this->get($page)->assertOk();
        }
        foreach ($wren->workshop->pieces as $piece) {
            foreach (['shape', 'surface', 'marks', 'coats', 'route', 'record'] as $of) {
                $this->get("/pieces/$piece->id/$of")->assertOk();
            }
        }
        $step = PlannedStep::query()->where(['workshop_id' => $wren->workshop_id, 'state' => 'open'])
            ->whereNull('opens_at')->orderBy('position')->firstOrFail();
        $this->post("/steps/$step->id/note", ['body' => 'Written by the release after it'])->assertSessionHasNoErrors();
        $this->get('/log')->assertSee('Written by the release after it');
    }

    /** Whoever brings a release out keeps what its data looked like (tests/Releases/README.md). */
    public function test_every_release_that_was_brought_out_is_among_them(): void
    {
        preg_match_all('/^## (\d+\.\d+)/m', (string) file_get_contents(base_path('CHANGELOG.md')), $told);
        self::assertSame(config('app.version'), $told[1][0], 'the newest in CHANGELOG.md is this one');
        self::assertSame([], array_diff(array_slice($told[1], 1), array_keys(self::releases())));
    }

    private function load(string $file): void
    {
        $of = DB::connection()->getConfig();
        $load = new Process(
            ['mariadb', '--no-defaults', "-h{$of['host']}", "-P{$of['port']}", "-u{$of['username']}", $of['database']],
            env: ['MYSQL_PWD' => $of['password']],
            input: "set foreign_key_checks = 0, sql_mode = 'NO_AUTO_VALUE_ON_ZERO';\n"
                .gzdecode((string) file_get_contents($file)),
        );
        $load->mustRun();
    }

    /** @return array<string, int> rows by table */
    private function kept(): array
    {
        $tables = array_column(Schema::getTables(Schema::getCurrentSchemaName()), 'name');
        $rows = [];
        foreach (array_diff($tables, self::PASSING) as $table) {
            $rows[$table] = DB::table($table)->count();
        }

        return $rows;
    }

    private function turnTo(string $database): void
    {
        config(['database.connections.mariadb.database' => $database]);
        DB::purge();
    }
}
