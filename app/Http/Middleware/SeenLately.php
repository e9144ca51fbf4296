<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Keeps the hour in which a visitor's own workshop was last used, so that it is swept a day after that. */
class SeenLately
{
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && $user->workshop->is_visit && $user->workshop->last_seen_at?->gt(
            now()->subHour(),
        ) !== true) {
            $user->workshop->forceFill(['last_seen_at' => now()])->saveQuietly();
        }

        return $next($request);
    }
}
