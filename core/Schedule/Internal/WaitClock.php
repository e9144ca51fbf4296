<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

use HonestGrain\Coating\CureClock;
use HonestGrain\Schedule\Wait;

/**
 * When waits open and close in the shop's air, each worked out once: a search asks the same thing over and over.
 *
 * @internal
 */
final class WaitClock
{
    /** Forgotten when there are more than this. */
    private const REMEMBERS = 20_000;

    /** @var array<string, int|null> */
    private array $known = [];

    public function __construct(private readonly ?CureClock $clock)
    {
    }

    public function opens(Wait $wait, int $from): int
    {
        return $wait->kinetics === null ? $wait->opens($from, $this->clock) : (int) $this->ask($wait, $from, 'o');
    }

    public function closes(Wait $wait, int $from): ?int
    {
        return match (true) {
            $wait->maxHours === null => null,
            $wait->kinetics === null => $wait->closes($from, $this->clock),
            default => $this->ask($wait, $from, 'c'),
        };
    }

    private function ask(Wait $wait, int $from, string $what): ?int
    {
        $key = $what.spl_object_id($wait).' '.$from;
        if (! array_key_exists($key, $this->known)) {
            if (count($this->known) > self::REMEMBERS) {
                $this->known = [];
            }
            $this->known[$key] = $what === 'o' ? $wait->opens($from, $this->clock) : $wait->closes($from, $this->clock);
        }

        return $this->known[$key];
    }
}
