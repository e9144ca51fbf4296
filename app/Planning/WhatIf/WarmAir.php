<?php

declare(strict_types=1);

namespace App\Planning\WhatIf;

use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** The air that a piece dries in, kept warm until a second (UTC). */
final readonly class WarmAir implements Change
{
    private const COLDEST_C = 0.0;

    private const WARMEST_C = 40.0;

    public function __construct(public int $piece, public float $tempC, public int $until)
    {
    }

    public function written(): string
    {
        return "$this->piece:$this->tempC:$this->until";
    }

    public static function read(string $written): ?self
    {
        [$piece, $tempC, $until] = explode(':', $written) + ['', '', ''];

        return ctype_digit($piece) && is_numeric($tempC) && ctype_digit($until)
            && $tempC >= self::COLDEST_C && $tempC <= self::WARMEST_C
            ? new self((int) $piece, (float) $tempC, (int) $until) : null;
    }

    public function piece(): int
    {
        return $this->piece;
    }

    public function said(array $names): Said
    {
        return new Said('planning.what-if.warm', ['temp' => Quantity::celsius($this->tempC)]);
    }

    public function to(Shop $shop): void
    {
        $air = $shop->airOf($this->piece);
        if ($air !== null) {
            $shop->warm($air, $this->tempC, $this->until);
        }
    }
}
