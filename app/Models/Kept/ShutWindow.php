<?php

declare(strict_types=1);

namespace App\Models\Kept;

use HonestGrain\Words\Said;

/** A step that a plan could only place after its window has closed. */
final readonly class ShutWindow implements Kept
{
    public function __construct(
        public string $piece,
        public int $pieceId,
        public Said $title,
        public float $lateHours,
    ) {
    }

    public static function read(array $kept): self
    {
        return new self(
            (string) ($kept['piece'] ?? ''), (int) ($kept['piece_id'] ?? 0), SaidCast::of($kept['title'] ?? ''),
            (float) ($kept['late_hours'] ?? 0),
        );
    }

    public function toArray(): array
    {
        return [
            'piece' => $this->piece, 'piece_id' => $this->pieceId, 'title' => $this->title,
            'late_hours' => $this->lateHours,
        ];
    }
}
