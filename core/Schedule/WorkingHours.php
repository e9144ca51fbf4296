<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Said;

/** The maker's working week in a time zone, with days on which the shop is closed, and days with hours of their own. */
final readonly class WorkingHours
{
    /** @var list<string> dates that would be worked on but for a closure */
    private array $closedWorkingDays;

    public const DAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

    private const MOST_DATES = 2000;

    /**
     * @param  array<string, list<array{int, int}>>  $week  day => stretches in minutes from midnight
     * @param  array<string, true>  $closed  dates as Y-m-d
     * @param  array<string, list<array{int, int}>>  $also  of single dates, whatever the week and closures say
     */
    private function __construct(
        private array $week,
        private array $closed,
        private array $also,
        public \DateTimeZone $zone,
    ) {
        $this->closedWorkingDays = array_values(array_filter(
            array_map(
                strval(...), array_keys($closed),
            ), fn (string $date): bool => ($week[self::dayOf($date)] ?? []) !== [] && ! isset($also[$date]),
        ));
    }

    /**
     * Reads `hours` and `closed` as in the contract: `{"mon":[["08:00","12:00"]]}`, `["2026-12-25"]`; `also` has the
     * hours of single dates: `{"2026-12-05":[["09:00","13:00"]]}`.
     *
     * @throws InvalidField
     */
    public static function read(Document $document, ?\DateTimeZone $zone = null): self
    {
        $hours = $document->child('hours');
        $week = [];
        foreach ($hours->keys() as $day) {
            if (! in_array($day, self::DAYS, true)) {
                throw InvalidField::choice($hours->at($day), $day, self::DAYS);
            }
            $week[$day] = self::stretches($hours, $day);
        }
        $closed = $also = [];
        foreach ($document->listOr('closed', self::MOST_DATES) as $i => $date) {
            $closed[self::date($date, $document->at("closed.$i"))] = true;
        }
        $single = $document->childOr('also');
        foreach (array_slice($single->keys(), 0, self::MOST_DATES) as $date) {
            $also[self::date($date, $single->at($date))] = self::stretches($single, $date);
        }

        return new self($week, $closed, $also, $zone ?? new \DateTimeZone('UTC'));
    }

    /** @return list<array{int, int}> minutes from midnight */
    private static function stretches(Document $days, string $day): array
    {
        $stretches = [];
        foreach ($days->list($day, 12) as $i => $stretch) {
            $field = $days->at("$day.$i");
            if (! is_array($stretch) || count($stretch) !== 2 || ! array_is_list($stretch)) {
                throw InvalidField::type($field, $stretch, new Said('schedule.working-hours.stretch-such-08-00'));
            }
            $from = self::minute($stretch[0], "$field.0");
            $to = self::minute($stretch[1], "$field.1");
            $before = $stretches === [] ? 0 : $stretches[count($stretches) - 1][1];
            if ($to <= $from || $from < $before) {
                throw InvalidField::because(
                    $field, $stretch, new Said('schedule.working-hours.stretch-ends-after-starts'),
                );
            }
            $stretches[] = [$from, $to];
        }

        return $stretches;
    }

    /** @throws InvalidField for what is no date */
    private static function date(mixed $date, string $field): string
    {
        if (! is_string($date) || preg_match('/^\d{4}-\d\d-\d\d$/', $date) !== 1 || ! checkdate(
            (int) substr($date, 5, 2), (int) substr($date, 8, 2), (int) substr($date, 0, 4),
        )) {
            throw InvalidField::type($field, $date, new Said('schedule.working-hours.date-such-2026-12'));
        }

        return $date;
    }

    /** Whether they go on week after week, and not on single dates alone. */
    public function goesOn(): bool
    {
        return $this->stretchesAWeek() > 0;
    }

    /** The last of the single dates; empty where there are none. */
    public function lastDate(): string
    {
        return max(['', ...array_map(strval(...), array_keys($this->also))]);
    }

    /**
     * The working stretches of the local day that holds a second, as seconds (UTC).
     *
     * @return list<array{int, int}>
     */
    public function stretchesOn(string $date): array
    {
        $minutes = $this->minutesOn($date);
        if ($minutes === []) {
            return [];
        }
        $midnight = new \DateTimeImmutable($date, $this->zone);
        $stretches = [];
        foreach ($minutes as [$from, $to]) {
            $at = fn (int $minute): int => $midnight->setTime(intdiv($minute, 60), $minute % 60)->getTimestamp();
            if ($at($to) > $at($from)) {
                $stretches[] = [$at($from), $at($to)];
            }
        }

        return $stretches;
    }

    /** How long it is open on a date. */
    public function secondsOn(string $date): int
    {
        return array_sum(array_map(fn (array $one): int => $one[1] - $one[0], $this->stretchesOn($date)));
    }

    /** The same, with the breaks of a day that are no longer than this worked through. */
    public function through(int $seconds): self
    {
        if ($seconds <= 0) {
            return $this;
        }
        $week = $also = [];
        foreach ($this->week as $day => $stretches) {
            $week[$day] = self::joined($stretches, $seconds);
        }
        foreach ($this->also as $date => $stretches) {
            $also[$date] = self::joined($stretches, $seconds);
        }

        return new self($week, $this->closed, $also, $this->zone);
    }

    /**
     * @param  list<array{int, int}>  $stretches
     * @return list<array{int, int}>
     */
    private static function joined(array $stretches, int $seconds): array
    {
        $joined = [];
        foreach ($stretches as [$from, $to]) {
            $before = array_pop($joined);
            $isShort = $before !== null && ($from - $before[1]) * 60 <= $seconds;
            $joined = [...$joined, ...$before === null || $isShort ? [] : [$before]];
            $joined[] = [$before !== null && $isShort ? $before[0] : $from, $to];
        }

        return $joined;
    }

    /** @return list<array{int, int}> the stretches of a date, minutes from midnight */
    private function minutesOn(string $date): array
    {
        return $this->also[$date] ?? (isset($this->closed[$date]) ? [] : $this->week[self::dayOf($date)] ?? []);
    }

    /**
     * @param  list<array{int, int}>  $one
     * @param  list<array{int, int}>  $other
     * @return list<array{int, int}>
     */
    private static function inBoth(array $one, array $other): array
    {
        $both = [];
        foreach ($one as [$from, $to]) {
            foreach ($other as [$opens, $closes]) {
                if (max($from, $opens) < min($to, $closes)) {
                    $both[] = [max($from, $opens), min($to, $closes)];
                }
            }
        }

        return $both;
    }

    /**
     * The time in which all of several people work.
     *
     * @param  non-empty-list<self>  $hours
     */
    public static function shared(array $hours): self
    {
        $all = $hours[0];
        foreach (array_slice($hours, 1) as $other) {
            $week = $also = [];
            foreach ($all->week as $day => $stretches) {
                $week[$day] = self::inBoth($stretches, $other->week[$day] ?? []);
            }
            foreach (array_map(strval(...), array_keys($all->also + $other->also)) as $date) {
                $also[$date] = self::inBoth($all->minutesOn($date), $other->minutesOn($date));
            }
            $all = new self($week, $all->closed + $other->closed, $also, $all->zone);
        }

        return $all;
    }

    /** When the working stretch ends in which a second (UTC) lies; null where the shop is shut then. */
    public function openUntil(int $second): ?int
    {
        $date = (new \DateTimeImmutable("@$second"))->setTimezone($this->zone)->format('Y-m-d');
        foreach ($this->stretchesOn($date) as [$opens, $closes]) {
            if ($opens <= $second && $second < $closes) {
                return $closes;
            }
        }

        return null;
    }

    /** Whether a closure takes a working day between two seconds (UTC). */
    public function isClosedBetween(int $from, int $to): bool
    {
        $first = (new \DateTimeImmutable("@$from"))->setTimezone($this->zone)->format('Y-m-d');
        $last = (new \DateTimeImmutable("@$to"))->setTimezone($this->zone)->format('Y-m-d');
        foreach ($this->closedWorkingDays as $date) {
            if ($date >= $first && $date <= $last) {
                return true;
            }
        }

        return false;
    }

    private static function dayOf(string $date): string
    {
        return self::DAYS[(int) (new \DateTimeImmutable($date))->format('N') - 1];
    }

    public function stretchesAWeek(): int
    {
        return array_sum(array_map(count(...), $this->week));
    }

    public function secondsAWeek(): int
    {
        $minutes = 0;
        foreach ($this->week as $stretches) {
            foreach ($stretches as [$from, $to]) {
                $minutes += $to - $from;
            }
        }

        return $minutes * 60;
    }

    public function longestStretchSeconds(): int
    {
        return max(
            [
                0,
                ...array_map(
                    fn (array $stretch): int => ($stretch[1] - $stretch[0]) * 60,
                    array_merge(...array_values($this->week)),
                ),
            ],
        );
    }

    private static function minute(mixed $text, string $field): int
    {
        if (! is_string($text) || preg_match(
            '/^([01]\d|2[0-4]):([0-5]\d)$/', $text, $m,
        ) !== 1 || (int) $m[1] * 60 + (int) $m[2] > 1440) {
            throw InvalidField::type($field, $text, new Said('schedule.working-hours.time-from-00-00'));
        }

        return (int) $m[1] * 60 + (int) $m[2];
    }
}
