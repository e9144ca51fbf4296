<?php

declare(strict_types=1);

namespace App\View;

/** One abrasive with the size of its grain, µm. */
final readonly class SizeRow
{
    public function __construct(
        public string $name,
        public string $kind,
        public float $micron,
        public string $source,
        public bool $isOwned,
    ) {
    }
}
