<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demo\Visits;
use App\Models\Blank;
use App\Planning\Rack;
use HonestGrain\Reading\Document;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Sleep;
use PHPUnit\Framework\Attributes\DataProvider;

/** Photographs: what they may cost, what is refused in words, what is kept, and for whom. */
final class PhotographTest extends FeatureTestCase
{
    private Blank $blank;

    protected function setUp(): void
    {
        parent::setUp();
        config(['photos.path' => sys_get_temp_dir().'/honest-grain-photos-'.getmypid()]);
        $this->blank = app(Rack::class)->add($this->shop, Document::of([
            'wood' => 'Ash (white)', 'form' => 'round', 'diameter_mm' => 200, 'length_mm' => 60,
        ]));
    }

    protected function tearDown(): void
    {
        File::deleteDirectory(config('photos.path'));
        File::deleteDirectory(self::sent());
        parent::tearDown();
    }

    /** @param  callable(): string  $bytes */
    #[DataProvider('unfit')]
    public function test_what_costs_too_much_or_is_no_whole_picture_is_refused_in_words_and_never_decoded(
        callable $bytes,
        string $says,
    ): void {
        $this->send($bytes())->assertSessionHasErrors(['photo']);
        self::assertStringContainsString($says, (string) session('errors')->first('photo'));
        self::assertNull($this->blank->refresh()->photo);
        self::assertSame([], $this->kept());
    }

    /** @return iterable<string, array{callable(): string, string}> */
    public static function unfit(): iterable
    {
        yield 'thousands of passes' => [
            fn (): string => self::passes(self::jpeg(true, 64, 48), 4200), 'passes; it takes up to',
        ];
        yield 'half a JPEG' => [fn (): string => substr(self::jpeg(), 0, 1500), 'its end is missing'];
        yield 'half a PNG' => [fn (): string => substr(self::png(60, 40), 0, 60), 'its end is missing'];
        yield 'too many pixels' => [fn (): string => self::pngHead(9000, 9000, 8), '9000 × 9000 pixels'];
        yield 'too many bytes a pixel' => [fn (): string => self::pngHead(8000, 8000, 16), 'MB to open'];
        yield 'a text' => [fn (): string => '<?php echo 1;', 'is no picture'];
        yield 'a whole frame of nonsense' => [
            fn (): string => substr_replace(self::png(60, 40), str_repeat("\0", 20), 45, 20), 'cannot be read',
        ];
    }

    public function test_an_orientation_that_is_a_list_is_none(): void
    {
        foreach ([[1, 'wide'], [2, 'wide'], [1, 'tall', 6]] as $case) {
            $this->send(self::oriented(self::jpeg(), $case[0], $case[2] ?? 1))->assertSessionHasNoErrors();
            [$width, $height] = (array) getimagesize($this->kept()[0]);
            self::assertSame($case[1], $width > $height ? 'wide' : 'tall');
        }
    }

    public function test_decoding_runs_under_limits_of_its_own(): void
    {
        config(['photos.decoding' => ['seconds' => 5, 'megabytes' => 40, 'at_once' => 2]]);
        $this->send(self::jpeg(false, 3000, 2400))->assertSessionHasErrors('photo');
        self::assertSame([], $this->kept());
        $this->get(route('rack.show', $this->blank))->assertOk();
    }

    public function test_one_photograph_of_a_workshop_is_read_at_a_time(): void
    {
        $lock = Cache::lock("photograph-{$this->shop->id}", 20);
        $lock->get();
        $this->send(self::jpeg())->assertSessionHasErrors(['photo' => 'Another photograph of this workshop is just '
            .'being read; send this one again in a moment.']);
        $lock->release();
        $this->send(self::jpeg())->assertSessionHasNoErrors();
    }

    public function test_shops_take_turns_at_the_few_places_where_pictures_are_decoded(): void
    {
        Sleep::fake();
        $places = array_map(fn (int $n) => Cache::lock("photograph-slot-$n", 60), range(1, 2));
        array_map(fn ($place) => $place->get(), $places);
        $this->send(self::jpeg())->assertSessionHasErrors(['photo' => 'The shop\'s computer is reading other '
            .'photographs; send this one again in a moment.']);
        $places[1]->release();
        $this->send(self::jpeg())->assertSessionHasNoErrors();
        self::assertTrue($places[1]->get(), 'the place is free again');
    }

    public function test_a_replaced_one_is_deleted_and_what_a_workshop_keeps_has_an_end(): void
    {
        $this->send(self::jpeg());
        $first = $this->blank->refresh()->photo;
        $this->send(self::jpeg(false, 320, 240));
        self::assertCount(1, $this->kept());
        self::assertNotSame($first, $this->blank->refresh()->photo);
        config(['photos.most_megabytes_a_workshop' => 0]);
        $this->send(self::jpeg())->assertSessionHasErrors('photo');
        self::assertCount(1, $this->kept(), 'the one before stays');
    }

    public function test_a_photograph_of_a_press_that_is_refused_is_not_kept(): void
    {
        $step = $this->step($this->bowl(), 'body/weigh');
        $this->post(route('steps.done', $step), ['photo' => self::file(self::jpeg())])->assertSessionHasErrors('step');
        self::assertSame([], $this->kept());
    }

    public function test_a_note_takes_a_photograph_and_keeps_it_once(): void
    {
        $piece = $this->bowl();
        $note = fn (): array => ['once' => 'n1', 'body' => '', 'photo' => self::file(self::jpeg())];
        $this->post(route('pieces.record', $piece), $note())->assertSessionHasNoErrors();
        $this->post(route('pieces.record', $piece), $note())->assertSessionHasNoErrors();
        self::assertCount(1, $this->kept());
        $entry = $piece->logEntries()->where('kind', 'note')->sole();
        $this->get(route('pieces.record', $piece))->assertSee(route('log.photo', $entry), false);
        $this->post(route('pieces.record', $piece), ['body' => ''])->assertSessionHasErrors('body');
    }

    public function test_a_look_that_is_sent_twice_keeps_its_photograph_once(): void
    {
        $piece = $this->bowl();
        $this->work($piece, 'body/mount');
        $look = fn (): array => [
            'look' => 'raking', 'saw' => 'few', 'once' => 'k1', 'photo' => self::file(self::jpeg()),
        ];
        $step = $piece->plannedSteps()->where('is_next', true)->where('kind', 'sand')->firstOrFail();
        $this->post(route('steps.look', $step), $look());
        $this->post(route('steps.look', $step), $look());
        self::assertCount(1, $this->kept());
    }

    public function test_those_of_a_swept_visitor_go_with_the_workshop(): void
    {
        $this->send(self::jpeg());
        $this->shop->forceFill(['is_visit' => true, 'last_seen_at' => now()->subDays(2)])->save();
        $this->shop->newQuery()->whereKey($this->shop->id)->update(['created_at' => now()->subDays(3)]);
        self::assertSame(1, app(Visits::class)->sweep(10));
        self::assertSame([], $this->kept());
    }

    public function test_what_is_too_large_for_the_server_is_said_with_the_limit(): void
    {
        $broken = new UploadedFile(self::path(self::jpeg()), 'x.jpg', 'image/jpeg', UPLOAD_ERR_INI_SIZE, true);
        $this->post(route('rack.photo', $this->blank), ['photo' => $broken])->assertSessionHasErrors('photo');
        self::assertStringContainsString('larger than 12 MB', (string) session('errors')->first('photo'));
        $large = UploadedFile::fake()->create('x.jpg', 12_100);
        $this->post(route('rack.photo', $this->blank), ['photo' => $large])->assertSessionHasErrors([
            'photo' => 'The photograph is too large; it takes up to 12 MB.',
        ]);
        Route::post('huge', fn () => throw new \Illuminate\Http\Exceptions\PostTooLargeException('x'));
        $this->post('/huge')->assertStatus(413)->assertSee('It takes up to 12 MB at once');
        $limits = (string) file_get_contents(base_path('deploy/templates/fpm.conf'));
        preg_match_all('/\[(upload_max_filesize|post_max_size)\] = (\d+)M/', $limits, $found);
        self::assertCount(2, $found[2]);
        foreach ($found[2] as $megabytes) {
            self::assertGreaterThan(config('photos.most_kilobytes') / 1000, (int) $megabytes);
        }
    }

    public function test_no_file_is_kept_on_the_way_nor_for_another(): void
    {
        $this->send(self::jpeg());
        $piece = $this->bowl();
        $files = [
            route('rack.photo', $this->blank), route('pieces.json', $piece), route('pieces.csv', $piece),
            route('pieces.svg', $piece), route('calendar.file'), route('pieces.turned.mesh', $piece),
            route('rack.show', $this->blank), '/bench',
        ];
        foreach ($files as $file) {
            $response = $this->get($file)->assertOk();
            $said = (string) $response->headers->get('Cache-Control');
            self::assertStringContainsString('private', $said, $file);
            self::assertStringNotContainsString('public', $said, $file);
            $isPage = str_starts_with((string) $response->headers->get('Content-Type'), 'text/html');
            self::assertSame(! $isPage, str_contains($said, 'no-store'), "$file: $said");
        }
    }

    /** @return \Illuminate\Testing\TestResponse<\Illuminate\Http\Response> */
    private function send(string $bytes): \Illuminate\Testing\TestResponse
    {
        return $this->post(route('rack.photo', $this->blank), ['photo' => self::file($bytes)]);
    }

    /** @return list<string> */
    private function kept(): array
    {
        return glob(config('photos.path')."/{$this->shop->id}/*") ?: [];
    }

    private static function file(string $bytes): UploadedFile
    {
        return new UploadedFile(self::path($bytes), 'dish.jpg', 'image/jpeg', null, true);
    }

    private static function path(string $bytes): string
    {
        File::ensureDirectoryExists(self::sent());
        $path = (string) tempnam(self::sent(), 'dish');
        file_put_contents($path, $bytes);

        return $path;
    }

    private static function sent(): string
    {
        return sys_get_temp_dir().'/honest-grain-sent-'.getmypid();
    }

    private static function jpeg(bool $progressive = false, int $width = 240, int $height = 160): string
    {
        $picture = imagecreatetruecolor($width, $height);
        for ($x = 0; $x < $width; $x += 7) {
            imageline($picture, $x, 0, $width - $x, $height, 0x303030 + 917 * $x % 0xA0A0A0);
        }
        imageinterlace($picture, $progressive);
        ob_start();
        imagejpeg($picture, null, 90);

        return (string) ob_get_clean();
    }

    /** The last pass of a progressive JPEG, many times over. */
    private static function passes(string $jpeg, int $count): string
    {
        $last = (int) strrpos($jpeg, "\xFF\xDA");

        return substr($jpeg, 0, $last).str_repeat(substr($jpeg, $last, -2), $count)."\xFF\xD9";
    }

    private static function png(int $width, int $height): string
    {
        ob_start();
        imagepng(imagecreatetruecolor($width, $height));

        return (string) ob_get_clean();
    }

    /** A PNG that says it is so large, and holds nothing. */
    private static function pngHead(int $width, int $height, int $depth): string
    {
        $chunk = fn (string $name, string $data): string => pack('N', strlen($data)).$name.$data
            .pack('N', crc32($name.$data));

        return "\x89PNG\r\n\x1a\n".$chunk('IHDR', pack('NNC5', $width, $height, $depth, 6, 0, 0, 0))
            .$chunk('IDAT', (string) gzcompress('')).$chunk('IEND', '');
    }

    /** With an Exif segment whose orientation has so many values. */
    private static function oriented(string $jpeg, int $values, int $orientation): string
    {
        $entry = pack('vvV', 0x0112, 3, $values).pack('vv', $orientation, $values === 1 ? 0 : 6);
        $tiff = "II*\0".pack('V', 8).pack('v', 1).$entry.pack('V', 0);
        $exif = "Exif\0\0".$tiff;

        return substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2);
    }
}
