<?php

declare(strict_types=1);

// Draws one picture anew at a modest size: `php bin/_picture.php FROM TO MOST_PIXELS_A_SIDE`. A process of its own, so
// that what a strange file costs, in time or memory, or by a crash of the decoder, is lost with it and with nothing
// else. `App\Pictures\Shrinker` runs it under limits. Exits 0, or 1 where the file cannot be drawn.

const QUALITY = 85;

// Orientation, as a camera writes it (Exif tag 0x0112) => degrees to turn it back, against the clock.
const TURNED = [3 => 180, 6 => 270, 8 => 90];

[, $from, $to, $most] = $argv + [1 => '', 2 => '', 3 => ''];
$picture = @imagecreatefromstring((string) @file_get_contents($from));
if (! $picture instanceof GdImage || (int) $most < 1 || $to === '') {
    exit(1);
}
$scale = min(1.0, (int) $most / max(imagesx($picture), imagesy($picture)));
$kept = imagescale(
    $picture, max(1, (int) round(imagesx($picture) * $scale)), max(1, (int) round(imagesy($picture) * $scale)),
);
unset($picture);
if ($kept === false) {
    exit(1);
}
// A camera held on its side writes so into the file, and that is not kept: the picture itself is turned.
$written = function_exists('exif_read_data') ? @exif_read_data($from) : false;
$orientation = is_array($written) ? $written['Orientation'] ?? 1 : 1;
$degrees = is_int($orientation) ? TURNED[$orientation] ?? 0 : 0;
$upright = $degrees === 0 ? $kept : imagerotate($kept, $degrees, 0);

exit($upright !== false && imagejpeg($upright, $to, QUALITY) ? 0 : 1);
