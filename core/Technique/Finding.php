<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

/** Something about a mark that will not do, or wants care. */
final readonly class Finding
{
    /** @param  list<string>  $choices */
    private function __construct(
        public bool $isRefused,
        public string $message,
        public array $choices,
        public bool $goesWithSandingBack = false,
    ) {
    }

    /** It would break, or cannot be done so. */
    public static function refuse(string $message, string ...$choices): self
    {
        return new self(true, $message, array_values($choices));
    }

    /** A line where a wet edge was lost: it is sanded away with a layer that is sanded back. */
    public static function lostEdge(string $message, string ...$choices): self
    {
        return new self(false, $message, array_values($choices), true);
    }

    public static function warn(string $message, string ...$choices): self
    {
        return new self(false, $message, array_values($choices));
    }
}
