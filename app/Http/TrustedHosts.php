<?php

declare(strict_types=1);

namespace App\Http;

/** The names under which the app may be asked: its own address, this machine, and those that a setting adds. */
final class TrustedHosts
{
    /** @return list<string> as patterns */
    public static function patterns(): array
    {
        $hosts = array_filter([
            ...explode(',', (string) config('app.trusted_hosts')),
            (string) parse_url((string) config('app.url'), PHP_URL_HOST),
            'localhost', '127.0.0.1', '[::1]',
        ], fn (string $host): bool => trim($host) !== '');

        return array_values(array_map(fn (string $host): string => '^'.preg_quote(trim($host)).'$', $hosts));
    }
}
