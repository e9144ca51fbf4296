<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Geometry\Face;

/** What is done in a step, where and with what. */
final readonly class StepWork
{
    /**
     * @param  string  $technique  its key
     * @param  list<Face>  $faces  that it is done on
     * @param  list<string>  $of  the ids of the document that it goes with
     * @param  string|null  $band  the id of the band that it is done on, where it is no whole face
     */
    public function __construct(
        public string $technique,
        public array $faces,
        public array $of = [],
        public Supplies $supplies = new Supplies,
        public ?string $band = null,
    ) {
    }

    /** @return list<string> the zones of the drawing that it is done on: faces, or the band */
    public function zones(): array
    {
        return $this->band === null ? Face::names($this->faces) : [$this->band];
    }
}
