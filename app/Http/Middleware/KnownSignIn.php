<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use App\People\SignIns;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** A browser that was signed out from another one is signed out. */
final readonly class KnownSignIn
{
    public function __construct(private SignIns $signIns)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if (! $user instanceof User || $this->signIns->isGoing($user)) {
            return $next($request);
        }
        Auth::guard()->logoutCurrentDevice();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return $request->expectsJson() ? response()->json(['message' => say('http.account.signed-out')], 401)
            : redirect()->guest(route('login'))->with('said', say('http.account.signed-out'));
    }
}
