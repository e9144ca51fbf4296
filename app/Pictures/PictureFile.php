<?php

declare(strict_types=1);

namespace App\Pictures;

/**
 * What a picture's file says of itself, read without decoding it: its kind, its size, whether it is whole, and what
 * decoding it would cost. A file that would cost too much is never decoded.
 */
final readonly class PictureFile
{
    /** A progressive JPEG of a camera has about ten; thousands of them cost minutes for each megabyte. */
    private const MOST_SCANS = 64;

    /** Bytes that a decoder keeps for a pixel: the drawing itself, and the coefficients of a progressive JPEG. */
    private const DRAWN_BYTES = 4;

    private const PROGRESSIVE_BYTES = 6;

    /** PNG colour type => channels (ISO/IEC 15948, table 11.1). */
    private const CHANNELS = [0 => 1, 2 => 3, 3 => 1, 4 => 2, 6 => 4];

    private const PNG_HEAD = "\x89PNG\r\n\x1a\n";

    private function __construct(
        public int $width,
        public int $height,
        public int $bytes,
        public int $scans,
        public bool $isWhole,
    ) {
    }

    /** @throws UnfitPicture */
    public static function at(string $path, string $name): self
    {
        $size = @getimagesize($path);
        $data = (string) @file_get_contents($path);

        if ($size === false) {
            throw UnfitPicture::noPicture($name);
        }

        return match ($size[2]) {
            IMAGETYPE_JPEG => self::jpeg($size[0], $size[1], $data),
            IMAGETYPE_PNG => self::png($size[0], $size[1], $data),
            IMAGETYPE_WEBP => self::webp($size[0], $size[1], $data),
            default => throw UnfitPicture::noPicture($name),
        };
    }

    /** @throws UnfitPicture */
    public function check(string $name, float $mostMegapixels, int $mostMegabytes): void
    {
        $pixels = $this->width * $this->height;
        match (true) {
            ! $this->isWhole => throw UnfitPicture::broken($name),
            $this->scans > self::MOST_SCANS => throw UnfitPicture::tooManyScans($name, $this->scans, self::MOST_SCANS),
            $pixels > $mostMegapixels * 1e6 => throw UnfitPicture::tooManyPixels(
                $this->width, $this->height, $mostMegapixels,
            ),
            $this->bytes > $mostMegabytes * 1e6 => throw UnfitPicture::tooHeavy(
                $this->width, $this->height, (int) ceil($this->bytes / 1e6), $mostMegabytes,
            ),
            default => null,
        };
    }

    /** Walks the markers to the end of the picture; what a camera appends after that is none of it. */
    private static function jpeg(int $width, int $height, string $data): self
    {
        $at = 2;
        $end = strlen($data);
        $scans = 0;
        $isWhole = $isProgressive = false;
        while (! $isWhole && ($at = strpos($data, "\xFF", $at)) !== false && $at + 1 < $end) {
            $mark = ord($data[$at + 1]);
            $isWhole = $mark === 0xD9;
            $isProgressive = $isProgressive || in_array($mark, [0xC2, 0xC6, 0xCA, 0xCE], true);
            $scans += $mark === 0xDA ? 1 : 0;
            // Stuffed bytes, restarts and fill bytes stand alone; every other marker says how long it is.
            $at += match (true) {
                $mark === 0xFF => 1,
                $mark === 0 || $mark === 0x01 || ($mark >= 0xD0 && $mark <= 0xD9) => 2,
                $at + 3 < $end => 2 + max(2, (ord($data[$at + 2]) << 8) + ord($data[$at + 3])),
                default => $end,
            };
            if ($at >= $end) {
                break;
            }
        }
        $bytes = self::DRAWN_BYTES + ($isProgressive ? self::PROGRESSIVE_BYTES : 0);

        return new self($width, $height, $width * $height * $bytes, $scans, $isWhole && $scans > 0);
    }

    private static function png(int $width, int $height, string $data): self
    {
        $depth = ord($data[24] ?? "\0");
        $channels = self::CHANNELS[ord($data[25] ?? "\0")] ?? 4;
        $at = strlen(self::PNG_HEAD);
        $end = strlen($data);
        $isWhole = false;
        while (! $isWhole && $at + 12 <= $end) {
            $isWhole = substr($data, $at + 4, 4) === 'IEND';
            $at += 12 + (int) (unpack('N', substr($data, $at, 4))[1] ?? 0);
        }
        $bytes = self::DRAWN_BYTES + (int) ceil($channels * max(8, $depth) / 8);

        return new self($width, $height, $width * $height * $bytes, 1, $isWhole && $at <= $end);
    }

    private static function webp(int $width, int $height, string $data): self
    {
        $said = (int) (unpack('V', substr($data, 4, 4).'    ')[1] ?? 0);

        return new self(
            $width, $height, 2 * $width * $height * self::DRAWN_BYTES, 1, $said > 0 && $said + 8 <= strlen($data),
        );
    }
}
