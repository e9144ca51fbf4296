<?php

declare(strict_types=1);

namespace App\View;

use App\Models\PlannedStep;
use App\Models\Timer;
use Illuminate\Support\Carbon;

/** One clock of the bench: of a step that is timed, of a coat that is to be wiped, or set by hand. */
final readonly class Clock
{
    /**
     * @param  string  $says  what it times, and on which piece
     * @param  int|null  $since  second (UTC) from which it counts up
     * @param  Carbon|null  $from  when it may be acted upon first
     * @param  Carbon|null  $until  when it must have been
     * @param  PlannedStep|null  $step  to be done, or stopped
     */
    public function __construct(
        public string $says,
        public ?int $since = null,
        public ?Carbon $from = null,
        public ?Carbon $until = null,
        public ?PlannedStep $step = null,
        public ?Timer $timer = null,
    ) {
    }

    public function isStopped(): bool
    {
        return $this->timer?->isStopped() === true;
    }

    /** Whether it is still too early for what it times. */
    public function isEarly(): bool
    {
        return $this->from?->isFuture() === true;
    }
}
