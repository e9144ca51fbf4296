<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * Pieces whole, one after another: one is put elsewhere in the order, or two change places.
 *
 * @internal
 */
final class OrderMoves implements Neighbourhood
{
    /** Most pieces go no further than this. */
    private const NEAR = 6;

    /** @var list<int> pieces */
    private array $order = [];

    /** @var list<int> */
    private array $next = [];

    /** @var list<int> what stands before everything else */
    private array $opening = [];

    /** @var array<int, list<int>> piece => itself as often as it has tasks left */
    private array $runs = [];

    public function __construct(
        private readonly Dice $dice,
        private readonly int $fixed,
        private readonly Precedence $precedence,
    ) {
    }

    /** In the order in which they end. */
    public function begin(array $list, Decoder $decoder): array
    {
        $this->opening = array_slice($list, 0, $this->fixed);
        $last = $this->runs = [];
        foreach (array_slice($list, $this->fixed) as $place => $piece) {
            $this->runs[$piece][] = $piece;
            $last[$piece] = $place;
        }
        asort($last);
        $this->order = $this->precedence->ordered(array_keys($last));

        return $this->listOf($this->order);
    }

    public function take(): void
    {
        $this->order = $this->next;
    }

    public function proposed(array $late): ?array
    {
        $count = count($this->order);
        if ($count < 2) {
            return null;
        }
        $from = $this->dice->below($count);
        $to = $this->dice->below(3) === 0 ? $this->dice->below($count)
            : max(0, min($count - 1, $from + $this->dice->below(2 * self::NEAR + 1) - self::NEAR));
        if ($from === $to) {
            return null;
        }
        $was = $order = $this->order;
        if ($this->dice->below(3) === 0) {
            [$order[$from], $order[$to]] = [$order[$to], $order[$from]];
        } else {
            [$moved] = array_splice($order, $from, 1);
            array_splice($order, $to, 0, [$moved]);
        }
        $this->next = $this->precedence->ordered(array_values($order));
        if ($this->next === $was) {
            return null;
        }
        $first = 0;
        while ($this->next[$first] === $was[$first]) {
            $first++;
        }
        $last = $count;
        while ($this->next[$last - 1] === $was[$last - 1]) {
            $last--;
        }

        return [$this->listOf($this->next), $this->placeOf($first), $this->placeOf($last)];
    }

    private function placeOf(int $index): int
    {
        $place = $this->fixed;
        for ($i = 0; $i < $index; $i++) {
            $place += count($this->runs[$this->order[$i]]);
        }

        return $place;
    }

    /**
     * @param  list<int>  $order
     * @return list<int>
     */
    private function listOf(array $order): array
    {
        $runs = [$this->opening];
        foreach ($order as $piece) {
            $runs[] = $this->runs[$piece];
        }

        return array_merge(...$runs);
    }
}
