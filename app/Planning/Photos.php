<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\LogEntry;
use App\Models\Workshop;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/**
 * Photographs that go with entries of the log: drawn anew at a modest size, so that nothing of what a camera writes
 * into a file, and nothing that is no picture, is kept.
 */
final class Photos
{
    private const QUALITY = 85;

    /** Orientation, as a camera writes it (Exif tag 0x0112) => degrees to turn it back, against the clock */
    private const TURNED = [3 => 180, 6 => 270, 8 => 90];

    /**
     * @return string the name it is kept under
     *
     * @throws ValidationException for what is no picture, or too large a one
     */
    public function keep(Workshop $workshop, UploadedFile $file): string
    {
        $picture = $this->read($file);
        [$width, $height] = [imagesx($picture), imagesy($picture)];
        $scale = min(1.0, config('photos.kept_pixels_a_side') / max($width, $height));
        $kept = imagescale($picture, max(1, (int) round($width * $scale)), max(1, (int) round($height * $scale)));
        $name = Str::lower(Str::random(24));
        $folder = $this->folder($workshop);
        if ($kept === false || (! is_dir($folder) && ! mkdir($folder, 0700, true))
            || ! imagejpeg($kept, "$folder/$name.jpg", self::QUALITY)) {
            throw ValidationException::withMessages(['photo' => 'The photograph could not be kept; try another.']);
        }

        return $name;
    }

    /** The file of an entry's photograph; null where it has none. */
    public function of(LogEntry $entry): ?string
    {
        return $this->file($entry->workshop_id, (string) ($entry->facts['photo'] ?? ''));
    }

    /** A kept photograph by its name; null where there is none. */
    public function file(int $workshop, string $name): ?string
    {
        $path = $this->folder($workshop).'/'.$name.'.jpg';

        return preg_match('/^[a-z0-9]{24}$/D', $name) === 1 && is_file($path) ? $path : null;
    }

    private function read(UploadedFile $file): \GdImage
    {
        $size = @getimagesize($file->getPathname());
        $most = (int) config('photos.most_pixels_a_side');
        if ($size === false || ! in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)) {
            throw ValidationException::withMessages([
                'photo' => "{$file->getClientOriginalName()} is no picture; it takes a JPEG, PNG or WebP file.",
            ]);
        }
        if (max($size[0], $size[1]) > $most) {
            throw ValidationException::withMessages([
                'photo' => "The photograph is $size[0] × $size[1] pixels; it takes at most $most on a side.",
            ]);
        }
        $picture = @imagecreatefromstring((string) file_get_contents($file->getPathname()));

        if (! $picture instanceof \GdImage) {
            throw ValidationException::withMessages([
                'photo' => "{$file->getClientOriginalName()} cannot be read as a picture; it may be broken.",
            ]);
        }

        return $this->upright($picture, $file);
    }

    /** A camera held on its side writes so into the file, and that is not kept: the picture itself is turned. */
    private function upright(\GdImage $picture, UploadedFile $file): \GdImage
    {
        $written = @exif_read_data($file->getPathname());
        $degrees = self::TURNED[$written['Orientation'] ?? 1] ?? 0;

        return $degrees === 0 ? $picture : (imagerotate($picture, $degrees, 0) ?: $picture);
    }

    private function folder(Workshop|int $workshop): string
    {
        return config('photos.path').'/'.($workshop instanceof Workshop ? $workshop->id : $workshop);
    }
}
