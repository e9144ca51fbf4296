<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

use HonestGrain\Schedule\Slack;

/**
 * The latest start of each task at which its piece is no later and no window is missed, all other pieces as planned:
 * what follows it in its own piece is done as soon as may be then.
 *
 * @internal
 */
final readonly class LatestStarts
{
    private const MINUTE = 60;

    /** Where windows make some starts in between impossible, it is gone back by so many minutes, and so often. */
    private const STEP = 5;

    private const STEPS = 144;

    public function __construct(private Workload $work, private Decoder $decoder)
    {
    }

    /**
     * @param  int|null  $before  second (UTC): of tasks that start before it; null: of all
     * @return array<int, Slack> by task
     */
    public function before(?int $before): array
    {
        $slack = [];
        $planned = $this->decoder->state();
        foreach ($this->decoder->start as $t => $start) {
            if ($before === null || $start < $before) {
                $slack[$t] = isset($this->work->pinAt[$t])
                    ? new Slack($start, $start, $start) : $this->of($t, $planned);
                $this->decoder->back($planned);
            }
        }

        return $slack;
    }

    private function of(int $t, State $planned): Slack
    {
        $piece = $this->work->pieceOf[$t];
        $start = $this->decoder->start[$t];
        $ends = max($this->work->due[$piece], $this->decoder->lastEndOf($piece));
        $broken = count($this->decoder->broken);
        $closes = $this->closes($t);
        if ($ends === Workload::NEVER && $closes === Workload::NEVER) {
            return new Slack(null, null, $start);
        }
        $must = null;
        $low = 0;
        $last = min($ends - $this->work->seconds[$t] - $this->work->tail[$t], $closes);
        $high = max(0, intdiv($last - $start, self::MINUTE)) + 1;
        // Later never ends sooner: halved until a minute is left.
        while ($high - $low > 1) {
            $middle = ($low + $high) >> 1;
            $this->move($t, $start + $middle * self::MINUTE, $planned);
            $isInTime = $this->decoder->lastEndOf($piece) <= $ends && $this->decoder->start[$t] <= $last;
            [$low, $high] = $isInTime ? [$middle, $high] : [$low, $middle];
        }
        for ($back = 0; $low > 0 && $back < self::STEPS; $low -= self::STEP, $back++) {
            $isHeld = $this->move($t, $start + $low * self::MINUTE, $planned);
            if ($this->decoder->start[$t] <= $last && count($this->decoder->broken) <= $broken
                && $this->decoder->lastEndOf($piece) <= $ends) {
                $must ??= $this->decoder->start[$t];
                if ($isHeld) {
                    return new Slack($this->decoder->start[$t], $must, $start);
                }
            }
        }

        return new Slack($start, $must ?? $start, $start);
    }

    private function move(int $t, int $notBefore, State $planned): bool
    {
        $this->decoder->back($planned);

        return $this->decoder->again($t, $notBefore);
    }

    /** When the first of its own windows closes; one that the plan has given up binds nothing any more. */
    private function closes(int $t): int
    {
        if (isset($this->decoder->broken[$t])) {
            return Workload::NEVER;
        }
        $closes = $this->work->notAfter[$t];
        foreach ($this->work->before[$t] as [$earlier, , $most, $wait]) {
            $closes = min($closes, $this->decoder->closes($earlier, $most, $wait));
        }

        return $closes;
    }
}
