<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * The latest start of each task at which its piece is no later and no window is missed, all other pieces as planned:
 * what follows it in its own piece is done as soon as may be then.
 *
 * @internal
 */
final readonly class LatestStarts
{
    private const MINUTE = 60;

    /** Where windows make some starts in between impossible, so many minutes are gone back to find one that is not. */
    private const BACK = 720;

    public function __construct(private Workload $work, private Decoder $decoder)
    {
    }

    /** @return array<int, int|null> task => second (UTC); null where nothing is late however long it waits */
    public function all(): array
    {
        $latest = [];
        $planned = $this->decoder->state();
        foreach (array_keys($this->work->tasks) as $t) {
            $latest[$t] = isset($this->work->pinAt[$t]) ? $this->decoder->start[$t] : $this->of($t, $planned);
            $this->decoder->back($planned);
        }

        return $latest;
    }

    private function of(int $t, State $planned): ?int
    {
        $piece = $this->work->pieceOf[$t];
        $start = $this->decoder->start[$t];
        $ends = max($this->work->due[$piece], $this->decoder->lastEndOf($piece));
        $broken = count($this->decoder->broken);
        $closes = $this->closes($t);
        if ($ends === Workload::NEVER && $closes === Workload::NEVER) {
            return null;
        }
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
        for ($back = 0; $low > 0 && $back < self::BACK; $low--, $back++) {
            $at = $start + $low * self::MINUTE;
            $this->move($t, $at, $planned);
            if ($this->decoder->start[$t] <= $last && count($this->decoder->broken) <= $broken
                && $this->decoder->lastEndOf($piece) <= $ends && $this->isAsPlanned($t, $planned)) {
                return $this->decoder->start[$t];
            }
        }

        return $start;
    }

    private function move(int $t, int $notBefore, State $planned): void
    {
        $this->decoder->back($planned);
        $this->decoder->again($t, $notBefore);
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

    /** Whether what comes before it in its piece stays where it was. */
    private function isAsPlanned(int $t, State $planned): bool
    {
        for ($i = $this->work->first[$this->work->pieceOf[$t]]; $i < $t; $i++) {
            if ($this->decoder->start[$i] !== $planned->marks[0][$i]) {
                return false;
            }
        }

        return true;
    }
}
