<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Kept\Facts;
use App\Models\Kept\Measured;
use App\People\Leaving;
use App\Pictures\Photos;
use App\Pictures\PhotoStore;
use App\Watch\Doctor;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use Illuminate\Validation\ValidationException;
use League\Flysystem\FilesystemException;

/** Photographs in storage that several servers share: kept there, fetched once, forgotten there. */
final class ObjectStorageTest extends FeatureTestCase
{
    private string $folder;

    /** @var resource */
    private $server;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/objects-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
        $listener = stream_socket_server('tcp://127.0.0.1:0');
        $address = (string) stream_socket_get_name($listener, false);
        fclose($listener);
        $out = ['file', "$this->folder/log", 'a'];
        $this->server = proc_open(
            [PHP_BINARY, '-S', $address, base_path('tests/objects.php')],
            [['file', '/dev/null', 'r'], $out, $out], $pipes, env_vars: ['FOLDER' => $this->folder] + getenv(),
        );
        for ($i = 0; $i < 100 && @stream_socket_client("tcp://$address") === false; $i++) {
            usleep(50_000);
        }
        $this->at("http://$address");
    }

    protected function tearDown(): void
    {
        proc_terminate($this->server);
        proc_close($this->server);
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_a_photograph_is_kept_there_and_seen_from_every_server(): void
    {
        $this->post('/log', ['body' => 'With a photograph', 'photo' => UploadedFile::fake()->image('a.jpg', 60, 40)])
            ->assertSessionHasNoErrors();
        $entry = $this->shop->logEntries()->latest('id')->firstOrFail();
        $name = (string) $entry->facts->measured->photo;
        self::assertFileExists("$this->folder/photographs/{$this->shop->id}%$name.jpg");
        self::assertDirectoryDoesNotExist("$this->folder/copies");
        self::assertSame([$name], app(Photos::class)->all($this->shop->id));
        self::assertGreaterThan(300, app(PhotoStore::class)->bytes($this->shop->id));
        $shown = $this->get("/log/$entry->id/photo")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        self::assertSame(
            file_get_contents("$this->folder/photographs/{$this->shop->id}%$name.jpg"),
            file_get_contents($shown->baseResponse->getFile()->getPathname()),
        );
        // Looked at once more it is not fetched again.
        $asked = substr_count((string) file_get_contents("$this->folder/log"), 'Accepted');
        $this->get("/log/$entry->id/photo")->assertOk();
        self::assertSame($asked, substr_count((string) file_get_contents("$this->folder/log"), 'Accepted'));
        // The clock of a check stands still, that of the disk does not.
        $copies = File::allFiles("$this->folder/copies");
        self::assertTrue(touch($copies[0]->getPathname(), now()->getTimestamp()));
        $this->artisan('kept:prune')->assertSuccessful();
        self::assertCount(1, File::allFiles("$this->folder/copies"));
        $this->travel(2)->days();
        $this->artisan('kept:prune')->assertSuccessful();
        self::assertSame([], File::allFiles("$this->folder/copies"));
        $this->get("/log/$entry->id/photo")->assertOk();
        app(Photos::class)->forgetAll($this->shop->id);
        $this->get("/log/$entry->id/photo")->assertNotFound();
        self::assertSame([], glob("$this->folder/photographs/*"));
    }

    public function test_one_is_forgotten_there_and_what_is_no_name_is_asked_of_nobody(): void
    {
        $photos = app(Photos::class);
        $one = $photos->keep($this->shop, UploadedFile::fake()->image('a.jpg', 60, 40));
        $other = $photos->keep($this->shop, UploadedFile::fake()->image('b.jpg', 60, 40));
        $photos->file($this->shop->id, $one);
        $photos->forget($this->shop->id, $one);
        self::assertNull($photos->file($this->shop->id, $one));
        self::assertNotNull($photos->file($this->shop->id, $other));
        self::assertNull($photos->file($this->shop->id, '../../1/'.$other));
        $photos->forget($this->shop->id, "../{$this->shop->id}/$other");
        self::assertSame([$other], $photos->all($this->shop->id));
    }

    public function test_storage_that_is_gone_costs_the_photograph_and_not_the_page(): void
    {
        $name = app(Photos::class)->keep($this->shop, UploadedFile::fake()->image('a.jpg', 60, 40));
        $entry = $this->shop->logEntries()->create([
            'kind' => 'note', 'happened_at' => now(), 'facts' => new Facts(measured: new Measured(photo: $name)),
        ]);
        $this->at('http://127.0.0.1:9');
        $this->get('/log')->assertOk();
        $this->get("/log/$entry->id/photo")->assertStatus(503)->assertSee('The photographs do not answer');
        $this->getJson("/log/$entry->id/photo")->assertStatus(503)->assertJsonPath(
            'message', 'The storage of the photographs does not answer. Try again in a moment.',
        );
        $this->shop->forceFill(['closes_at' => now()->subHour()])->save();
        try {
            app(Leaving::class)->sweep();
            self::fail('Its photographs would lie there for ever.');
        } catch (FilesystemException) {
            self::assertNotNull($this->shop->fresh());
        }
        try {
            app(Photos::class)->keep($this->shop, UploadedFile::fake()->image('a.jpg', 60, 40));
            self::fail('It was kept nowhere.');
        } catch (ValidationException $e) {
            self::assertArrayHasKey('photo', $e->errors());
        }
        $found = collect(app(Doctor::class)->look())->first(fn ($one): bool => $one->of === 'photographs');
        self::assertFalse($found?->isWell);
    }

    private function at(string $endpoint): void
    {
        config([
            'filesystems.photographs' => 'objects', 'photos.path' => "$this->folder/copies",
            'filesystems.disks.objects.key' => 'a-key', 'filesystems.disks.objects.secret' => 'a-secret',
            'filesystems.disks.objects.bucket' => 'photographs', 'filesystems.disks.objects.endpoint' => $endpoint,
        ]);
        Storage::forgetDisk('objects');
    }
}
