<?php

declare(strict_types=1);

namespace App\View;

/** What stands in the margin of a mount: a caution or a reason, once for all steps that have it. */
final readonly class RouteNote
{
    /** @param  string  $steps  "19–21, 23"; empty where it holds for all of the mount */
    public function __construct(public string $words, public string $steps, public bool $isCaution)
    {
    }
}
