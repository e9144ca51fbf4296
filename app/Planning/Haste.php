<?php

declare(strict_types=1);

namespace App\Planning;

/** How long a plan may be looked for: while somebody types, while a press waits, later, or long after one. */
enum Haste: string
{
    /** Not at all: what stands is kept, and what comes to it takes what is left. */
    case Glance = 'glance';

    case Press = 'press';

    case Leisure = 'leisure';

    case Long = 'long';

    /** So many tasks are placed in search of a better plan. */
    public function looks(): int
    {
        return match ($this) {
            self::Glance => 1,
            self::Press => 2_500,
            self::Leisure => 40_000,
            self::Long => 100_000,
        };
    }

    /** Whether somebody waits for it: then no futures are lived through. */
    public function isWaitedFor(): bool
    {
        return $this === self::Glance || $this === self::Press;
    }

    /** So long after a change it is begun, seconds: whoever presses twice has the plan weighed once. */
    public function after(): int
    {
        return match ($this) {
            self::Glance, self::Press => 0,
            self::Leisure => 4,
            self::Long => 20,
        };
    }
}
