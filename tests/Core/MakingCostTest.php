<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Shelf\MakingCost;
use PHPUnit\Framework\TestCase;

/** Hands, wood, what is used up and current: sums that a maker does on the back of an offcut. */
final class MakingCostTest extends TestCase
{
    public function test_its_parts_add_up(): void
    {
        // 3 h 40 of hands at 24 an hour, a blank for 18, 6.35 used up, 90 min of a 1.1 kW lathe at 0.30 a kWh.
        $cost = MakingCost::of(220, 24, 18, 6.35, 90, 1.1, 0.30);
        self::assertEqualsWithDelta(88.0, $cost->hands, 1e-9);
        self::assertEqualsWithDelta(0.495, $cost->current, 1e-9);
        self::assertEqualsWithDelta(112.845, $cost->total(), 1e-9);
        self::assertEqualsWithDelta(37.155, $cost->leaves(150), 1e-9);
        self::assertEqualsWithDelta(-12.845, $cost->leaves(100), 1e-9);
    }

    public function test_what_has_no_price_is_not_known_and_not_counted(): void
    {
        $cost = MakingCost::of(60, null, null, 2.0, 30, null, 0.30);
        self::assertNull($cost->hands);
        self::assertNull($cost->wood);
        self::assertNull($cost->current);
        self::assertSame(2.0, $cost->total());
        self::assertNull(MakingCost::of(60, 10, null, 2.0, 30, 1.1, null)->current);
    }
}
