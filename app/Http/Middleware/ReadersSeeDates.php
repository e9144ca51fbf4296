<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Session\Store;
use Symfony\Component\HttpFoundation\Response;

/** A reader sees what is ready when, help, and what is their own. */
class ReadersSeeDates
{
    /** Names of routes, as far as they begin so. */
    public const OPEN = [
        'dates', 'logout', 'account', 'second-step', 'sign-ins', 'leaving', 'confirm', 'password', 'you', 'preferences',
        'help', 'words',
    ];

    public function handle(Request $request, Closure $next): Response
    {
        if ($request->user()?->isReader() !== true || $request->routeIs(...self::patterns())) {
            return $next($request);
        }
        if ($request->routeIs('bench')) {
            $session = $request->session();
            assert($session instanceof Store);
            $session->reflash();

            return redirect()->route('dates');
        }
        // A page that anybody may open is theirs as well.
        $isOfShop = in_array('auth', $request->route()?->gatherMiddleware() ?? [], true);
        abort_if($isOfShop, 403, say('http.reader.dates-only'));

        return $next($request);
    }

    /** @return list<string> */
    private static function patterns(): array
    {
        return [...self::OPEN, ...array_map(fn (string $name): string => "$name.*", self::OPEN)];
    }
}
