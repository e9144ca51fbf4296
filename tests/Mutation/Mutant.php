<?php

declare(strict_types=1);

namespace Tests\Mutation;

/** One change of the core: where it is, what it does, and the whole file with it. */
final readonly class Mutant
{
    public function __construct(
        public string $file,
        public int $line,
        public string $method,
        public string $what,
        public string $code,
    ) {
    }
}
