<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\EarlyLook;
use HonestGrain\Route\Behind;
use PHPUnit\Framework\TestCase;

/** A coat that went over one that was not dry yet. */
final class EarlyCoatTest extends TestCase
{
    public function test_what_was_missed_of_a_wait_is_had_once_or_twice_after_the_next_coat(): void
    {
        $figures = Catalogue::shipped()->calibration()->coats;
        self::assertSame(0.0, EarlyLook::Hard->laterHours(6, $figures));
        self::assertSame(6.0, EarlyLook::Smells->laterHours(6, $figures));
        self::assertSame(12.0, EarlyLook::Prints->laterHours(6, $figures));
    }

    public function test_only_the_waits_behind_that_step_begin_later(): void
    {
        $behind = new Behind(['l1' => 1000, 'l2' => 5000], later: ['l2' => 7200]);
        self::assertSame(1000, $behind->waitsFrom('l1'));
        self::assertSame(12_200, $behind->waitsFrom('l2'));
    }
}
