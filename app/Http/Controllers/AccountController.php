<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChangeAddress;
use App\Http\Requests\ChangePassword;
use App\Http\Requests\SaveName;
use App\Models\AuditKind;
use App\People\Audit;
use App\People\Letters;
use App\People\SignIns;
use App\People\Totp;
use App\View\AccountPage;
use App\View\Show;
use App\Watch\MailProbe;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** How somebody signs in, and where they are signed in. */
class AccountController extends Controller
{
    public function __construct(private readonly Audit $audit, private readonly Letters $letters)
    {
    }

    public function show(Request $request, SignIns $signIns, Show $show, MailProbe $mail): View
    {
        $user = $this->user($request);

        return view('shop.account', [
            'page' => new AccountPage($user, $signIns->current(), Totp::address(
                (string) $user->second_secret, config()->string('app.name'), $user->email,
            ), $show),
            'sends' => ! $mail->isKeptInLog(),
        ]);
    }

    public function name(SaveName $request): RedirectResponse
    {
        $this->user($request)->update(['name' => $request->validated('own_name')]);

        return back()->with('said', say('http.account.name'));
    }

    public function address(ChangeAddress $request): RedirectResponse
    {
        $user = $this->user($request);
        $before = $user->email;
        $this->adding($request, 'new_email', fn () => $user->forceFill([
            'email' => $request->validated('new_email'), 'email_verified_at' => null,
        ])->save());
        if ($user->email !== $before) {
            $this->audit->note($user, AuditKind::AddressChanged, "$before → $user->email");
            $this->letters->addressChanged($user, $before);
            $this->letters->confirm($user);
        }

        return back()->with('said', say('http.account.address', ['email' => $user->email]));
    }

    public function password(ChangePassword $request, SignIns $signIns): RedirectResponse
    {
        $typed = $request->validated();
        $user = $this->user($request);
        $user->update(['password' => $typed['password']]);
        Auth::logoutOtherDevices($typed['password']);
        $signIns->endOthers($user, $signIns->current());
        $request->session()->regenerate();
        $this->audit->note($user, AuditKind::PasswordChanged);
        $this->letters->passwordChanged($user);

        return back()->with('said', say('http.preferences.your-password-changed-every'));
    }
}
