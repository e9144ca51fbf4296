<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SignIn;
use App\Models\AuditKind;
use App\Models\User;
use App\People\Audit;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;

class SessionController extends Controller
{
    public function create(): View
    {
        return view('auth.sign-in');
    }

    public function store(SignIn $request, Audit $audit): RedirectResponse
    {
        $typed = $request->validated();
        $user = $this->withAddress($typed['email']);
        // An unknown address takes as long as a wrong password.
        $right = Hash::check($typed['password'], $user->password ?? $this->nobodysHash());
        if ($user === null || ! $right) {
            $user === null ? null : $audit->note($user, AuditKind::PasswordRefused);
            throw ValidationException::withMessages([
                'email' => say('http.session.no-one-here-signs'),
            ]);
        }
        if ($user->hasSecondStep()) {
            $request->session()->put(CodeController::KEY, [
                'user' => $user->id, 'remember' => $request->boolean('remember'),
                'until' => now()->addMinutes(CodeController::MINUTES)->getTimestamp(),
            ]);

            return redirect()->route('code');
        }
        Auth::login($user, $request->boolean('remember'));
        $request->session()->regenerate();

        return redirect()->intended(route('bench'));
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('login')->with('said', say('http.session.you-signed-out'));
    }

    /** The very address: the database takes look-alike letters for the same, we do not. */
    private function withAddress(string $email): ?User
    {
        $user = User::query()->where('email', $email)->first();

        return $user !== null && mb_strtolower($user->email) === mb_strtolower($email) ? $user : null;
    }

    private function nobodysHash(): string
    {
        return cache()->rememberForever('nobodys-hash', fn (): string => Hash::make(bin2hex(random_bytes(16))));
    }
}
