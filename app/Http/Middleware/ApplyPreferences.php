<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\View\Show;
use Closure;
use HonestGrain\Catalogue\Catalogue;
use Illuminate\Contracts\Container\Container;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Makes the signed-in person's units and clock available to controllers. */
final readonly class ApplyPreferences
{
    public function __construct(private Container $container, private Catalogue $catalogue)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $this->container->instance(Show::class, Show::for($request->user(), $this->catalogue));

        return $next($request);
    }
}
