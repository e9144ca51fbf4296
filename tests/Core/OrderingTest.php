<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Route\Internal\Ordering;
use HonestGrain\Route\Internal\Precedence;
use HonestGrain\Schedule\Wait;
use HonestGrain\Words\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Of several that order the same two operations, what holds. */
final class OrderingTest extends TestCase
{
    /** @param  list<array{float, float|null}>  $waits */
    #[DataProvider('waits')]
    public function test_the_longer_wait_holds_and_the_narrower_window(array $waits, float $least, ?float $most): void
    {
        $rules = array_map(fn (array $wait): Precedence => Precedence::rule(
            'a', 'b', Wait::hours(...$wait), Said::name('So it is.'),
        ), $waits);
        foreach ([$rules, array_reverse($rules)] as $order) {
            $held = Ordering::of(['a', 'b'], $order, [])->precedences();
            self::assertCount(1, $held);
            self::assertSame([$least, $most], [$held[0]->wait->minHours, $held[0]->wait->maxHours]);
        }
    }

    /** @return iterable<string, array{list<array{float, float|null}>, float, float|null}> */
    public static function waits(): iterable
    {
        yield 'a window narrower than another' => [[[1.0, 24.0], [1.0, 6.0]], 1.0, 6.0];
        yield 'a window and none' => [[[1.0, null], [1.0, 6.0]], 1.0, 6.0];
        yield 'a longer wait and a window' => [[[4.0, null], [1.0, 6.0]], 4.0, 6.0];
        yield 'a window that closes before the wait is over' => [[[8.0, null], [1.0, 6.0]], 8.0, null];
    }
}
