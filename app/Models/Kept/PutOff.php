<?php

declare(strict_types=1);

namespace App\Models\Kept;

/** A step that was planned for a day and no longer is, as long as that day lasts. */
final readonly class PutOff implements Kept
{
    /** @param  int  $was  second (UTC) at which it was to start */
    public function __construct(public int $pieceId, public string $step, public int $was)
    {
    }

    public static function read(array $kept): self
    {
        return new self((int) ($kept['piece_id'] ?? 0), (string) ($kept['step'] ?? ''), (int) ($kept['was'] ?? 0));
    }

    public function toArray(): array
    {
        return ['piece_id' => $this->pieceId, 'step' => $this->step, 'was' => $this->was];
    }
}
