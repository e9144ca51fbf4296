<?php

declare(strict_types=1);

namespace App\Models\Kept;

/** A piece that a new plan has ready at another time than the one before. */
final readonly class DateMove implements Kept
{
    /**
     * @param  int  $before  second (UTC)
     * @param  int  $after  second (UTC)
     */
    public function __construct(public string $piece, public int $pieceId, public int $before, public int $after)
    {
    }

    public static function read(array $kept): self
    {
        return new self(
            (string) ($kept['piece'] ?? ''), (int) ($kept['piece_id'] ?? 0), (int) ($kept['before'] ?? 0),
            (int) ($kept['after'] ?? 0),
        );
    }

    public function toArray(): array
    {
        return [
            'piece' => $this->piece, 'piece_id' => $this->pieceId, 'before' => $this->before, 'after' => $this->after,
        ];
    }
}
