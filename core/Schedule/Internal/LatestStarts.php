<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

use HonestGrain\Schedule\Slack;

/**
 * The latest start of each task at which its piece is no later and no window is missed: once with all other pieces as
 * planned, once as if its piece had the shop to itself. What follows it in its own piece is done as soon as may be.
 *
 * @internal
 */
final readonly class LatestStarts
{
    /** In it stands one piece at a time. */
    private Decoder $alone;

    public function __construct(private Workload $work, private Decoder $decoder)
    {
        $this->alone = Decoder::keeping($decoder);
    }

    /**
     * @param  int|null  $before  second (UTC): of tasks that start before it; null: of all
     * @return array<int, Slack> by task
     */
    public function before(?int $before): array
    {
        $slack = [];
        [$planned, $empty] = [$this->decoder->state(), $this->alone->state()];
        for ($piece = 0; $piece < $this->work->pieces(); $piece++) {
            $asked = $this->asked($piece, $before);
            if ($asked === []) {
                continue;
            }
            $this->alone->stand($piece, $this->decoder);
            $alone = $this->alone->state();
            foreach ($asked as $t) {
                $slack[$t] = $this->of($t, $planned, $alone);
            }
            $this->alone->back($empty);
        }

        return $slack;
    }

    /** @return list<int> tasks of a piece */
    private function asked(int $piece, ?int $before): array
    {
        [$first, $next] = $this->work->range($piece);
        $all = $first === $next ? [] : range($first, $next - 1);

        return array_values(array_filter(
            $all, fn (int $t): bool => $before === null || $this->decoder->start[$t] < $before,
        ));
    }

    private function of(int $t, State $planned, State $alone): Slack
    {
        $start = $this->decoder->start[$t];
        if (isset($this->work->pinAt[$t])) {
            return new Slack($start, $start, $start);
        }
        $piece = $this->work->pieceOf[$t];
        $ends = max($this->work->due[$piece], $this->decoder->lastEndOf($piece));
        $last = $this->closes($t);
        if ($ends === Workload::NEVER && $last === Workload::NEVER) {
            return new Slack(null, null, $start);
        }
        $last = min($last, $ends - $this->work->seconds[$t] - $this->work->tail[$t]);
        $latest = (new PutOff(
            decoder: $this->decoder, stands: $planned, task: $t, ends: $ends, last: $last, isAlone: false,
        ))->latest();
        $must = (new PutOff(
            decoder: $this->alone, stands: $alone, task: $t, ends: $ends, last: $last, isAlone: true,
        ))->latest();

        return new Slack($latest, max($latest, $must), $start);
    }

    /**
     * When a task must have started for the sake of windows that do not depend on when it does: its own, and those of
     * what follows it that are open already or hang on what is before it.
     */
    private function closes(int $t): int
    {
        [, $next] = $this->work->range($this->work->pieceOf[$t]);
        $closes = [];
        for ($later = $next - 1; $later >= $t; $later--) {
            $own = $closes[$later] ?? Workload::NEVER;
            // One that the plan has given up binds nothing any more.
            if (! isset($this->decoder->broken[$later])) {
                $own = min($own, $this->work->notAfter[$later]);
                foreach ($this->work->before[$later] as [$earlier, , $most, $wait]) {
                    $own = $earlier < $t ? min($own, $this->decoder->closes($earlier, $most, $wait)) : $own;
                }
            }
            foreach ($this->work->before[$later] as [$earlier, $least, , $wait]) {
                $between = $this->work->seconds[$earlier] + ($wait < 0 ? $least : 0);
                $closes[$earlier] = min($closes[$earlier] ?? Workload::NEVER, $own - $between);
            }
            $closes[$later] = $own;
        }

        return $closes[$t] > Workload::NEVER >> 1 ? Workload::NEVER : $closes[$t];
    }
}
