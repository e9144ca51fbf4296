<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Along\Packer;
use App\Along\Shelves;
use App\Along\Unpacker;
use App\Demo\DemoWorkshop;
use App\Models\EntryKind;
use App\Models\User;
use App\Models\Workshop;
use App\Pictures\Photos;
use App\Planning\Planner;
use App\Planning\Refused;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use ZipArchive;

/** A whole workshop in one file, and back from it. */
final class AlongTest extends FeatureTestCase
{
    private const SCHEMA = __DIR__.'/../../docs/formats/workshop.schema.json';

    private string $file;

    protected function setUp(): void
    {
        parent::setUp();
        $this->file = (string) tempnam(sys_get_temp_dir(), 'along-test');
    }

    protected function tearDown(): void
    {
        foreach (glob("$this->file*") ?: [] as $file) {
            unlink($file);
        }
        parent::tearDown();
    }

    public function test_what_was_taken_along_is_the_same_where_it_was_brought(): void
    {
        $demo = $this->demo();
        app(Packer::class)->pack($demo, $this->file);
        $there = $this->emptyShop($demo);
        $counts = app(Unpacker::class)->bring($there, $this->file);
        self::assertSame($demo->pieces()->count(), $counts['pieces']);
        self::assertGreaterThan(0, $counts['photographs']);
        app(Packer::class)->pack($there->refresh(), "$this->file.again");
        $first = self::texts($this->file);
        self::assertGreaterThan(20, count($first));
        // The page of a piece keeps its address where it was first; a photograph is decoded and written anew.
        $but = fn (array $texts): array => array_map(
            fn (string $text): string => (string) preg_replace('/"token":"\w+"/', '', $text), $texts,
        );
        self::assertSame($but($first), $but(self::texts("$this->file.again")));
        self::assertSame(
            app(Photos::class)->all($demo->id),
            app(Photos::class)->all($there->id),
        );
        app(Photos::class)->forgetAll($there->id);
        app(Photos::class)->forgetAll($demo->id);
    }

    public function test_it_works_there_as_it_did_here(): void
    {
        $demo = $this->demo();
        app(Packer::class)->pack($demo, $this->file);
        $there = $this->emptyShop($demo);
        app(Unpacker::class)->bring($there, $this->file);
        app(Planner::class)->plan($demo);
        $states = fn (Workshop $shop): array => $shop->plannedSteps()->join('pieces', 'pieces.id', 'piece_id')
            ->orderBy('pieces.name')->orderBy('step')->get(['pieces.name', 'step', 'planned_steps.state'])
            ->map(fn ($row): string => "$row->name $row->step {$row->state->value}")->all();
        self::assertSame($states($demo), $states($there), 'what is done is done');
        $figures = fn (Workshop $shop): array => $shop->blanks()->orderBy('number')
            ->get(['number', 'drying', 'moisture_percent', 'last_mass_g'])->map->toArray()->all();
        self::assertSame($figures($demo), $figures($there));
        $this->flushSession()->actingAs($there->users()->firstOrFail());
        foreach (['/bench', '/pieces', '/weeks', '/log', '/rack', '/shelf', '/swatches', '/recipes'] as $page) {
            $this->get($page)->assertOk();
        }
        $piece = $there->pieces()->firstOrFail();
        $this->get("/pieces/$piece->id/route")->assertOk();
        $done = $there->logEntries()->where('kind', EntryKind::Done)->whereNotNull('once_key')->firstOrFail();
        self::assertStringStartsWith("$done->piece_id:", (string) $done->once_key, 'it is the same press');
        app(Photos::class)->forgetAll($there->id);
        app(Photos::class)->forgetAll($demo->id);
    }

    public function test_its_schema_is_the_one_that_is_written_down_and_its_files_keep_to_it(): void
    {
        $written = json_decode((string) file_get_contents(self::SCHEMA), true);
        self::assertEquals(json_decode((string) json_encode(Shelves::schema()), true), $written);
        $demo = $this->demo();
        app(Packer::class)->pack($demo, $this->file);
        $validator = new Validator;
        $schema = (object) json_decode((string) file_get_contents(self::SCHEMA));
        $checked = 0;
        $zip = new ZipArchive;
        $zip->open($this->file);
        $texts = ['manifest.json' => (string) $zip->getFromName('manifest.json')] + self::texts($this->file);
        foreach ($texts as $path => $text) {
            $name = basename(basename($path, '.ndjson'), '.json');
            $part = $name === 'people' ? 'person' : $name;
            $of = clone $schema;
            $rows = str_ends_with($path, '.ndjson') ? array_map(json_decode(...), explode("\n", trim($text)))
                : ($name === 'people' ? json_decode($text) : [json_decode($text)]);
            $rule = $name === 'manifest' ? $of : (object) ['$ref' => "#/\$defs/$part", '$defs' => $schema->{'$defs'}];
            foreach (array_slice(array_filter($rows), 0, 40) as $row) {
                $result = $validator->validate($row, $rule);
                self::assertTrue($result->isValid(), "$path: ".json_encode($result->error()?->args()));
                $checked++;
            }
        }
        self::assertGreaterThan(100, $checked);
        app(Photos::class)->forgetAll($demo->id);
    }

    /** Whoever adds a column decides whether it is taken along, or follows from something, or stays. */
    public function test_no_column_of_a_workshop_is_forgotten(): void
    {
        $follows = [
            'pieces' => [
                'name', 'form', 'wood', 'due_at', 'drawing', 'diameter_mm', 'height_mm', 'conflicts', 'ready_at',
                'chance', 'late', 'route_key', 'once_key',
            ],
            'blanks' => [
                'wood', 'form', 'place', 'drawing', 'drying', 'moisture_percent', 'lost_percent', 'week_percent',
                'ready_at', 'ready_from', 'ready_until', 'last_mass_g', 'last_weighed_at', 'may_crack',
            ],
            'workshop' => [
                'is_demo', 'is_visit', 'last_seen_at', 'version', 'planned_version', 'planned_at', 'plan_summary',
                'created_at', 'updated_at', 'closes_at', 'turns',
            ],
            'airs' => ['sensor_key'], 'recipes' => ['once_key'], 'timers' => ['once_key'], 'cups' => ['once_key'],
            'log_entries' => ['is_sanding', 'press'],
        ];
        $taken = [];
        foreach ([Shelves::workshop(), ...Shelves::all()] as $shelf) {
            $table = $shelf->name === 'workshop' ? 'workshops' : $shelf->name;
            $taken[] = $table;
            self::assertSame([], array_values(array_diff(
                Schema::getColumnListing($table), array_keys($shelf->columns), array_keys($shelf->points),
                $follows[$shelf->name] ?? [], [$shelf->by, 'id', 'workshop_id'],
            )), $table);
        }
        $stays = ['users', 'invitations', 'audit_entries', 'planned_steps'];
        $of = array_filter(
            array_column(Schema::getTables(Schema::getCurrentSchemaName()), 'name'),
            fn (string $table): bool => Schema::hasColumn($table, 'workshop_id'),
        );
        self::assertSame([], array_values(array_diff($of, $taken, $stays)));
    }

    public function test_nothing_is_brought_into_a_workshop_with_work_in_it_and_nothing_of_another_is_taken(): void
    {
        $this->bowl(['name' => 'Ebb bowl']);
        $other = $this->makeShop('Heron Wharf', 'nell@example.test');
        $this->bowl(['name' => 'Secret bowl'], $other);
        $zip = $this->get('/shop/along/all.zip')->assertOk()->assertHeader('Content-Type', 'application/zip');
        copy($zip->baseResponse->getFile()->getPathname(), $this->file);
        $all = implode('', self::texts($this->file));
        self::assertStringContainsString('Ebb bowl', $all);
        foreach (['Secret bowl', 'Heron Wharf', 'nell@example.test', $this->wren->password,
            (string) $this->wren->calendar_token] as $secret) {
            self::assertStringNotContainsString($secret, $all);
        }
        $this->post('/shop/along', ['archive' => new UploadedFile($this->file, 'a.zip', test: true)])
            ->assertSessionHasErrors('archive');
        self::assertSame(1, $this->shop->pieces()->count());
    }

    public function test_an_owner_brings_one_by_the_page_and_a_maker_none(): void
    {
        $this->bowl(['name' => 'Ebb bowl']);
        app(Packer::class)->pack($this->shop, $this->file);
        $there = $this->emptyShop($this->shop);
        $maker = $there->users()->create([
            'name' => 'Idris', 'email' => 'idris@example.test', 'password' => 'heron-on-the-wharf', 'role' => 'maker',
        ]);
        $sent = fn (): array => ['archive' => new UploadedFile($this->file, 'a.zip', test: true)];
        $this->flushSession()->actingAs($maker)->post('/shop/along', $sent())->assertForbidden();
        $this->get('/shop/along/all.zip')->assertForbidden();
        $this->flushSession()->actingAs($there->users()->firstOrFail())->post('/shop/along', $sent())
            ->assertRedirect('/pieces');
        $this->get('/pieces')->assertSee('Ebb bowl');
    }

    /** @param  \Closure(array<string, string>): array<string, string>  $change  of its files */
    #[DataProvider('spoilt')]
    public function test_a_file_that_is_not_right_is_refused_by_name_and_changes_nothing(
        \Closure $change,
        string $says,
        bool $isListed = true,
    ): void {
        $this->bowl(['name' => 'Ebb bowl']);
        $this->work($this->shop->pieces()->firstOrFail(), 'body/mount');
        app(Packer::class)->pack($this->shop, $this->file);
        $there = $this->emptyShop($this->shop);
        $abrasives = $there->abrasives()->count();
        self::pack($this->file, $change(self::texts($this->file)), $isListed);
        try {
            app(Unpacker::class)->bring($there, $this->file);
            self::fail('It was taken.');
        } catch (Refused $e) {
            self::assertStringContainsString($says, $this->show()->said($e->why));
        }
        self::assertSame([0, $abrasives, 'Empty'], [
            $there->pieces()->count(), $there->abrasives()->count(), $there->refresh()->name,
        ]);
    }

    /** @return iterable<string, array{\Closure, string, 2?: bool}> */
    public static function spoilt(): iterable
    {
        $in = fn (string $path, string $from, string $to): \Closure => fn (array $texts): array => [
            $path => str_replace($from, $to, $texts[$path]),
        ] + $texts;
        $pieces = 'tables/pieces.ndjson';
        yield 'no list' => [fn (array $texts): array => ['manifest.json' => '{}'] + $texts, 'no workshop', false];
        yield 'another version' => [$in('manifest.json', '"version": 1', '"version": 7'), 'another version', false];
        yield 'a byte of it changed' => [$in($pieces, 'Ebb', 'Abb'), 'pieces.ndjson is not what', false];
        yield 'a file missing' => [
            fn (array $texts): array => array_diff_key($texts, [$pieces => 1]), 'pieces.ndjson is missing',
        ];
        yield 'no row' => [fn (array $texts): array => [$pieces => "nonsense\n"] + $texts, 'line 1 is no row'];
        yield 'a number in words' => [$in($pieces, '"weight":1', '"weight":"much"'), 'line 1: weight cannot'];
        yield 'a state of no kind' => [$in($pieces, '"state":"working"', '"state":"sunk"'), 'line 1: state cannot'];
        yield 'a piece that cannot be' => [$in($pieces, '"side"', '"sideways"'), 'pieces.ndjson, line 1: '];
        yield 'a row that points nowhere' => [
            $in('tables/log_entries.ndjson', '"piece_id":1', '"piece_id":99'), 'piece_id names a row that is not there',
        ];
        yield 'a day that is none' => [
            $in('tables/log_entries.ndjson', '"happened_at":"2026-12-01', '"happened_at":"2026-13-41'), 'happened_at',
        ];
        yield 'two of what there is one of' => [
            fn (array $texts): array => ['tables/abrasives.ndjson' => str_repeat(
                strtok($texts['tables/abrasives.ndjson'], "\n")."\n", 2,
            )] + $texts, 'abrasives.ndjson, line 2 cannot be kept',
        ];
        yield 'hours of no day' => [$in('workshop.json', '"hours":', '"hours": 3, "was":'), 'hours cannot be read'];
    }

    public function test_a_large_one_is_for_no_page(): void
    {
        $this->bowl(['name' => 'Ebb bowl']);
        $this->bowl(['name' => 'Kelp bowl']);
        app(Packer::class)->pack($this->shop, $this->file);
        $there = $this->emptyShop($this->shop);
        $this->expectException(Refused::class);
        app(Unpacker::class)->bring($there, $this->file, 1);
    }

    public function test_it_goes_by_the_command_line_too(): void
    {
        $this->bowl(['name' => 'Ebb bowl']);
        self::assertSame(0, Artisan::call('admin:take', ['workshop' => $this->shop->id, 'file' => $this->file]));
        $there = $this->emptyShop($this->shop);
        $email = (string) $there->users()->value('email');
        self::assertSame(0, Artisan::call('admin:bring', ['file' => $this->file, 'email' => $email]));
        self::assertMatchesRegularExpression('/ 1  pieces/', Artisan::output());
        self::assertSame(1, Artisan::call('admin:bring', ['file' => $this->file, 'email' => $email]));
        self::assertStringContainsString('There is work in this workshop', Artisan::output());
    }

    private function demo(): Workshop
    {
        app(DemoWorkshop::class)->run();
        $demo = User::query()->where('email', DemoWorkshop::EMAIL)->firstOrFail()->workshop;
        // The whole of it under one person, who comes along.
        foreach (['log_entries', 'weighings', 'stock_moves', 'cups'] as $table) {
            DB::table($table)->where('workshop_id', $demo->id)->update(['user_id' => $demo->users()->value('id')]);
        }
        DB::table('workers')->where('workshop_id', $demo->id)->update(['user_id' => null]);

        return $demo;
    }

    /** The same people sign in there: their addresses are given over. */
    private function emptyShop(Workshop $from): Workshop
    {
        $there = Workshop::create(['name' => 'Empty', 'time_zone' => 'UTC'])->refresh();
        $there->abrasives()->create(['grit' => 'P120', 'discs' => 3]);
        foreach ($from->users()->orderBy('id')->get() as $n => $user) {
            $email = $user->email;
            $user->forceFill(['email' => "moved-$n-$email"])->save();
            $there->users()->create([
                'name' => $user->name, 'email' => $email, 'password' => 'lapwing-on-the-slip', 'role' => $user->role,
            ]);
        }

        return $there;
    }

    /** @return array<string, string> what its files hold, photographs and the moment apart */
    private static function texts(string $file): array
    {
        $zip = new ZipArchive;
        $zip->open($file);
        $texts = [];
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $name = (string) $zip->getNameIndex($i);
            if (! str_starts_with($name, 'photographs/')) {
                $texts[$name] = (string) $zip->getFromIndex($i);
            }
        }
        if (isset($texts['manifest.json']) && count($texts) > 20) {
            $texts['manifest.json'] = (string) preg_replace(
                '/"(sha256|bytes)": [^\n]*/', '', $texts['manifest.json'],
            );
        }

        return $texts;
    }

    /** @param  array<string, string>  $texts */
    private static function pack(string $file, array $texts, bool $isListed): void
    {
        $was = new ZipArchive;
        $was->open($file);
        $manifest = json_decode((string) $was->getFromName('manifest.json'), true);
        $was->close();
        $zip = new ZipArchive;
        $zip->open($file, ZipArchive::OVERWRITE);
        $list = str_contains($texts['manifest.json'], '{}') ? [] : ['version' => str_contains(
            $texts['manifest.json'], '"version": 7',
        ) ? 7 : 1] + $manifest;
        unset($texts['manifest.json']);
        foreach ($texts as $path => $text) {
            $zip->addFromString($path, $text);
            if ($isListed) {
                $list['files'][$path] = ['sha256' => hash('sha256', $text), 'bytes' => strlen($text)];
            }
        }
        if ($isListed) {
            $list['files'] = array_intersect_key($list['files'], $texts);
        }
        $zip->addFromString('manifest.json', json_encode((object) $list, JSON_THROW_ON_ERROR));
        $zip->close();
    }
}
