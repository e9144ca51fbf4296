<?php

declare(strict_types=1);

namespace App\Planning\WhatIf;

use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** A helper for a day, who may do everything. */
final readonly class HelpOn implements Change
{
    public function __construct(public string $date)
    {
    }

    public function written(): string
    {
        return $this->date;
    }

    public static function read(string $written): ?self
    {
        return Changes::isDate($written) ? new self($written) : null;
    }

    public function piece(): null
    {
        return null;
    }

    public function said(array $names): Said
    {
        return new Said('planning.what-if.help', ['day' => Quantity::day($this->date)]);
    }

    public function to(Shop $shop): void
    {
        $shop->helpedOn($this->date, $shop->longDay());
    }
}
