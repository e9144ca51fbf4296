<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

/** One link of the chain that decides when a piece is done: a task, what it waits for, and how long. */
final readonly class ChainLink
{
    /**
     * @param  string|null  $with  the task that it waits behind, or the piece that its hands are with
     * @param  int  $openSeconds  of the wait, while the shop is open
     */
    public function __construct(
        public Task $task,
        public Cause $cause,
        public int $seconds,
        public ?string $with = null,
        public int $openSeconds = 0,
    ) {
    }

    /** @return array{task: string, waits_for: string, hours: float, with: string|null} */
    public function toArray(): array
    {
        return [
            'task' => $this->task->id, 'waits_for' => $this->cause->value, 'hours' => round($this->seconds / 3600, 3),
            'with' => $this->with,
        ];
    }
}
