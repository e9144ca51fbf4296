<?php

declare(strict_types=1);

namespace App\Pictures;

use RuntimeException;

/** A picture that is not kept, and why, in words. */
final class UnfitPicture extends RuntimeException
{
    public static function noPicture(string $name): self
    {
        return new self("$name is no picture; it takes a JPEG, PNG or WebP file.");
    }

    public static function broken(string $name): self
    {
        return new self("$name cannot be read as a picture; its end is missing, or it is broken. Send it again.");
    }

    public static function tooManyScans(string $name, int $scans, int $most): self
    {
        return new self("$name is drawn in $scans passes; it takes up to $most. Save it once more as a plain JPEG.");
    }

    public static function tooManyPixels(int $width, int $height, float $most): self
    {
        return new self(
            "The photograph is $width × $height pixels; it takes up to ".round($most).' million in all.',
        );
    }

    public static function tooHeavy(int $width, int $height, int $megabytes, int $most): self
    {
        return new self(
            "The photograph of $width × $height pixels would take $megabytes MB to open; it takes up to $most. "
                .'Save it smaller, or with 8 bits a colour.',
        );
    }

    public static function tooLong(string $name): self
    {
        return new self("$name takes too long to open; save it smaller, or as a plain JPEG.");
    }

    public static function busy(): self
    {
        return new self('Another photograph of this workshop is just being read; send this one again in a moment.');
    }

    public static function crowded(): self
    {
        return new self('The shop\'s computer is reading other photographs; send this one again in a moment.');
    }

    public static function full(int $most): self
    {
        return new self("The photographs of this workshop take up $most MB, all that it has. Replace or remove one.");
    }

    public static function unkept(): self
    {
        return new self('The photograph could not be written; the disk may be full. Nothing was changed.');
    }
}
