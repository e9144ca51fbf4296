<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Reading\Document;
use HonestGrain\Schedule\Internal\Calendar;
use HonestGrain\Schedule\Internal\Crew;
use HonestGrain\Schedule\Internal\Gate;
use HonestGrain\Schedule\Internal\Grid;
use HonestGrain\Schedule\Internal\Hours;
use HonestGrain\Schedule\Internal\Timetable;
use HonestGrain\Schedule\WorkingHours;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The earliest working time for a task, held against the plainest way to find it. */
final class TimetableTest extends TestCase
{
    private const HOUR = 3600;

    /** Monday, 4 January 2027, midnight UTC. */
    private const MONDAY = 1_798_934_400 + 86_400;

    /** The first is a maker, kept day by day; of the others there are two and three. */
    private const CAPACITIES = [1, 2, 3];

    /** @var array<int, list<array{int, int, int, int}>> booking => start, end, resource, quantity */
    private array $booked = [];

    #[DataProvider('seeds')]
    public function test_it_is_the_first_that_fits_whatever_was_booked_and_given_back(int $seed): void
    {
        mt_srand($seed);
        $hours = $this->hours();
        $through = mt_rand(0, 1) * self::HOUR;
        // Behind the fourth day it has no rows any more.
        $gates = [new Gate(0, $hours->through(0), $hours->days)];
        $table = new Timetable(self::CAPACITIES, $gates, new Grid($gates, self::MONDAY, 4));
        for ($i = 0; $i < 200; $i++) {
            $quantities = array_filter([mt_rand(0, 1), mt_rand(0, 2), mt_rand(0, 3)]) ?: [1];
            $needs = [];
            foreach ($quantities as $resource => $quantity) {
                array_push($needs, $resource, $quantity);
            }
            $break = mt_rand(0, 3) === 0 ? $through : 0;
            $crew = new Crew(
                $hours->through($break), $needs, isset($quantities[0]) ? 0 : -1,
                isset($quantities[0]) ? array_slice($needs, 2) : $needs,
                isCounted: isset($quantities[0]) && $break === 0,
            );
            $seconds = mt_rand(1, 16) * 600;
            $from = self::MONDAY + mt_rand(0, 10 * 24) * self::HOUR;
            $start = $table->earliest($crew, $seconds, $from);
            self::assertSame($this->first($quantities, $seconds, $from, $break), $start, "$i");
            foreach ($quantities as $resource => $quantity) {
                $table->book($resource, $quantity, $start, $start + $seconds);
                $this->booked[$i][] = [$start, $start + $seconds, $resource, $quantity];
            }
            if (mt_rand(0, 2) === 0) {
                $back = array_rand($this->booked);
                foreach ($this->booked[$back] as [$begins, $ends, $resource, $quantity]) {
                    $table->book($resource, -$quantity, $begins, $ends);
                }
                unset($this->booked[$back]);
            }
        }
    }

    /** @return iterable<int, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 12) as $seed) {
            yield $seed => [$seed];
        }
    }

    public function test_work_that_may_be_broken_off_goes_on_after_the_break(): void
    {
        $crew = new Crew($this->hours()->through(0), []);
        $inHours = fn (array $runs): array => array_map(fn (array $run): array => array_map(
            fn (int $second): float => ($second - self::MONDAY) / self::HOUR, $run,
        ), $runs);
        self::assertEquals([[9, 12], [13, 14]], $inHours($crew->runs(4 * self::HOUR, self::MONDAY)));
        self::assertEquals([[14, 15]], $inHours($crew->runs(self::HOUR, self::MONDAY + 14 * self::HOUR)));
    }

    /** Second by ten minutes, the plainest way. @param  array<int, int>  $quantities */
    private function first(array $quantities, int $seconds, int $from, int $break): int
    {
        for ($at = $from; ; $at += 600) {
            if ($this->isOpen($at, $seconds, $break) && $this->isFree($quantities, $at, $at + $seconds)) {
                return $at;
            }
        }
    }

    private function isOpen(int $at, int $seconds, int $break): bool
    {
        $day = intdiv($at - self::MONDAY, 86_400);
        $hour = ($at - self::MONDAY - $day * 86_400) / self::HOUR;
        $ends = $hour + $seconds / self::HOUR;
        $stretches = $break > 0 ? [[9, 17]] : [[9, 12], [13, 17]];
        foreach ($day % 7 < 5 ? $stretches : [] as [$opens, $closes]) {
            if ($hour >= $opens && $ends <= $closes + 1e-9) {
                return true;
            }
        }

        return false;
    }

    /** @param  array<int, int>  $quantities */
    private function isFree(array $quantities, int $start, int $end): bool
    {
        foreach ($quantities as $resource => $quantity) {
            for ($at = $start; $at < $end; $at += 600) {
                $taken = $quantity;
                foreach ($this->booked as $bookings) {
                    foreach ($bookings as [$begins, $ends, $which, $many]) {
                        $taken += $which === $resource && $begins <= $at && $ends > $at ? $many : 0;
                    }
                }
                if ($taken > self::CAPACITIES[$resource]) {
                    return false;
                }
            }
        }

        return true;
    }

    private function hours(): Hours
    {
        $week = array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri'], [['09:00', '12:00'], ['13:00', '17:00']]);

        return new Hours(
            new Calendar(WorkingHours::read(Document::of(['hours' => $week])), self::MONDAY), self::MONDAY,
        );
    }
}
