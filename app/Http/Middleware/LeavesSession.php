<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Session\FileSessionHandler;
use Illuminate\Session\NullSessionHandler;
use Symfony\Component\HttpFoundation\Response;

/**
 * Part of a page that is fetched by itself reads the session and leaves it as it is, for it may take a while: what a
 * press meanwhile has to say is not told to the part instead of the page, nor lost when the part's answer comes last.
 */
class LeavesSession
{
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $session = $request->session();
        assert($session instanceof \Illuminate\Session\Store);
        $file = config('session.files').'/'.$session->getId();
        // A page that hangs open all day and asks now and then stays signed in.
        if ($session->getHandler() instanceof FileSessionHandler && is_file($file)) {
            touch($file);
        }
        $session->setHandler(new NullSessionHandler);

        return $response;
    }
}
