<?php

declare(strict_types=1);

namespace App\Planning;

use Carbon\CarbonInterface;

/** A press on a form about a step. */
final readonly class Press
{
    /**
     * @param  string|null  $read  mark of the step as the page showed it
     * @param  string|null  $once  its key: what is sent again under it is the same press
     * @param  CarbonInterface|null  $at  when it was pressed, where it waited for the network
     */
    public function __construct(
        public ?string $read = null,
        public ?string $once = null,
        private ?CarbonInterface $at = null,
    ) {
    }

    public function at(): CarbonInterface
    {
        return $this->at ?? now();
    }
}
