<?php

declare(strict_types=1);

namespace App\Models\Kept;

/** When hands are in a shop, day by day of the week. */
final readonly class OpenHours implements Kept
{
    /** @param  array<string, list<array{string, string}>>  $stretches  from and until, by day: "mon" to "sun" */
    public function __construct(public array $stretches)
    {
    }

    public static function usual(): self
    {
        $day = [['08:00', '12:00'], ['13:00', '17:00']];

        return new self([
            'mon' => $day, 'tue' => $day, 'wed' => $day, 'thu' => $day, 'fri' => $day, 'sat' => [['09:00', '13:00']],
            'sun' => [],
        ]);
    }

    /** @return list<array{string, string}> */
    public function on(string $day): array
    {
        return $this->stretches[$day] ?? [];
    }

    /** @return list<array{string, string}> the stretches of its longest day */
    public function longest(): array
    {
        $minutes = fn (string $time): int => 60 * (int) substr($time, 0, 2) + (int) substr($time, 3, 2);
        $longest = [];
        $most = 0;
        foreach ($this->stretches as $stretches) {
            $open = array_sum(array_map(fn (array $one): int => $minutes($one[1]) - $minutes($one[0]), $stretches));
            [$longest, $most] = $open > $most ? [$stretches, $open] : [$longest, $most];
        }

        return $longest;
    }

    public static function read(array $kept): self
    {
        $stretches = [];
        foreach ($kept as $day => $of) {
            $stretches[(string) $day] = array_map(
                fn (mixed $one): array => [(string) ($one[0] ?? ''), (string) ($one[1] ?? '')],
                array_values((array) $of),
            );
        }

        return new self($stretches);
    }

    public function toArray(): array
    {
        return $this->stretches;
    }
}
