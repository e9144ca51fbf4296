<?php

declare(strict_types=1);

namespace App\Models\Kept;

use HonestGrain\Schedule\LatePiece;
use HonestGrain\Words\Said;

/** By how much a piece will be late, and what holds it up. */
final readonly class Lateness implements Kept
{
    /** @param  list<Said>  $because */
    private function __construct(public float $hours, public array $because)
    {
    }

    public static function of(LatePiece $piece): self
    {
        return new self($piece->hours, $piece->because);
    }

    public static function read(array $kept): self
    {
        return new self((float) ($kept['hours'] ?? 0), SaidCast::all($kept['because'] ?? []));
    }

    public function toArray(): array
    {
        return ['hours' => $this->hours, 'because' => $this->because];
    }
}
