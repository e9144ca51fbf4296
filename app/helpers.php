<?php

declare(strict_types=1);

use App\View\Show;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

if (! function_exists('say')) {
    /**
     * A line of lang/ with what is said in its places, in the reader's units.
     *
     * @param  array<string, string|int|float|Quantity|Said|list<string>>  $of
     */
    function say(string $code, array $of = []): string
    {
        return app(Show::class)->said(new Said($code, array_map(
            fn (string|int|float|Quantity|Said|array $one): string|Quantity|Said|array => match (true) {
                is_int($one) => Quantity::count($one),
                is_scalar($one) => (string) $one,
                default => $one,
            },
            $of,
        )));
    }
}

if (! function_exists('lines')) {
    /** @return array<string, string> all lines under a code, by their last key */
    function lines(string $code): array
    {
        return app(Show::class)->lines($code);
    }
}
