<?php

declare(strict_types=1);

use App\View\Show;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;
use Illuminate\Support\Env;

if (! function_exists('secret')) {
    /** A setting that is nobody else's: from the environment, or from the file that NAME_FILE names. */
    function secret(string $name): ?string
    {
        $value = Env::get($name);
        $file = Env::get($name.'_FILE');
        if ($value === null && is_string($file)) {
            $value = is_readable($file) ? trim((string) file_get_contents($file)) : null;
        }

        return is_string($value) && $value !== '' ? $value : null;
    }
}

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
