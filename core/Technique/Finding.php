<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

use HonestGrain\Words\Said;

/** Something about a mark that will not do, or wants care. */
final readonly class Finding
{
    /** @param  list<Said>  $choices */
    private function __construct(
        public bool $isRefused,
        public Said $message,
        public array $choices,
        public bool $goesWithSandingBack = false,
    ) {
    }

    /** It would break, or cannot be done so. */
    public static function refuse(Said $message, Said ...$choices): self
    {
        return new self(true, $message, array_values($choices));
    }

    /** A line where a wet edge was lost: it is sanded away with a layer that is sanded back. */
    public static function lostEdge(Said $message, Said ...$choices): self
    {
        return new self(false, $message, array_values($choices), true);
    }

    public static function warn(Said $message, Said ...$choices): self
    {
        return new self(false, $message, array_values($choices));
    }
}
