<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\LogEntry;
use App\Models\Workshop;
use Illuminate\Contracts\Cache\Lock;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Sleep;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use League\Flysystem\FilesystemException;

/**
 * Photographs of pieces, blanks and test boards: drawn anew at a modest size, so that nothing of what a camera writes
 * into a file, and nothing that is no picture, is kept. One of a workshop is read at a time, in a process apart.
 */
final readonly class Photos
{
    private const WAIT_SECONDS = 4;

    public function __construct(private Shrinker $shrinker, private PhotoStore $store)
    {
    }

    /**
     * @return string the name it is kept under
     *
     * @throws ValidationException for what is no picture, or too large a one
     */
    public function keep(Workshop $workshop, UploadedFile $file): string
    {
        $name = Str::lower(Str::random(24));
        $made = '';
        try {
            $made = $this->workplace();
            $this->checked($workshop, $file);
            $own = Cache::lock("photograph-$workshop->id", 3 * config('photos.decoding.seconds'));
            if (! $own->get()) {
                throw UnfitPicture::busy();
            }
            $slot = null;
            try {
                $slot = $this->slot();
                $this->shrinker->shrink($file->getPathname(), $made, $file->getClientOriginalName());
            } finally {
                $slot?->release();
                $own->release();
            }
            $this->store->put($made, $workshop->id, $name);
        } catch (UnfitPicture $e) {
            throw ValidationException::withMessages(['photo' => $e->getMessage()]);
        } catch (FilesystemException $e) {
            report($e);
            throw ValidationException::withMessages(['photo' => UnfitPicture::unkept()->getMessage()]);
        } finally {
            File::delete($made);
        }

        return $name;
    }

    /** @return list<string> names of all of a workshop */
    public function all(int $workshop): array
    {
        return $this->store->names($workshop);
    }

    /** One that was taken along, under the name that rows have for it; false where it is no picture. */
    public function bring(Workshop $workshop, string $file, string $name): bool
    {
        $made = '';
        try {
            $made = $this->workplace();
            $this->fit($file, "$name.jpg");
            $this->shrinker->shrink($file, $made, "$name.jpg");
            $this->store->put($made, $workshop->id, $name);
        } catch (UnfitPicture|FilesystemException) {
            return false;
        } finally {
            File::delete($made);
        }

        return true;
    }

    /** The file of an entry's photograph; null where it has none. */
    public function of(LogEntry $entry): ?string
    {
        return $this->file($entry->workshop_id, (string) $entry->facts->measured->photo);
    }

    /** A kept photograph by its name; null where there is none. */
    public function file(int $workshop, string $name): ?string
    {
        return self::isName($name) ? $this->store->file($workshop, $name) : null;
    }

    /** One that was replaced, or that nothing names any more. */
    public function forget(int $workshop, ?string $name): void
    {
        if (! self::isName((string) $name)) {
            return;
        }
        try {
            $this->store->forget($workshop, (string) $name);
        } catch (FilesystemException $e) {
            report($e);
        }
    }

    /** All of a workshop that is gone. */
    public function forgetAll(int $workshop): void
    {
        $this->store->forgetAll($workshop);
    }

    private static function isName(string $name): bool
    {
        return preg_match('/^[a-z0-9]{24}$/D', $name) === 1;
    }

    /** What is drawn anew is drawn here first, and then put where it is kept. */
    private function workplace(): string
    {
        return tempnam(sys_get_temp_dir(), 'photograph') ?: throw UnfitPicture::unkept();
    }

    /**
     * One of the few places at which pictures are decoded: what many shops send at once takes turns, so that it never
     * takes the machine's whole memory.
     *
     * @throws UnfitPicture
     */
    private function slot(): Lock
    {
        for ($until = hrtime(true) + 1e9 * self::WAIT_SECONDS; hrtime(true) < $until; Sleep::for(150)->milliseconds()) {
            for ($place = 1; $place <= config('photos.decoding.at_once'); $place++) {
                $lock = Cache::lock("photograph-slot-$place", 3 * config('photos.decoding.seconds'));
                if ($lock->get()) {
                    return $lock;
                }
            }
        }

        throw UnfitPicture::crowded();
    }

    /** @throws UnfitPicture */
    private function checked(Workshop $workshop, UploadedFile $file): void
    {
        $this->fit($file->getPathname(), $file->getClientOriginalName());
        $most = config('photos.most_megabytes_a_workshop');
        if ($this->store->bytes($workshop->id) > $most * 1e6) {
            throw UnfitPicture::full($most);
        }
    }

    /** @throws UnfitPicture */
    private function fit(string $path, string $called): void
    {
        PictureFile::at($path, $called)->check(
            $called, config('photos.most_megapixels'), config('photos.decoding.megabytes') / 2,
        );
    }
}
