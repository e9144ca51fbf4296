<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Holding\Position;

/**
 * What is done to one part in one position, in order; several parts may be off the lathe at once.
 *
 * @internal
 */
final readonly class Stage
{
    /**
     * @param  list<string>  $operations
     * @param  bool  $comesOff  whether the part waits so long after it that it comes off the lathe
     * @param  bool  $isReturn  whether the part sat so before
     */
    public function __construct(
        public string $part,
        public Position $position,
        public array $operations,
        public bool $isReturn = false,
        public bool $comesOff = false,
    ) {
    }
}
