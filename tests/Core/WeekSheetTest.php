<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Drawing\WeekSheet;
use PHPUnit\Framework\TestCase;

/** The heads of the days over many pieces. */
final class WeekSheetTest extends TestCase
{
    public function test_a_month_that_is_all_but_over_gives_way_to_the_next(): void
    {
        self::assertSame(['December'], self::months('2026-11-30', 28), 'they would stand on each other');
        self::assertSame(['November', 'December'], self::months('2026-11-30', 7), 'here there is room');
        self::assertSame(['November', 'December'], self::months('2026-11-20', 28));
    }

    /** @return list<string> */
    private static function months(string $first, int $days): array
    {
        $from = (int) strtotime("$first UTC");
        $sheet = new WeekSheet($from, $from + $days * 86_400);
        $last = '';
        for ($day = 0; $day < $days; $day++) {
            $at = $from + $day * 86_400;
            $month = gmdate('F', $at);
            $sheet->day($at, gmdate('j', $at), $month === $last ? '' : $month, false, 12);
            $last = $month;
        }
        preg_match_all('/>(November|December)</', $sheet->svg($from), $m);

        return $m[1];
    }
}
