<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\View\Show;
use Closure;
use HonestGrain\Catalogue\Catalogue;
use Illuminate\Contracts\Container\Container;
use Illuminate\Contracts\View\Factory;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Makes the signed-in person, their units and their clock known to controllers and to every view. */
final readonly class ApplyPreferences
{
    public function __construct(
        private Container $container,
        private Catalogue $catalogue,
        private Factory $views,
    ) {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $show = Show::for($request->user(), $this->catalogue);
        $this->container->instance(Show::class, $show);
        $this->views->share(['show' => $show, 'me' => $request->user()]);

        return $next($request);
    }
}
