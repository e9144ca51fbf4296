<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/** Tells one browser of a house from another before anybody has signed in, so that limits are each one's own. */
class KnowVisitor
{
    public const COOKIE = 'honest_grain_visitor';

    private const KEPT_MINUTES = 60 * 24 * 30;

    public function handle(Request $request, Closure $next): Response
    {
        if (! is_string($request->cookie(self::COOKIE))) {
            Cookie::queue(self::COOKIE, Str::random(24), self::KEPT_MINUTES);
        }

        return $next($request);
    }
}
