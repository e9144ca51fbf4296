<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Nothing but our own files may run, be framed or be sent to. */
class SecurityHeaders
{
    private const POLICY = [
        "default-src 'none'", "script-src 'self'", "style-src 'self'", "img-src 'self' data:", "font-src 'self'",
        "connect-src 'self'", "manifest-src 'self'", "worker-src 'self'", "form-action 'self'", "base-uri 'none'",
        "frame-ancestors 'none'",
    ];

    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $response->headers->add([
            'Content-Security-Policy' => implode('; ', self::POLICY),
            'X-Content-Type-Options' => 'nosniff',
            'X-Frame-Options' => 'DENY',
            'Referrer-Policy' => 'same-origin',
            'Permissions-Policy' => 'camera=(), microphone=(), geolocation=()',
            'Cross-Origin-Opener-Policy' => 'same-origin',
        ]);
        if ($request->isSecure()) {
            $response->headers->set('Strict-Transport-Security', 'max-age=31536000');
        }
        $response->headers->remove('X-Powered-By');
        $this->keepPrivate($response);

        return $response;
    }

    /** What one person was answered is kept for nobody else, and a file that carries their cookie for nobody at all. */
    private function keepPrivate(Response $response): void
    {
        $isPage = str_starts_with((string) $response->headers->get('Content-Type'), 'text/html');
        if ($response->headers->getCookies() !== [] && ! $isPage) {
            $response->headers->set('Cache-Control', 'private, no-store');
        } elseif ($response->headers->hasCacheControlDirective('public')) {
            $response->setPrivate();
        }
    }
}
