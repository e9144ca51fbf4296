<?php

declare(strict_types=1);

namespace Tests\Load;

/** One press of a maker: sent again under its key until it is answered, and never pressed anew. */
final class Press
{
    public int $sent = 0;

    /** The answer that ended it; null while there is none. */
    public ?int $status = null;

    public string $said = '';

    /** @param  array<string, string>  $fields */
    public function __construct(
        public readonly Sort $sort,
        public readonly int $workshop,
        public readonly string $path,
        public readonly array $fields,
        public readonly string $mark,
    ) {
    }

    public function isTaken(): bool
    {
        return $this->status === 200;
    }
}
