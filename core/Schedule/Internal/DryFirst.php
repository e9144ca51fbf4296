<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * Where a start was missed, what stood behind it goes on in its order; but work that a coat now keeps waiting while it
 * is wet goes before it, where that has more done by the evening and nothing is missed or later than it is due for it.
 *
 * @internal
 */
final class DryFirst
{
    private const TRIES = 6;

    /** Of all that is behind, seconds sooner in sum that are worth another order. */
    private const WORTH_SECONDS = 3600;

    private const SAME_SECONDS = 1.0;

    /** @param  list<int>  $behind  tasks that were missed, and what stood behind them up to the next night */
    public function __construct(
        private readonly Workload $work,
        private readonly Decoder $decoder,
        private readonly array $behind,
    ) {
    }

    /** @param  list<int>  $list  pieces, as the decoder has placed them */
    public function run(array $list): void
    {
        $stands = $this->judged();
        $ran = $list;
        foreach (array_slice($this->wet(), 0, self::TRIES) as $coat) {
            $tried = $this->behindWhatWaits($list, $coat);
            if ($tried === $list) {
                continue;
            }
            $this->decoder->run($ran = $tried);
            $judged = $this->judged();
            if ($judged[0] <= $stands[0] && $judged[1] <= $stands[1] + self::SAME_SECONDS
                && $judged[2] < $stands[2] - self::WORTH_SECONDS) {
                [$list, $stands] = [$tried, $judged];
            }
        }
        if ($ran !== $list) {
            $this->decoder->run($list);
        }
    }

    /** @return array{int, float, int} windows that are missed, lateness, and the sum of when all that is behind ends */
    private function judged(): array
    {
        $decoder = $this->decoder;

        return [count($decoder->broken), $decoder->late, array_sum(array_map(
            fn (int $t): int => $decoder->end[$t], $this->behind,
        ))];
    }

    /** @return list<int> tasks that keep something for a while after their end, in order of time */
    private function wet(): array
    {
        $wet = array_values(array_filter($this->behind, fn (int $t): bool => $this->work->holdsAfter[$t] !== []));
        usort($wet, fn (int $one, int $other): int => $this->decoder->start[$one] <=> $this->decoder->start[$other]);

        return $wet;
    }

    /**
     * The list with a task, and what is next of its piece, behind the last of what cannot be beside what it keeps.
     *
     * @param  list<int>  $list
     * @return list<int> the same where none waits
     */
    private function behindWhatWaits(array $list, int $coat): array
    {
        $places = $this->places($list);
        $from = $places[$coat];
        $last = $from;
        foreach ($this->behind as $t) {
            if ($places[$t] > $last && $this->waitsFor($coat, $t)) {
                $last = $places[$t];
            }
        }
        // What is mounted has to come off before anything else.
        if ($last === $from || $from < count($this->work->opening)) {
            return $list;
        }
        $piece = $this->work->pieceOf[$coat];
        $part = array_slice($list, $from, $last + 1 - $from);
        $others = array_values(array_filter($part, fn (int $one): bool => $one !== $piece));
        $later = array_pad($others, count($part), $piece);
        array_splice($list, $from, count($part), $later);

        return $list;
    }

    /** Whether a task cannot be done while another one keeps what it does. */
    private function waitsFor(int $coat, int $t): bool
    {
        $needs = $this->work->crews[$t][0]->needs;
        foreach ($this->work->holdsAfter[$coat] as [$resource, $quantity]) {
            for ($n = 0; $n < count($needs); $n += 2) {
                if ($needs[$n] === $resource && $this->work->capacity[$resource] < $needs[$n + 1] + $quantity) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param  list<int>  $list
     * @return array<int, int> task => its place in the list
     */
    private function places(array $list): array
    {
        $next = $this->work->first;
        $places = [];
        foreach ($list as $i => $piece) {
            $places[$next[$piece]++] = $i;
        }

        return $places;
    }
}
