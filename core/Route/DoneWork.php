<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Geometry\Face;
use HonestGrain\Words\Said;

/** A step that was done, as it was: it stays true of the wood when the plan no longer asks for it. */
final readonly class DoneWork
{
    /** @param  list<Face>  $faces */
    public function __construct(
        public Said $title,
        public string $technique,
        public string $part,
        public array $faces,
    ) {
    }
}
