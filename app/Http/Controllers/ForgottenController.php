<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AskReset;
use App\Http\Requests\ChooseAnew;
use App\Models\AuditKind;
use App\Models\User;
use App\People\Audit;
use App\People\Letters;
use App\People\SignIns;
use App\Watch\MailProbe;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Password;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** A forgotten password: a letter with a link, which counts for an hour and once. */
class ForgottenController extends Controller
{
    public function create(MailProbe $mail): View
    {
        return view('auth.forgotten', ['sends' => ! $mail->isKeptInLog()]);
    }

    /** Whether anybody signs in with that address is not told. */
    public function store(AskReset $request, Letters $letters): RedirectResponse
    {
        Password::sendResetLink(
            $request->validated(), fn (User $user, string $token) => $letters->reset($user, $token),
        );

        return redirect()->route('login')->with('said', say('http.forgotten.on-its-way'));
    }

    public function edit(Request $request, string $token): View
    {
        return view('auth.reset', ['token' => $token, 'email' => $request->string('email')->toString()]);
    }

    public function update(
        ChooseAnew $request,
        Audit $audit,
        Letters $letters,
        SignIns $signIns,
    ): RedirectResponse {
        $status = Password::reset(
            $request->safe(['email', 'token', 'password', 'password_confirmation']) + [
                'password_confirmation' => $request->input('password_confirmation'),
            ],
            function (User $user, string $password) use ($audit, $letters, $signIns): void {
                // Whoever holds the letter has the address.
                $user->forceFill([
                    'password' => $password, 'remember_token' => Str::random(60),
                    'email_verified_at' => $user->email_verified_at ?? now(),
                ])->save();
                $signIns->endOthers($user);
                $audit->note($user, AuditKind::PasswordReset);
                $letters->passwordChanged($user);
            },
        );
        if ($status !== Password::PASSWORD_RESET) {
            throw ValidationException::withMessages(['email' => say('http.forgotten.no-more')]);
        }

        return redirect()->route('login')->with('said', say('http.forgotten.chosen'));
    }
}
