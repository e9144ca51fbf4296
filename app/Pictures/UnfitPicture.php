<?php

declare(strict_types=1);

namespace App\Pictures;

use RuntimeException;

/** A picture that is not kept, and why, in words. */
final class UnfitPicture extends RuntimeException
{
    public static function noPicture(string $name): self
    {
        return new self(say('pictures.unfit-picture.no-picture-takes-jpeg', ['name' => $name]));
    }

    public static function broken(string $name): self
    {
        return new self(say('pictures.unfit-picture.cannot-read-picture-end', ['name' => $name]));
    }

    public static function tooManyScans(string $name, int $scans, int $most): self
    {
        return new self(say('pictures.unfit-picture.drawn-passes-takes-up', [
            'name' => $name,
            'scans' => $scans,
            'most' => $most,
        ]));
    }

    public static function tooManyPixels(int $width, int $height, float $most): self
    {
        return new self(
            say('pictures.unfit-picture.photograph-pixels-takes-up', [
                'width' => $width,
                'height' => $height,
                'most' => round($most),
            ]),
        );
    }

    public static function tooHeavy(int $width, int $height, int $megabytes, int $most): self
    {
        return new self(
            say('pictures.unfit-picture.photograph-pixels-would-take', [
                'width' => $width,
                'height' => $height,
                'megabytes' => $megabytes,
                'most' => $most,
            ]),
        );
    }

    public static function tooLong(string $name): self
    {
        return new self(say('pictures.unfit-picture.takes-too-long-open', ['name' => $name]));
    }

    public static function busy(): self
    {
        return new self(say('pictures.unfit-picture.another-photograph-workshop-just'));
    }

    public static function crowded(): self
    {
        return new self(say('pictures.unfit-picture.shop-computer-reading-other'));
    }

    public static function full(int $most): self
    {
        return new self(say('pictures.unfit-picture.photographs-workshop-take-up', ['most' => $most]));
    }

    public static function unkept(): self
    {
        return new self(say('pictures.unfit-picture.photograph-could-not-written'));
    }
}
