<?php

declare(strict_types=1);

namespace App\Pictures;

use HonestGrain\Colour\Rgb;

/** Colours picked from a photograph, in the light that a grey card on it had. */
final class PhotoColour
{
    /** So many pixels each way are taken together, so that one grain of the picture does not decide. */
    private const REACH = 4;

    private function __construct(private readonly \GdImage $picture)
    {
    }

    public static function in(string $file): ?self
    {
        $picture = @imagecreatefromjpeg($file);

        return $picture === false ? null : new self($picture);
    }

    /**
     * The mean of linear light round a point.
     *
     * @param  array{float, float}  $at  shares of its width and height
     */
    public function at(array $at): Rgb
    {
        $wide = imagesx($this->picture);
        $high = imagesy($this->picture);
        $sum = [0.0, 0.0, 0.0];
        $count = 0;
        for ($dx = -self::REACH; $dx <= self::REACH; $dx++) {
            for ($dy = -self::REACH; $dy <= self::REACH; $dy++) {
                $x = max(0, min($wide - 1, (int) round($at[0] * ($wide - 1)) + $dx));
                $y = max(0, min($high - 1, (int) round($at[1] * ($high - 1)) + $dy));
                $pixel = (int) imagecolorat($this->picture, $x, $y);
                $light = Rgb::hex(sprintf('#%06x', $pixel & 0xFFFFFF), 'photo')->reflectance;
                $sum = array_map(fn (float $a, float $b): float => $a + $b, $sum, $light);
                $count++;
            }
        }

        return Rgb::linear(array_map(fn (float $one): float => $one / $count, $sum));
    }
}
