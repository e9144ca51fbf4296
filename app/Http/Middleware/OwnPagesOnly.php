<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * What is sent to us comes from our own pages, and "back" never leads to another site.
 *
 * The forms of people who are not signed in carry no token, since reading them makes no session; the browser's own
 * word on where a form came from stands in for it.
 */
class OwnPagesOnly
{
    public function handle(Request $request, Closure $next): Response
    {
        $from = $request->headers->get('referer');
        if ($from !== null && parse_url($from, PHP_URL_HOST) !== $request->getHost()) {
            $request->headers->remove('referer');
        }
        if (! $request->isMethodSafe() && $this->isForeign($request)) {
            abort(403, 'This form came from another site; nothing was taken.');
        }

        return $next($request);
    }

    private function isForeign(Request $request): bool
    {
        $origin = $request->headers->get('origin');
        $site = $request->headers->get('sec-fetch-site');

        return ($origin !== null && parse_url($origin, PHP_URL_HOST) !== $request->getHost())
            || $site === 'cross-site' || $site === 'same-site';
    }
}
