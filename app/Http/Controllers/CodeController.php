<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EnterCode;
use App\Models\AuditKind;
use App\Models\User;
use App\People\Audit;
use App\People\SecondStep;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

/** The second step of signing in, after a password that was right. */
class CodeController extends Controller
{
    /** In the session: who has given the right password, and until when the code may follow. */
    public const KEY = 'second_step';

    public const MINUTES = 10;

    public function create(Request $request): View|RedirectResponse
    {
        return $this->who($request) === null ? $this->again() : view('auth.code');
    }

    public function store(EnterCode $request, SecondStep $step, Audit $audit): RedirectResponse
    {
        $user = $this->who($request);
        if ($user === null) {
            return $this->again();
        }
        $by = $step->passesBy($user, (string) $request->validated('code'));
        if ($by === null) {
            $audit->note($user, AuditKind::CodeRefused);
            throw ValidationException::withMessages(['code' => say('http.second.not-that')]);
        }
        $remembers = $request->session()->pull(self::KEY)['remember'] ?? false;
        Auth::login($user, (bool) $remembers);
        $request->session()->regenerate();
        if ($by === false) {
            $audit->note($user, AuditKind::RecoveryUsed);
            $left = count($user->refresh()->recovery_codes);

            return redirect()->route('account')->with('said', say('http.second.on-paper', ['count' => $left]));
        }

        return redirect()->intended(route('bench'));
    }

    private function who(Request $request): ?User
    {
        $kept = $request->hasSession() ? $request->session()->get(self::KEY) : null;

        return is_array($kept) && ($kept['until'] ?? 0) > now()->getTimestamp()
            ? User::query()->whereKey((int) ($kept['user'] ?? 0))->first() : null;
    }

    private function again(): RedirectResponse
    {
        return redirect()->route('login')->with('said', say('http.second.again'));
    }
}
