<?php

declare(strict_types=1);

namespace HonestGrain\Route;

/** What is done in a step, where and with what. */
final readonly class StepWork
{
    /**
     * @param  string  $technique  its key
     * @param  string  $zone  the faces or the band it is done on, parted by commas
     * @param  list<string>  $of  the ids of the document that it goes with
     */
    public function __construct(
        public string $technique,
        public string $zone,
        public array $of = [],
        public Supplies $supplies = new Supplies,
    ) {
    }
}
