<?php

declare(strict_types=1);

namespace App\View;

use App\Models\PlannedStep;

/** What is done to one part in one mount, or between two. */
final readonly class RouteStage
{
    /**
     * @param  string  $drawing  the part as it sits
     * @param  list<PlannedStep>  $steps
     * @param  string|null  $gap  how long it rests before, where that is worth telling
     */
    public function __construct(
        public string $part,
        public string $mount,
        public string $drawing,
        public array $steps,
        public ?string $gap,
    ) {
    }
}
