<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Schedule\Internal\BatchOrder;
use HonestGrain\Schedule\Internal\Cost;
use PHPUnit\Framework\TestCase;

/** What is moved never changes batches more often, counted from its own surroundings alone. */
final class BatchOrderTest extends TestCase
{
    public function test_it_says_the_same_as_counting_them_all(): void
    {
        $refused = 0;
        foreach (range(1, 300) as $seed) {
            mt_srand($seed);
            $batches = array_map(fn (): int => mt_rand(-1, 2), range(0, 11));
            $starts = range(0, 1100, 100);
            shuffle($starts);
            $order = new BatchOrder($batches, $starts);
            for ($n = 0; $n < 10; $n++) {
                $from = mt_rand(0, 11) * 100;
                $until = min(1100, $from + mt_rand(1, 5) * 100);
                $places = $order->places($starts, $from, $until);
                $moved = self::shuffled($starts, $from, $until);
                $isNoMore = Cost::setups($batches, $moved) <= Cost::setups($batches, $starts);
                self::assertSame($isNoMore, $order->reorder($places, $moved));
                $starts = $isNoMore ? $moved : $starts;
                $refused += $isNoMore ? 0 : 1;
            }
        }
        self::assertGreaterThan(300, $refused);
    }

    /**
     * @param  array<int, int>  $starts
     * @return array<int, int> those within some time change places with one another
     */
    private static function shuffled(array $starts, int $from, int $until): array
    {
        $within = array_filter($starts, fn (int $start): bool => $start >= $from && $start <= $until);
        $times = array_values($within);
        shuffle($times);

        return array_replace($starts, array_combine(array_keys($within), $times));
    }
}
