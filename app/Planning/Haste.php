<?php

declare(strict_types=1);

namespace App\Planning;

/** How long a plan may be looked for: while a press waits, some seconds later, or after a while without one. */
enum Haste: string
{
    case Press = 'press';

    case Leisure = 'leisure';

    case Long = 'long';

    /** So many tasks are placed in search of a better plan. */
    public function looks(): int
    {
        return match ($this) {
            self::Press => 2_500,
            self::Leisure => 40_000,
            self::Long => 100_000,
        };
    }

    /** So long after a change it is begun, seconds: whoever presses twice has the plan weighed once. */
    public function after(): int
    {
        return match ($this) {
            self::Press => 0,
            self::Leisure => 4,
            self::Long => 20,
        };
    }
}
