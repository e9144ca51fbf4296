<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

use HonestGrain\Words\Said;

/** A piece that will not be done in time, by how much, and the chain that holds it up, in words. */
final readonly class LatePiece
{
    /** @param  list<Said>  $because */
    public function __construct(public string $piece, public float $hours, public array $because)
    {
    }

    /** @return array{piece: string, hours: float, because: list<Said>} */
    public function toArray(): array
    {
        return ['piece' => $this->piece, 'hours' => round($this->hours, 3), 'because' => $this->because];
    }
}
