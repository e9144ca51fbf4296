<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * How likely each piece is to be in time: the plan lived through many times, in its order, with work and waits that
 * take longer or less long than planned, each by a share of its own that is as likely anywhere within a spread.
 *
 * @internal
 */
final readonly class Futures
{
    /**
     * @param  FoundList  $found  what the plan was placed by
     * @param  array<int, true>  $loose  pinned tasks that cannot be when they are pinned
     */
    public function __construct(
        private Workload $work,
        private WaitTimes $waits,
        private FoundList $found,
        private array $loose,
    ) {
    }

    /**
     * @param  float  $spread  0 to 1: 0.25 is a quarter less to a quarter more
     * @return array<int, float> piece => the share of futures, 0 to 1, in which it is in time; 1 where it is not due
     */
    public function chances(int $count, float $spread): array
    {
        $dice = new Dice($this->work->problem->budget->seed);
        $inTime = array_fill(0, max(1, $this->work->pieces()), 0);
        for ($n = 0; $n < $count; $n++) {
            $share = fn (): float => 1 + $spread * (2 * $dice->share() - 1);
            $waits = $this->waits->lived($share);
            $decoder = new Decoder($this->work->lived($share), $waits, loose: $this->loose);
            $decoder->inRuns = $this->found->inRuns;
            $decoder->giveUp($this->found->givenUp);
            $decoder->run($this->found->list);
            for ($piece = 0; $piece < $this->work->pieces(); $piece++) {
                $inTime[$piece] += (int) ($decoder->lastEndOf($piece) <= $this->work->due[$piece]);
            }
        }

        return array_map(fn (int $times): float => $times / $count, $inTime);
    }
}
