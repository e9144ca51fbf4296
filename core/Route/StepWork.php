<?php

declare(strict_types=1);

namespace HonestGrain\Route;

/** What is done in a step, where and with what. */
final readonly class StepWork
{
    /**
     * @param  string  $technique  its key
     * @param  list<string>  $on  the faces that it is done on, or the id of the band
     * @param  list<string>  $of  the ids of the document that it goes with
     */
    public function __construct(
        public string $technique,
        public array $on,
        public array $of = [],
        public Supplies $supplies = new Supplies,
    ) {
    }

    /** The same in one text, as a document has it. */
    public function zone(): string
    {
        return implode(', ', $this->on);
    }
}
