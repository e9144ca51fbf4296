<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Database\PatientConnection;
use App\Http\RecordsGone;
use App\Http\WholeSessions;
use App\Models\Workshop;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Session;
use Illuminate\View\ViewException;
use mysqli;
use PDO;
use PDOException;
use RuntimeException;

/** Two changes that meet in the database: what it rolled back is done once more, whole and once. */
final class CollisionTest extends TestCase
{
    /** More rows than ours: the database rolls back whoever has done less. */
    private const OTHERS_ROWS = 40;

    private Workshop $ours;

    private Workshop $theirs;

    /** @var array{int, int} the first and the last of the other rows */
    private array $more;

    private mysqli $other;

    protected function setUp(): void
    {
        parent::setUp();
        $this->artisan('migrate');
        Workshop::query()->where('name', 'like', 'Collision%')->delete();
        $this->ours = Workshop::create(['name' => 'Collision, ours'])->refresh();
        $this->theirs = Workshop::create(['name' => 'Collision, theirs'])->refresh();
        $more = array_map(
            fn (): int => Workshop::create(['name' => 'Collision, more'])->id, range(1, self::OTHERS_ROWS),
        );
        $this->more = [min($more), max($more)];
        $of = DB::connection()->getConfig();
        $this->other = new mysqli($of['host'], $of['username'], $of['password'], $of['database'], (int) $of['port']);
    }

    protected function tearDown(): void
    {
        $this->other->close();
        Workshop::query()->where('name', 'like', 'Collision%')->delete();
        parent::tearDown();
    }

    public function test_what_was_rolled_back_is_done_again_and_counts_once(): void
    {
        $begun = 0;
        $this->standInTheWay();
        DB::transaction(function () use (&$begun): void {
            if (++$begun === 2) {
                $this->endTheOther();
            }
            $this->ours->update(['name' => 'Collision, renamed', 'spare_chucks' => $this->ours->spare_chucks + 1]);
            DB::transaction(function (): void {
                $this->ours->increment('version');
                $made = $this->ours->abrasives()->make(['grit' => 'P120', 'discs' => 3]);
                $made->save();
            });
            $begun === 1 ? $this->other->query($this->renaming($this->ours->id), MYSQLI_ASYNC) : null;
            $this->theirs->update(['name' => 'Collision, reached']);
        });
        self::assertSame(2, $begun, 'the first one was rolled back');
        $stands = Workshop::query()->findOrFail($this->ours->id);
        self::assertSame('Collision, renamed', $stands->name);
        self::assertSame(1, $stands->spare_chucks);
        self::assertSame(2, $stands->version);
        self::assertSame(1, $stands->abrasives()->count());
        self::assertSame('Collision, reached', $this->theirs->refresh()->name);
    }

    public function test_what_was_made_before_it_is_made_again_with_a_number_of_its_own(): void
    {
        $made = $this->ours->abrasives()->make(['grit' => 'P120', 'discs' => 3]);
        $begun = 0;
        $this->standInTheWay();
        DB::transaction(function () use ($made, &$begun): void {
            ++$begun === 2 ? $this->endTheOther() : null;
            $made->save();
            $this->ours->update(['spare_chucks' => 3]);
            $begun === 1 ? $this->other->query($this->renaming($this->ours->id), MYSQLI_ASYNC) : null;
            $this->theirs->update(['name' => 'Collision, reached']);
        });
        self::assertSame(2, $begun);
        self::assertSame([$made->id], $this->ours->abrasives()->pluck('id')->all());
    }

    public function test_it_is_begun_again_only_so_often_and_then_said_in_words(): void
    {
        $begun = 0;
        try {
            DB::transaction(function () use (&$begun): never {
                $begun++;
                throw self::refusal(1213);
            });
            self::fail('It went on for ever.');
        } catch (PDOException $e) {
            self::assertTrue(RecordsGone::caused($e));
        }
        self::assertSame(PatientConnection::MOST_TRIES, $begun);
    }

    public function test_a_lock_that_does_not_come_free_is_not_waited_for_again(): void
    {
        $begun = 0;
        try {
            DB::transaction(function () use (&$begun): never {
                $begun++;
                throw self::refusal(1205);
            });
        } catch (PDOException $e) {
            self::assertTrue(RecordsGone::caused($e));
        }
        self::assertSame(1, $begun);
    }

    /** One of several databases may lose the others as it commits; the worker that asked for it goes on afterwards. */
    public function test_after_a_commit_that_was_refused_the_next_transaction_can_begin(): void
    {
        $of = DB::connection()->getConfig();
        $dsn = "mysql:host={$of['host']};port={$of['port']};dbname={$of['database']}";
        DB::connection()->setPdo(new class($dsn, $of['username'], $of['password']) extends PDO
        {
            private int $refused = 0;

            public function commit(): bool
            {
                return $this->refused++ > 0 ? parent::commit() : throw CollisionTest::refusal(1180);
            }
        });
        $change = fn () => DB::transaction(fn () => Workshop::query()->whereKey($this->ours->id)->increment('version'));
        try {
            $change();
            self::fail('It was taken.');
        } catch (PDOException $e) {
            self::assertTrue(RecordsGone::caused($e));
        }
        $change();
        DB::purge();
        self::assertSame($this->ours->version + 1, $this->ours->refresh()->version, 'once, not twice');
    }

    public function test_a_database_that_is_gone_while_a_page_is_drawn_is_no_fault_of_the_page(): void
    {
        $e = new ViewException('... (View: bench.blade.php)', previous: self::refusal(2006));
        self::assertTrue(RecordsGone::caused($e));
        self::assertFalse(RecordsGone::caused(new ViewException('x', previous: self::refusal(1062))));
        Route::get('drawn', fn () => throw $e);
        $this->get('/drawn')->assertStatus(503)->assertHeader('Retry-After');
    }

    /** A process that is ended while it writes a session leaves the one before it. */
    public function test_a_session_in_a_file_is_there_whole_or_not_at_all(): void
    {
        $files = new class extends Filesystem
        {
            public function put($path, $contents, $lock = false)
            {
                throw new RuntimeException('A file that is written in place is empty for a moment.');
            }
        };
        $folder = sys_get_temp_dir().'/sessions-'.bin2hex(random_bytes(4));
        mkdir($folder);
        $handler = Session::driver('file')->getHandler();
        self::assertInstanceOf(WholeSessions::class, $handler);
        $whole = new WholeSessions($files, $folder, 60);
        $whole->write('one', 'first');
        $whole->write('one', 'second');
        self::assertSame(['one' => 'second'], [basename((string) glob("$folder/*")[0]) => $whole->read('one')]);
        self::assertSame('0600', substr(sprintf('%o', fileperms("$folder/one")), -4));
        array_map(unlink(...), glob("$folder/*") ?: []);
        rmdir($folder);
    }

    /** Of several databases each knows only what was written on the others, and nothing of their locks. */
    public function test_whoever_has_a_workshop_for_themselves_writes_that_down(): void
    {
        $turns = $this->ours->turns;
        DB::transaction(fn () => $this->ours->lock());
        self::assertSame($turns + 1, $this->ours->refresh()->turns);
    }

    /** One that is only worked out for its index is worked out again as old rows are cleared away, which may fail. */
    public function test_no_column_is_worked_out_for_an_index_alone(): void
    {
        $worked = DB::table('information_schema.columns')->where('table_schema', DB::connection()->getDatabaseName())
            ->where('extra', 'like', '%generated%')->orderBy('column_name')->pluck('extra', 'column_name')->all();
        self::assertSame(['is_sanding' => 'STORED GENERATED', 'pressing_at' => 'STORED GENERATED'], $worked);
    }

    public function test_one_of_several_that_has_lost_the_others_is_no_answer(): void
    {
        self::assertTrue(RecordsGone::caused(self::refusal(1047)));
        self::assertFalse(RecordsGone::caused(self::refusal(1062)));
    }

    public static function refusal(int $code): PDOException
    {
        $refusal = new PDOException('The database refuses.');
        $refusal->errorInfo = ['40001', $code, 'The database refuses.'];

        return $refusal;
    }

    /** Somebody else has written their row, and many more. */
    private function standInTheWay(): void
    {
        $this->other->begin_transaction();
        $this->other->query($this->renaming($this->theirs->id));
        [$first, $last] = $this->more;
        $this->other->query("update workshops set spare_chucks = 2 where id between $first and $last");
    }

    private function endTheOther(): void
    {
        $this->other->reap_async_query();
        $this->other->rollback();
    }

    private function renaming(int $workshop): string
    {
        return "update workshops set name = 'Collision, somebody else' where id = $workshop";
    }
}
