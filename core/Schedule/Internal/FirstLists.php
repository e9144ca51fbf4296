<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * Good lists to begin with: pieces whole, one after another, by several ranks; and task by task, as a maker would
 * choose what to take up next (cost over time: weight for an hour of work left, falling off with slack).
 *
 * @internal
 */
final class FirstLists
{
    /** How far ahead what is not pressing yet counts, as shares of an average piece's work. */
    private const LOOK_AHEAD = [1.0, 2.0, 4.0, 8.0, 14.0, 20.0, 28.0, 40.0, 60.0];

    /** Shares of the due date in the orders that mix it with slack and weight. */
    private const MIXTURES = [0.35, 0.7];

    /** A shop with more choices than this is not gone through task by task. */
    private const CHOICES = 60_000;

    /** @var list<int> piece => seconds of work */
    private array $work = [];

    /** @var list<int> piece => seconds that it takes at the least, day and night */
    private array $least = [];

    public function __construct(private readonly Workload $load, Alone $alone)
    {
        for ($piece = 0; $piece < $load->pieces(); $piece++) {
            [$first, $next] = $load->range($piece);
            $this->work[] = array_sum(array_slice($load->seconds, $first, $next - $first));
            $this->least[] = $alone->ends[$piece] - $load->problem->start;
        }
    }

    /** @return list<int> pieces whole, the plainest order */
    public function byDue(): array
    {
        return $this->by(fn (int $p): float => (float) $this->load->due[$p]);
    }

    /** @return \Traversable<int, list<int>> lists of pieces, each as often as it has tasks */
    public function others(Decoder $decoder): \Traversable
    {
        $start = $this->load->problem->start;
        $slack = fn (int $p): float => (float) $this->load->due[$p] - $start - $this->least[$p];
        $worth = fn (int $p): float => -$this->load->weight[$p] / max(60, $this->work[$p]);
        yield $this->by($slack);
        yield $this->by($worth);
        yield $this->by(fn (int $p): float => $slack($p) / max(0.1, $this->load->weight[$p]));
        foreach (self::MIXTURES as $share) {
            // Of the pieces due soon, the short and weighty ones first.
            $ahead = max(3600.0, array_sum($this->work) * $share);
            yield $this->by(fn (int $p): float => $worth($p) * exp(-max(0.0, $slack($p)) / $ahead));
        }
        if (count($this->load->tasks) * $this->load->pieces() <= self::CHOICES) {
            foreach (self::LOOK_AHEAD as $ahead) {
                yield $this->dispatched($decoder, $ahead);
            }
        }
    }

    /** @return list<int> */
    private function dispatched(Decoder $decoder, float $ahead): array
    {
        $load = $this->load;
        $decoder->run($this->load->opening);
        $list = $this->load->opening;
        $left = $this->work;
        $average = $ahead * max(600.0, array_sum($this->work) / max(1, count($this->work)));
        $now = $load->problem->start;
        $ready = [];
        for ($piece = 0; $piece < $load->pieces(); $piece++) {
            $ready[$piece] = $decoder->ready($piece);
        }
        $ready = array_filter($ready, fn (?int $at): bool => $at !== null);
        $next = array_slice($load->first, 0, -1);
        foreach ($this->load->opening as $piece) {
            $next[$piece]++;
        }
        while ($ready !== []) {
            $now = max($now, min($ready));
            $best = -1.0;
            $chosen = -1;
            foreach ($ready as $piece => $at) {
                if ($at <= $now) {
                    $t = $next[$piece];
                    $slack = $load->due[$piece] - $now - $load->seconds[$t] - $load->tail[$t];
                    $worth = ($load->weight[$piece] + 1e-6) / max(60, $left[$piece])
                        * exp(-max(0, $slack) / $average);
                    if ($worth > $best) {
                        [$best, $chosen] = [$worth, $piece];
                    }
                }
            }
            $decoder->place($chosen);
            $list[] = $chosen;
            $t = $next[$chosen]++;
            $left[$chosen] -= $load->seconds[$t];
            $now = max($now, $decoder->start[$t]);
            $at = $decoder->ready($chosen);
            if ($at === null) {
                unset($ready[$chosen]);
            } else {
                $ready[$chosen] = $at;
            }
        }

        return $list;
    }

    /**
     * Smallest rank first; what has a window running already before all others.
     *
     * @param  callable(int): float  $rank
     * @return list<int>
     */
    private function by(callable $rank): array
    {
        $keys = [];
        foreach ($this->load->problem->jobs as $piece => $job) {
            $keys[$piece] = [$job->closesFirst() ?? PHP_INT_MAX, $rank($piece), -$this->load->weight[$piece], $piece];
        }
        asort($keys);
        $list = $this->load->opening;
        $opened = array_count_values($this->load->opening);
        foreach (array_keys($keys) as $piece) {
            [$first, $next] = $this->load->range($piece);
            for ($t = $first + ($opened[$piece] ?? 0); $t < $next; $t++) {
                $list[] = $piece;
            }
        }

        return $list;
    }
}
