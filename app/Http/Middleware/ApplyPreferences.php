<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\View\Show;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Makes the signed-in person's units and clock available to controllers. */
class ApplyPreferences
{
    public function handle(Request $request, Closure $next): Response
    {
        app()->instance(Show::class, Show::for($request->user()));

        return $next($request);
    }
}
