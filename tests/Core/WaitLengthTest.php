<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Drawing\WaitLength;
use PHPUnit\Framework\TestCase;

/** Waits of minutes and of weeks beside each other: a longer one is never drawn shorter, and each can be seen. */
final class WaitLengthTest extends TestCase
{
    public function test_a_longer_wait_is_drawn_longer_up_to_a_month(): void
    {
        $drawn = array_map(WaitLength::of(...), [0.25, 1.0, 3.0, 12.0, 24.0, 168.0, 720.0]);
        $sorted = $drawn;
        sort($sorted);
        self::assertSame($sorted, $drawn);
        self::assertSame($drawn, array_unique($drawn));
        self::assertSame(11.0, WaitLength::of(1.0));
        self::assertSame(22.0, WaitLength::of(3.0));
        self::assertSame(WaitLength::of(24.0 * 60), WaitLength::of(24.0 * 300), 'the column is not wider');
    }

    public function test_what_does_not_wait_has_no_bar(): void
    {
        self::assertSame('', WaitLength::svg('s1', 0.0));
        self::assertStringContainsString('width="22"', WaitLength::svg('s1', 3.0));
        self::assertStringContainsString('url(#wait-s1)', WaitLength::svg('s1', 3.0));
    }
}
