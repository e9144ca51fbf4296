<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * How long one task can be put off among what stands in a decoder, which stands there again afterwards.
 *
 * @internal
 */
final readonly class PutOff
{
    private const MINUTE = 60;

    /** Where windows make some starts in between impossible, it is gone back by so many minutes, and so often. */
    private const STEP = 5;

    /** The same while the shop is shut. */
    private const SHUT_STEP = 30;

    private const STEPS = 144;

    private int $start;

    private int $broken;

    /**
     * @param  int  $ends  second (UTC) at which its piece is to end at the latest
     * @param  int  $last  second (UTC) behind which it must not start
     * @param  bool  $isAlone  what its own piece has meanwhile can be put elsewhere too
     */
    public function __construct(
        private Decoder $decoder,
        private State $stands,
        private int $task,
        private int $ends,
        private int $last,
        private bool $isAlone,
    ) {
        $this->start = $decoder->start[$task];
        $this->broken = count($decoder->broken);
    }

    /** Its last start at which its piece is in time and no further window is missed, second (UTC). */
    public function latest(): int
    {
        $minutes = $this->lastSafe($this->lastInTime());
        $at = $minutes > 0 && $this->isSafe($minutes) ? $this->decoder->start[$this->task] : $this->start;
        $this->decoder->back($this->stands);

        return $at;
    }

    private function lastInTime(): int
    {
        $low = 0;
        $high = max(0, intdiv($this->last - $this->start, self::MINUTE)) + 1;
        // Later never ends sooner: halved until a minute is left.
        while ($high - $low > 1) {
            $middle = ($low + $high) >> 1;
            $this->move($middle);
            [$low, $high] = $this->isInTime() ? [$middle, $high] : [$low, $middle];
        }

        return $low;
    }

    private function lastSafe(int $low): int
    {
        $high = $low;
        for ($back = 0; $low > 0 && ! $this->isSafe($low); $back++) {
            $isOpen = $this->decoder->start[$this->task] === $this->start + $low * self::MINUTE;
            $high = $low;
            $low = $back < self::STEPS ? $low - ($isOpen ? self::STEP : self::SHUT_STEP) : 0;
        }
        while ($low > 0 && $high - $low > 1) {
            $middle = ($low + $high) >> 1;
            [$low, $high] = $this->isSafe($middle) ? [$middle, $high] : [$low, $middle];
        }

        return $low;
    }

    /** @return bool whether what those before it hold can be held for so long */
    private function move(int $minutes): bool
    {
        $this->decoder->back($this->stands);

        return $this->decoder->again($this->task, $this->start + $minutes * self::MINUTE);
    }

    private function isInTime(): bool
    {
        return $this->decoder->lastEndOf($this->decoder->pieceOf($this->task)) <= $this->ends
            && $this->decoder->start[$this->task] <= $this->last;
    }

    private function isSafe(int $minutes): bool
    {
        return ($this->move($minutes) || $this->isAlone) && $this->isInTime()
            && count($this->decoder->broken) <= $this->broken;
    }
}
