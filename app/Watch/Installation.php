<?php

declare(strict_types=1);

namespace App\Watch;

/** What whoever installed this has set, as far as it is watched. */
final readonly class Installation
{
    /**
     * @param  string  $photos  the folder of the photographs
     * @param  string  $metricsToken  empty where nobody may read the figures
     */
    public function __construct(public string $version, public string $photos, public string $metricsToken)
    {
    }
}
