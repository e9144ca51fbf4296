<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

/** Something about a mark that will not do, or wants care. */
final readonly class Finding
{
    /** @param  list<string>  $choices */
    private function __construct(public bool $isRefused, public string $message, public array $choices)
    {
    }

    /** It would break, or cannot be done so. */
    public static function refuse(string $message, string ...$choices): self
    {
        return new self(true, $message, array_values($choices));
    }

    public static function warn(string $message, string ...$choices): self
    {
        return new self(false, $message, array_values($choices));
    }
}
