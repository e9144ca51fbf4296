<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Exception;

use HonestGrain\Reading\BadInput;

/** Tasks that wait for each other in a ring. */
final class CyclicTasks extends BadInput
{
    /** @param  list<string>  $ids */
    public static function among(string $field, array $ids): self
    {
        return new self(
            'cyclic', $field,
            "$field wait for each other in a ring: ".implode(', ', array_slice($ids, 0, 8))
                .'; each task may only follow tasks that do not follow it.',
        );
    }
}
