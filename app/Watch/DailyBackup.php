<?php

declare(strict_types=1);

namespace App\Watch;

/** A backup a day where this installation makes its own; one that `deploy/` has laid out has a timer for it. */
final readonly class DailyBackup
{
    /** A little less than a day, so that it stays at its hour. */
    private const SECONDS = 23 * 3600;

    public function __construct(public bool $isOn, public string $folder)
    {
    }

    /** Also after nights in which the machine was off. */
    public function isDue(int $now): bool
    {
        $made = $this->lastAt();

        return $this->isOn && ($made === null || $made < $now - self::SECONDS);
    }

    /** When the last was made, second (UTC); null where there is none. */
    public function lastAt(): ?int
    {
        $files = glob("$this->folder/honest-grain-*.backup") ?: [];

        return $files === [] ? null : max(array_map(fn (string $file): int => (int) filemtime($file), $files));
    }
}
