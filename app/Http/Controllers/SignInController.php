<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\SignIn;
use App\People\SignIns;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Ends what is still signed in somewhere else. */
class SignInController extends Controller
{
    public function destroy(Request $request, SignIn $signIn, SignIns $signIns): RedirectResponse
    {
        Gate::authorize('change-password');
        $signIns->end($this->user($request), [$signIn->id]);

        return back()->with('said', say('http.account.ended', ['count' => 1]));
    }

    public function others(Request $request, SignIns $signIns): RedirectResponse
    {
        Gate::authorize('change-password');
        $others = $this->user($request)->signIns()->whereKeyNot($signIns->current() ?? 0)->pluck('id')->all();
        $count = $signIns->end($this->user($request), array_values($others));

        return back()->with('said', say('http.account.ended', ['count' => $count]));
    }
}
