<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Words\Said;

/** What is said of a step. */
final readonly class StepWords
{
    /**
     * @param  list<Said>  $how  short lines of instruction
     * @param  Said|null  $brief  the title within a chain of reasons
     * @param  Said|null  $waitFor  what its wait is for
     * @param  list<Said>  $reckoning  what its own minutes and speed come from
     * @param  list<Look>  $looks  what is looked at before it is ticked off
     */
    public function __construct(
        public Said $title,
        public Said $because,
        public array $how = [],
        public ?Said $brief = null,
        public ?Said $waitFor = null,
        public array $reckoning = [],
        public array $looks = [],
    ) {
    }
}
