<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

use HonestGrain\Reading\Copy;

/** What each piece may expect of a plan: when it is ready, when it was to be, and how likely it is in time. */
final readonly class Outlook
{
    /** Dates that differ by less are the same to who waits for a piece. */
    private const WORTH_TELLING_SECONDS = 7200;

    /**
     * @param  Bound  $bound  what no plan can beat
     * @param  array<string, int>  $ends  piece => second (UTC)
     * @param  array<string, int>  $before  piece => second (UTC) by the plan before, where all of it stood in that
     * @param  array<string, float>  $chances  piece => 0 to 1, where that was asked for
     * @param  array<string, list<ChainLink>>  $chains  piece => what decides when it is done, where that was asked for
     * @param  array<string, int>  $besides  piece that the plan before had not => second (UTC), with nothing of that
     *     moved for it
     */
    public function __construct(
        public Bound $bound,
        public array $ends,
        public array $before,
        public array $chances,
        public array $chains = [],
        private array $besides = [],
    ) {
    }

    /** @param  array<string, list<ChainLink>>  $chains */
    public function with(array $chains): self
    {
        return Copy::with($this, ['chains' => $chains]);
    }

    /** When a piece that is new would be done with nothing moved for it, second (UTC); null for one that is not. */
    public function besides(string $piece): ?int
    {
        return $this->besides[$piece] ?? null;
    }

    /** How likely a piece is in time, 0 to 1; null where that was not asked. */
    public function chance(string $piece): ?float
    {
        return $this->chances[$piece] ?? null;
    }

    /**
     * The pieces whose date is another by more than two hours.
     *
     * @return list<array{piece: string, from: string, to: string}>
     */
    public function moved(): array
    {
        $time = fn (int $second): string => gmdate('Y-m-d\TH:i:s\Z', $second);
        $moved = [];
        foreach ($this->before as $piece => $before) {
            if (abs($this->ends[$piece] - $before) > self::WORTH_TELLING_SECONDS) {
                $moved[] = [
                    'piece' => $piece, 'from' => $time($before), 'to' => $time($this->ends[$piece]),
                ];
            }
        }

        return $moved;
    }

    /** @return list<array<string, mixed>> */
    public function pieces(): array
    {
        $pieces = [];
        foreach ($this->ends as $piece => $end) {
            $pieces[] = ['id' => $piece, 'ready' => gmdate('Y-m-d\TH:i:s\Z', $end)]
                + (isset($this->chances[$piece]) ? ['chance' => round($this->chances[$piece], 3)] : [])
                + (isset($this->chains[$piece]) ? ['chain' => array_map(
                    fn (ChainLink $link): array => $link->toArray(), $this->chains[$piece],
                )] : []);
        }

        return $pieces;
    }
}
