<?php

declare(strict_types=1);

namespace App\View;

use Carbon\CarbonInterface;

/** A time within which something must be done. */
final readonly class Window
{
    public function __construct(public CarbonInterface $opens, public CarbonInterface $closes)
    {
    }

    /** So long before it closes, or as it opens where it is shorter. */
    public function rings(int $minutesBefore): CarbonInterface
    {
        $before = $this->closes->copy()->subMinutes($minutesBefore);

        return $before->lt($this->opens) && $this->opens->lt($this->closes) ? $this->opens : $before;
    }
}
