<?php

declare(strict_types=1);

namespace App\Models\Kept;

use HonestGrain\Route\OnLathe;

/** What stands in a chuck or on the lathe, as the plan found it. */
final readonly class Mounted implements Kept
{
    public function __construct(public OnLathe $on)
    {
    }

    public static function read(array $kept): self
    {
        return new self(new OnLathe(
            (string) ($kept['piece_id'] ?? ''), isset($kept['part']) ? (string) $kept['part'] : null,
            (string) ($kept['until'] ?? ''), (bool) ($kept['keeps_lathe'] ?? false),
        ));
    }

    public function toArray(): array
    {
        return [
            'piece_id' => (int) $this->on->piece, 'part' => $this->on->part, 'until' => $this->on->until,
            'keeps_lathe' => $this->on->keepsLathe,
        ];
    }
}
