<?php

declare(strict_types=1);

namespace App\Figures;

use Illuminate\Support\Carbon;

/** The date of one piece as it stands, and as it would be. */
final readonly class TriedDate
{
    private const SAME_HOURS = 2.0;

    public function __construct(
        public int $id,
        public string $name,
        public ?Carbon $due,
        public ?Carbon $before,
        public ?Carbon $after,
        public ?Carbon $wasDue,
    ) {
    }

    /** By how many hours it would be late; less than nothing is to spare, null without a date. */
    public function lateHours(): ?float
    {
        return self::late($this->due, $this->after);
    }

    public function lateBefore(): ?float
    {
        return self::late($this->wasDue, $this->before);
    }

    /** By how many hours it would be ready later; less than nothing is sooner. */
    public function laterHours(): float
    {
        return $this->before === null || $this->after === null
            ? 0.0 : ($this->after->getTimestamp() - $this->before->getTimestamp()) / 3600;
    }

    /** Whether who waits for it would notice. */
    public function isMoved(): bool
    {
        return abs($this->laterHours()) > self::SAME_HOURS || ($this->before === null) !== ($this->after === null)
            || $this->wasDue?->getTimestamp() !== $this->due?->getTimestamp();
    }

    /** Whether it would be late and is not, or would be later still. */
    public function isHarmed(): bool
    {
        return ($this->lateHours() ?? 0.0) > 0 && $this->laterHours() > self::SAME_HOURS;
    }

    private static function late(?Carbon $due, ?Carbon $ready): ?float
    {
        return $due === null || $ready === null ? null : ($ready->getTimestamp() - $due->getTimestamp()) / 3600;
    }
}
