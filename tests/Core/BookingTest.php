<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Reading\Document;
use HonestGrain\Schedule\Claims;
use HonestGrain\Schedule\Grouping;
use HonestGrain\Schedule\Internal\Booker;
use HonestGrain\Schedule\Internal\Calendar;
use HonestGrain\Schedule\Task;
use HonestGrain\Schedule\WorkingHours;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The earliest working time for a task, held against the plainest way to find it. */
final class BookingTest extends TestCase
{
    private const HOUR = 3600;

    /** Monday, 4 January 2027, midnight UTC. */
    private const MONDAY = 1_798_934_400 + 86_400;

    private const CAPACITIES = ['turner' => 1, 'lathe' => 2, 'shelf' => 3];

    /** @var array<int, array{int, int, string, int}> start, end, resource, quantity */
    private array $booked = [];

    #[DataProvider('seeds')]
    public function test_it_is_the_first_that_fits_whatever_was_booked_and_given_back(int $seed): void
    {
        mt_srand($seed);
        $booker = $this->booker();
        $given = [];
        for ($i = 0; $i < 160; $i++) {
            $needs = array_filter(['turner' => mt_rand(0, 1), 'lathe' => mt_rand(0, 2), 'shelf' => mt_rand(0, 3)]);
            $needs = $needs === [] ? ['turner' => 1] : $needs;
            $task = Task::of(
                "t$i", mt_rand(1, 16) * 10, new Claims($needs), grouping: new Grouping(splittable: mt_rand(0, 4) === 0),
            );
            $from = self::MONDAY + mt_rand(0, 10 * 24) * self::HOUR;
            [$runs] = $booker->earliest($task, $from);
            if (! $task->grouping->splittable) {
                self::assertSame([$this->first($task, $from)], $runs, "$i");
            }
            $given[$i] = [$booker->book($needs, $runs, "p$i"), $runs, $needs];
            foreach ($runs as $n => [$start, $end]) {
                foreach ($needs as $resource => $quantity) {
                    $this->booked["$i $n $resource"] = [$start, $end, $resource, $quantity];
                }
            }
            if (mt_rand(0, 2) === 0) {
                $back = array_rand($given);
                $booker->release($given[$back][0]);
                $this->booked = array_filter(
                    $this->booked, fn (string $key): bool => ! str_starts_with($key, "$back "), ARRAY_FILTER_USE_KEY,
                );
                unset($given[$back]);
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

    public function test_what_is_full_is_looked_through_once_and_again_when_something_is_given_back(): void
    {
        $booker = $this->booker();
        $task = Task::of('t', 60, new Claims(['lathe' => 2]));
        $given = [];
        for ($i = 0; $i < 40; $i++) {
            [$runs] = $booker->earliest($task, self::MONDAY);
            $given[] = $booker->book(['lathe' => 2], $runs, "p$i");
        }
        $looks = function (int $from, Task $asked) use ($booker): int {
            $before = $booker->looks;
            $booker->earliest($asked, $from);

            return $booker->looks - $before;
        };
        self::assertLessThanOrEqual(2, $looks(self::MONDAY, $task));
        self::assertLessThanOrEqual(2, $looks(self::MONDAY + 12 * self::HOUR, $task), 'from within what is known');
        self::assertGreaterThan(
            20, $looks(self::MONDAY, Task::of('u', 30, new Claims(['lathe' => 2]))), 'another length',
        );
        self::assertGreaterThan(
            20, $looks(self::MONDAY, Task::of('u', 60, new Claims(['lathe' => 1]))), 'another need',
        );
        $booker->release($given[0]);
        self::assertSame(self::MONDAY + 9 * self::HOUR, $booker->earliest($task, self::MONDAY)[0][0][0]);
        self::assertGreaterThan(20, $looks(self::MONDAY + 10 * self::HOUR, $task), 'nothing is known any more');
    }

    public function test_a_splittable_task_goes_on_after_the_break_and_names_whom_it_gave_way_to(): void
    {
        $booker = $this->booker();
        $task = Task::of('t', 4 * 60, new Claims(['turner' => 1]), grouping: new Grouping(splittable: true));
        [$runs, $gave] = $booker->earliest($task, self::MONDAY);
        self::assertSame([[9, 12], [13, 14]], self::inHours($runs));
        self::assertNull($gave);
        $booker->book(['turner' => 1], [[self::MONDAY + 9 * self::HOUR, self::MONDAY + 10 * self::HOUR]], 'bowl');
        [$runs, $gave] = $booker->earliest($task, self::MONDAY);
        self::assertSame([[10, 12], [13, 15]], self::inHours($runs));
        self::assertSame('bowl', $gave);
        self::assertSame(self::MONDAY + 10 * self::HOUR, $booker->lastEnd());
        self::assertSame(
            [[self::MONDAY + 5, self::MONDAY + 5]], $booker->earliest(
                Task::of('t', 0, new Claims([])), self::MONDAY + 5,
            )[0],
            'what takes neither time nor hands is done when it is ready',
        );
    }

    public function test_a_shelf_that_is_taken_in_between_frees_when_it_is_free_for_as_long_as_it_is_needed(): void
    {
        $booker = $this->booker();
        $at = fn (float $hour): int => self::MONDAY + (int) ($hour * self::HOUR);
        $booker->book(['shelf' => 3], [[$at(10), $at(11)], [$at(11.5), $at(12)]], 'bowl');
        self::assertNull($booker->holdClash(['shelf' => 1], $at(9), $at(10), 0));
        self::assertSame($at(11), $booker->holdClash(['shelf' => 1], $at(9), $at(10.5), 1800));
        self::assertSame($at(12), $booker->holdClash(['shelf' => 1], $at(9), $at(10.5), 1801));
        self::assertNull($booker->holdClash(['shelf' => 1], $at(10.5), $at(10.5), 0), 'for no time at all');
    }

    /**
     * @param  list<array{int, int}>  $runs
     * @return list<array{int, int}> hours of the Monday
     */
    private static function inHours(array $runs): array
    {
        return array_map(fn (array $run): array => [
            intdiv($run[0] - self::MONDAY, self::HOUR), intdiv($run[1] - self::MONDAY, self::HOUR),
        ], $runs);
    }

    private function booker(): Booker
    {
        return new Booker(new Calendar($this->hours(), self::MONDAY), self::CAPACITIES);
    }

    private function hours(): WorkingHours
    {
        $day = [['09:00', '12:00'], ['13:00', '17:00']];

        return WorkingHours::read(Document::of([
            'hours' => array_fill_keys(['mon', 'tue', 'wed', 'fri', 'sat'], $day),
        ]));
    }

    /** @return array{int, int} the first place that fits, tried one after another */
    private function first(Task $task, int $from): array
    {
        $starts = [$from, ...array_column($this->booked, 1)];
        $stretches = [];
        for ($day = 0; $day < 60; $day++) {
            $midnight = self::MONDAY + $day * 86_400;
            foreach (in_array(gmdate('D', $midnight), ['Thu', 'Sun'], true) ? [] : [[9, 12], [13, 17]] as [$a, $b]) {
                $stretches[] = [$midnight + $a * self::HOUR, $midnight + $b * self::HOUR];
                $starts[] = $midnight + $a * self::HOUR;
            }
        }
        sort($starts);
        foreach ($starts as $start) {
            $end = $start + $task->seconds;
            $isOpen = array_filter($stretches, fn (array $one): bool => $start >= $one[0] && $end <= $one[1]) !== [];
            if ($start >= $from && $isOpen && $this->isFree($task, $start, $end)) {
                return [$start, $end];
            }
        }
        self::fail('Nothing fits.');
    }

    private function isFree(Task $task, int $start, int $end): bool
    {
        foreach ($task->takes->needs as $resource => $quantity) {
            $over = array_filter(
                $this->booked, fn (array $one): bool => $one[2] === $resource && $one[0] < $end && $one[1] > $start,
            );
            foreach ([$start, ...array_column($over, 0)] as $at) {
                $taken = array_sum(array_column(array_filter(
                    $over, fn (array $one): bool => $one[0] <= max($at, $start) && $one[1] > max($at, $start),
                ), 3));
                if ($taken + $quantity > self::CAPACITIES[$resource]) {
                    return false;
                }
            }
        }

        return true;
    }
}
