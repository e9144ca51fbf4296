<?php

declare(strict_types=1);

namespace App\Models\Kept;

/** Single days with hours of their own, whatever the week and its closures say. */
final readonly class OpenDays implements Kept
{
    /** @param  array<string, list<array{string, string}>>  $dates  from and until, by date: "2026-12-05" */
    public function __construct(public array $dates = [])
    {
    }

    /** @param  list<array{string, string}>  $stretches */
    public function with(string $date, array $stretches): self
    {
        $dates = [$date => $stretches] + $this->dates;
        ksort($dates);

        return new self($dates);
    }

    /** @param  list<string>  $dates */
    public function without(array $dates): self
    {
        return new self(array_diff_key($this->dates, array_flip($dates)));
    }

    public static function read(array $kept): self
    {
        return new self(OpenHours::read($kept)->stretches);
    }

    public function toArray(): array
    {
        return $this->dates;
    }
}
