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

    /** @param  list<Wait>  $waits */
    public function __construct(private readonly array $waits, private readonly ?CureClock $clock)
    {
    }

    public function opens(int $wait, int $from): int
    {
        return $this->opens[$wait][$from] ?? $this->learn($wait, $from);
    }

    public function closes(int $wait, int $from): int
    {
        if (! isset($this->closes[$wait][$from])) {
            $this->closes[$wait][$from] = $this->waits[$wait]->closes($from, $this->clock) ?? Workload::NEVER;
        }

        return $this->closes[$wait][$from];
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
