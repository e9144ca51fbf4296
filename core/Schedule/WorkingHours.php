<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Said;

/** The maker's working week in a time zone, with days on which the shop is closed. */
final readonly class WorkingHours
{
    /** @var list<string> dates that would be worked on but for a closure */
    private array $closedWorkingDays;

    public const DAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

    /**
     * @param  array<string, list<array{int, int}>>  $week  day => stretches in minutes from midnight
     * @param  array<string, true>  $closed  dates as Y-m-d
     */
    private function __construct(private array $week, private array $closed, public \DateTimeZone $zone)
    {
        $this->closedWorkingDays = array_values(array_filter(
            array_map(
                strval(...), array_keys($closed),
            ), fn (string $date): bool => ($week[self::dayOf($date)] ?? []) !== [],
        ));
    }

    /** Reads `hours` and `closed` as in the contract: `{"mon":[["08:00","12:00"]]}`, `["2026-12-25"]`. */
    public static function read(Document $document, ?\DateTimeZone $zone = null): self
    {
        $hours = $document->child('hours');
        $week = [];
        foreach ($hours->keys() as $day) {
            if (! in_array($day, self::DAYS, true)) {
                throw InvalidField::choice($hours->at($day), $day, self::DAYS);
            }
            $stretches = [];
            foreach ($hours->list($day, 12) as $i => $stretch) {
                $field = $hours->at("$day.$i");
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
            $week[$day] = $stretches;
        }
        $closed = [];
        foreach ($document->listOr('closed', 2000) as $i => $date) {
            if (! is_string($date) || preg_match('/^\d{4}-\d\d-\d\d$/', $date) !== 1 || ! checkdate(
                (int) substr($date, 5, 2), (int) substr($date, 8, 2), (int) substr($date, 0, 4),
            )) {
                throw InvalidField::type(
                    $document->at("closed.$i"), $date, new Said('schedule.working-hours.date-such-2026-12'),
                );
            }
            $closed[$date] = true;
        }

        return new self($week, $closed, $zone ?? new \DateTimeZone('UTC'));
    }

    /**
     * The working stretches of the local day that holds a second, as seconds (UTC).
     *
     * @return list<array{int, int}>
     */
    public function stretchesOn(string $date): array
    {
        if (isset($this->closed[$date])) {
            return [];
        }
        $midnight = new \DateTimeImmutable($date, $this->zone);
        $stretches = [];
        foreach ($this->week[self::DAYS[(int) $midnight->format('N') - 1]] ?? [] as [$from, $to]) {
            $at = fn (int $minute): int => $midnight->setTime(intdiv($minute, 60), $minute % 60)->getTimestamp();
            if ($at($to) > $at($from)) {
                $stretches[] = [$at($from), $at($to)];
            }
        }

        return $stretches;
    }

    /** The same, with the breaks of a day that are no longer than this worked through. */
    public function through(int $seconds): self
    {
        if ($seconds <= 0) {
            return $this;
        }
        $week = [];
        foreach ($this->week as $day => $stretches) {
            $joined = [];
            foreach ($stretches as [$from, $to]) {
                $before = array_pop($joined);
                $isShort = $before !== null && ($from - $before[1]) * 60 <= $seconds;
                $joined = [...$joined, ...$before === null || $isShort ? [] : [$before]];
                $joined[] = [$before !== null && $isShort ? $before[0] : $from, $to];
            }
            $week[$day] = $joined;
        }

        return new self($week, $this->closed, $this->zone);
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
            $week = [];
            foreach ($all->week as $day => $stretches) {
                $week[$day] = [];
                foreach ($stretches as [$from, $to]) {
                    foreach ($other->week[$day] ?? [] as [$opens, $closes]) {
                        if (max($from, $opens) < min($to, $closes)) {
                            $week[$day][] = [max($from, $opens), min($to, $closes)];
                        }
                    }
                }
            }
            $all = new self($week, $all->closed + $other->closed, $all->zone);
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
