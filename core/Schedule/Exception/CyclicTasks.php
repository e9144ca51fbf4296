<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Exception;

use HonestGrain\Reading\BadInput;
use HonestGrain\Words\Said;

/** Tasks that wait for each other in a ring. */
final class CyclicTasks extends BadInput
{
    /** @param  list<string>  $ids */
    public static function among(string $field, array $ids): self
    {
        return new self(
            'cyclic', $field,
            new Said('schedule.cyclic-tasks.wait-each-other-ring', [
                'field' => $field,
                'ids' => array_slice($ids, 0, 8),
            ]),
        );
    }
}
