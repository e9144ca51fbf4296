<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

/** A window that could not be kept: the task starts this much too late. */
final readonly class BrokenWindow
{
    public function __construct(
        public string $piece,
        public string $task,
        public ?string $after,
        public int $closed,
        public int $start,
    ) {
    }

    /** @return array{piece: string, task: string, after: string|null, closed: string, late_hours: float} */
    public function toArray(): array
    {
        return [
            'piece' => $this->piece, 'task' => $this->task, 'after' => $this->after,
            'closed' => gmdate('Y-m-d\TH:i:s\Z', $this->closed),
            'late_hours' => round(($this->start - $this->closed) / 3600, 3),
        ];
    }
}
