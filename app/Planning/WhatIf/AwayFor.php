<?php

declare(strict_types=1);

namespace App\Planning\WhatIf;

use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;
use Illuminate\Support\Carbon;

/** Days on which nobody works: illness, a fair. */
final readonly class AwayFor implements Change
{
    private const MOST_DAYS = 60;

    public function __construct(public string $date, public int $days)
    {
    }

    public function written(): string
    {
        return "$this->date:$this->days";
    }

    public static function read(string $written): ?self
    {
        [$date, $days] = explode(':', $written) + ['', '1'];

        return Changes::isDate($date) && ctype_digit($days) && $days >= 1 && $days <= self::MOST_DAYS
            ? new self($date, (int) $days) : null;
    }

    public function piece(): null
    {
        return null;
    }

    public function said(array $names): Said
    {
        return new Said('planning.what-if.away', [
            'day' => Quantity::day($this->date), 'days' => Quantity::count($this->days),
        ]);
    }

    public function to(Shop $shop): void
    {
        $shop->closeOn(array_map(
            fn (int $n): string => Carbon::parse($this->date)->addDays($n)->toDateString(), range(0, $this->days - 1),
        ));
    }
}
