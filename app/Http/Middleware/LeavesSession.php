<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Session\CacheBasedSessionHandler;
use Illuminate\Session\DatabaseSessionHandler;
use Illuminate\Session\FileSessionHandler;
use Illuminate\Session\NullSessionHandler;
use Illuminate\Support\Facades\DB;
use SessionHandlerInterface;
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
        $this->keep($session->getHandler(), $session->getId());
        $session->setHandler(new NullSessionHandler);

        return $response;
    }

    /** A page that hangs open all day and asks now and then stays signed in, wherever sessions are kept. */
    private function keep(SessionHandlerInterface $handler, string $id): void
    {
        $file = config('session.files')."/$id";
        match (true) {
            $handler instanceof FileSessionHandler => is_file($file) ? touch($file) : null,
            $handler instanceof DatabaseSessionHandler => DB::table(config()->string('session.table'))
                ->where('id', $id)->update(['last_activity' => now()->getTimestamp()]),
            $handler instanceof CacheBasedSessionHandler => $handler->write($id, $handler->read($id)),
            default => null,
        };
    }
}
