<?php

declare(strict_types=1);

namespace App\Pictures;

use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

/** Has a picture drawn anew in a process apart, with limits of its own on time and memory. */
final readonly class Shrinker
{
    /** @throws UnfitPicture */
    public function shrink(string $from, string $to, string $name): void
    {
        $limits = config('photos.decoding');
        $php = (new PhpExecutableFinder)->find(false);
        $process = new Process([
            'sh', '-c', 'ulimit -c 0; ulimit -t "$1"; ulimit -v "$2"; shift 2; exec "$@"', 'sh',
            (string) $limits['seconds'], (string) ($limits['megabytes'] * 1000),
            $php === false ? 'php' : $php, '-d', 'memory_limit='.$limits['megabytes'].'M', '-d', 'display_errors=0',
            base_path('bin/_picture.php'), $from, $to, (string) config('photos.kept_pixels_a_side'),
        ]);
        $process->setTimeout(2 * $limits['seconds'])->disableOutput();
        try {
            $process->run();
        } catch (ProcessTimedOutException) {
            throw UnfitPicture::tooLong($name);
        }
        if (! $process->isSuccessful() || ! is_file($to)) {
            // Ended by a signal: it ran into one of its limits.
            throw $process->hasBeenSignaled() ? UnfitPicture::tooLong($name) : UnfitPicture::broken($name);
        }
    }
}
