<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

use HonestGrain\Coating\CureClock;
use HonestGrain\Schedule\Wait;

/**
 * When waits that run by the air open and close, each worked out once: a search asks the same thing over and over.
 *
 * @internal
 */
final class WaitTimes
{
    /** Forgotten when there are more than this. */
    private const REMEMBERS = 200_000;

    /** @var array<int, array<int, int>> wait => from => when it opens */
    private array $opens = [];

    /** @var array<int, array<int, int>> */
    private array $closes = [];

    private int $known = 0;

    private ?self $planned = null;

    /** @var array<int, float> wait => how many times as long it takes as planned; in a future that is lived through */
    private array $shares = [];

    /** @param  list<Wait>  $waits */
    public function __construct(private readonly array $waits, private readonly ?CureClock $clock)
    {
    }

    /**
     * The same in a future in which each wait takes another share of its time: alike ones alike, as the air does it.
     *
     * @param  callable(): float  $share
     */
    public function lived(callable $share): self
    {
        $lived = new self([], null);
        $lived->planned = $this;
        foreach (array_keys($this->waits) as $wait) {
            $lived->shares[$wait] = $share();
        }

        return $lived;
    }

    /** By the minute, and never too early: from within a minute it counts from its end. */
    public function opens(int $wait, int $from): int
    {
        if ($this->planned !== null) {
            return $from + (int) round(($this->planned->opens($wait, $from) - $from) * $this->shares[$wait]);
        }
        $from = intdiv($from + 59, 60) * 60;

        return $this->opens[$wait][$from] ?? $this->learn($wait, $from);
    }

    /** By the minute, and never too late: from within a minute it counts from its beginning. */
    public function closes(int $wait, int $from): int
    {
        if ($this->planned !== null) {
            return max($this->planned->closes($wait, $from), $this->opens($wait, $from));
        }
        $minute = intdiv($from, 60) * 60;
        if (! isset($this->closes[$wait][$minute])) {
            $this->closes[$wait][$minute] = $this->waits[$wait]->closes($minute, $this->clock) ?? Workload::NEVER;
        }

        return max($this->closes[$wait][$minute], $this->opens($wait, $from));
    }

    private function learn(int $wait, int $from): int
    {
        if (++$this->known > self::REMEMBERS) {
            $this->opens = $this->closes = [];
            $this->known = 1;
        }

        return $this->opens[$wait][$from] = $this->waits[$wait]->opens($from, $this->clock);
    }
}
