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
        if ($from !== null && ! $this->isOurs($from, $request)) {
            $request->headers->remove('referer');
        }
        if (! $request->isMethodSafe() && $this->isForeign($request)) {
            abort(403, say('http.own-pages-only.form-came-from-another'));
        }

        return $next($request);
    }

    private function isForeign(Request $request): bool
    {
        $origin = $request->headers->get('origin');
        $site = $request->headers->get('sec-fetch-site');

        return ($origin !== null && ! $this->isOurs($origin, $request))
            || $site === 'cross-site' || $site === 'same-site';
    }

    /** The same name at another port is another site: whatever listens there is not ours. */
    private function isOurs(string $address, Request $request): bool
    {
        $parts = parse_url($address);
        $usual = ['http' => 80, 'https' => 443];

        return is_array($parts) && ($parts['host'] ?? null) === $request->getHost()
            && ($parts['port'] ?? $usual[$parts['scheme'] ?? ''] ?? null) === (int) $request->getPort();
    }
}
