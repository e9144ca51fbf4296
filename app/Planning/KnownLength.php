<?php

declare(strict_types=1);

namespace App\Planning;

use HonestGrain\Geometry\Curve;
use HonestGrain\Geometry\TracedOutline;

/** Which of the sizes that were typed a picture is drawn to. */
enum KnownLength: string
{
    case Across = 'diameter';
    case High = 'height';

    /** @param  array<string, float>  $mm  the sizes */
    public function scale(TracedOutline $outline, array $mm): Curve
    {
        return match ($this) {
            self::Across => $outline->across($mm[$this->value]),
            self::High => $outline->high($mm[$this->value]),
        };
    }

    public function label(): string
    {
        return say("models.known-length.{$this->value}");
    }
}
