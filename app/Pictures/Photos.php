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

/**
 * Photographs of pieces, blanks and test boards: drawn anew at a modest size, so that nothing of what a camera writes
 * into a file, and nothing that is no picture, is kept. One of a workshop is read at a time, in a process apart.
 */
final readonly class Photos
{
    private const WAIT_SECONDS = 4;

    public function __construct(private Shrinker $shrinker)
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
        $folder = $this->folder($workshop->id);
        try {
            $this->checked($workshop, $file);
            if (! is_dir($folder) && ! @mkdir($folder, 0700, true) && ! is_dir($folder)) {
                throw UnfitPicture::unkept();
            }
            $own = Cache::lock("photograph-$workshop->id", 3 * config('photos.decoding.seconds'));
            if (! $own->get()) {
                throw UnfitPicture::busy();
            }
            $slot = null;
            try {
                $slot = $this->slot();
                $this->shrinker->shrink($file->getPathname(), "$folder/$name.jpg", $file->getClientOriginalName());
            } finally {
                $slot?->release();
                $own->release();
            }
        } catch (UnfitPicture $e) {
            $this->forget($workshop->id, $name);

            throw ValidationException::withMessages(['photo' => $e->getMessage()]);
        }

        return $name;
    }

    /** @return list<string> files of all of a workshop, by name */
    public function all(int $workshop): array
    {
        return glob($this->folder($workshop).'/*.jpg') ?: [];
    }

    /** One that was taken along, under the name that rows have for it; false where it is no picture. */
    public function bring(Workshop $workshop, string $file, string $name): bool
    {
        $folder = $this->folder($workshop->id);
        if (! is_dir($folder) && ! @mkdir($folder, 0700, true) && ! is_dir($folder)) {
            return false;
        }
        try {
            $this->fit($file, "$name.jpg");
            $this->shrinker->shrink($file, "$folder/$name.jpg", "$name.jpg");
        } catch (UnfitPicture) {
            $this->forget($workshop->id, $name);

            return false;
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
        $path = $this->folder($workshop).'/'.$name.'.jpg';

        return preg_match('/^[a-z0-9]{24}$/D', $name) === 1 && is_file($path) ? $path : null;
    }

    /** One that was replaced, or that nothing names any more. */
    public function forget(int $workshop, ?string $name): void
    {
        $path = $this->file($workshop, (string) $name);
        if ($path !== null) {
            File::delete($path);
        }
    }

    /** All of a workshop that is gone. */
    public function forgetAll(int $workshop): void
    {
        File::deleteDirectory($this->folder($workshop));
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
        $kept = array_sum(array_map(filesize(...), glob($this->folder($workshop->id).'/*.jpg') ?: []));
        if ($kept > $most * 1e6) {
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

    private function folder(int $workshop): string
    {
        return config('photos.path').'/'.$workshop;
    }
}
