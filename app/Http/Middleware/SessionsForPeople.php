<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Who only looks, and has no session yet, leaves no session file behind: robots would leave one each. */
class SessionsForPeople
{
    public function handle(Request $request, Closure $next): Response
    {
        $knows = fn (string $cookie): bool => $cookie === config('session.cookie') || str_starts_with(
            $cookie, 'remember_',
        );
        if ($request->isMethodSafe() && array_filter(array_keys($request->cookies->all()), $knows) === []) {
            config(['session.driver' => 'array']);
        }

        return $next($request);
    }
}
