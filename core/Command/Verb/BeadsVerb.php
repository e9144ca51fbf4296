<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Command\Verb;
use HonestGrain\Layout\BeadRow;
use HonestGrain\Reading\Document;

/** A row of equal beads. */
final readonly class BeadsVerb implements Verb
{
    public function name(): string
    {
        return 'beads';
    }

    public function example(): string
    {
        return '{"length_mm":60,"count":5,"fillet_mm":2}';
    }

    public function answer(Document $question): array
    {
        $row = BeadRow::of(
            $question->number('length_mm', 0.1, 3000), $question->integer('count', 1, 500),
            $question->numberOr('fillet_mm', 0.0, 0, 100),
        );

        return [
            'width_mm' => round($row->widthMm, 4),
            'height_mm' => round($row->heightMm(), 4),
            'edges_mm' => array_map(fn (float $edge): float => round($edge, 4), $row->edgesMm()),
        ];
    }
}
