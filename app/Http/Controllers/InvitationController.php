<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\InvitePerson;
use App\Http\Requests\JoinShop;
use App\Models\AuditKind;
use App\Models\Invitation;
use App\Models\Kept\Choices;
use App\Models\User;
use App\People\Audit;
use App\People\Letters;
use App\Watch\MailProbe;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** A link by which somebody joins the workshop; it goes by letter, and can be handed over. */
class InvitationController extends Controller
{
    public function __construct(private readonly Audit $audit)
    {
    }

    /** Invited again, they have one link: the last. */
    public function store(InvitePerson $request, Letters $letters, MailProbe $mail): RedirectResponse
    {
        $typed = $request->validated();
        $user = $this->user($request);
        $token = Invitation::newToken();
        $invitation = $this->workshop($request)->invitations()->updateOrCreate(['email' => $typed['person_email']], [
            'name' => $typed['person_name'], 'role' => $typed['person_role'], 'invited_by' => $user->id,
            'token' => Invitation::fingerprint($token), 'ends_at' => now()->addDays(Invitation::DAYS),
        ]);
        $this->audit->note($user, AuditKind::Invited, $invitation->email);
        $letters->invited($invitation, $token, $user);

        return back()->with([
            'said' => $mail->isKeptInLog() ? say('http.invitation.by-hand', ['name' => $invitation->name])
                : say('http.invitation.sent', ['name' => $invitation->name, 'email' => $invitation->email]),
            'link' => route('join', $token),
        ]);
    }

    public function destroy(Request $request, Invitation $invitation): RedirectResponse
    {
        Gate::authorize('change-people');
        $invitation->delete();
        $this->audit->note($this->user($request), AuditKind::InvitationWithdrawn, $invitation->email);

        return back()->with('said', say('http.invitation.withdrawn', ['name' => $invitation->name]));
    }

    public function show(string $token): View|RedirectResponse
    {
        $invitation = Invitation::of($token);

        return $invitation === null ? $this->noMore()
            : view('auth.join', ['invitation' => $invitation, 'token' => $token]);
    }

    public function join(JoinShop $request, string $token): RedirectResponse
    {
        $typed = $request->validated();
        $user = $this->adding($request, 'name', fn (): ?User => DB::transaction(
            function () use ($token, $typed): ?User {
                $invitation = Invitation::query()->whereKey(Invitation::of($token)?->id)->lockForUpdate()->first();
                if ($invitation === null) {
                    return null;
                }
                if (User::query()->where('email', $invitation->email)->exists()) {
                    throw ValidationException::withMessages(['name' => say('http.invitation.signs-in-already')]);
                }
                $user = $invitation->workshop->users()->create([
                    'name' => $typed['name'], 'email' => $invitation->email, 'password' => $typed['password'],
                    'role' => $invitation->role, 'preferences' => new Choices,
                ]);
                $invitation->delete();
                $this->audit->note($user, AuditKind::Joined, $invitation->email);

                return $user;
            },
        ));
        if ($user === null) {
            return $this->noMore();
        }
        Auth::login($user);
        $request->session()->regenerate();

        return redirect()->route('bench')->with('said', say('http.invitation.joined', [
            'workshop' => $user->workshop->name,
        ]));
    }

    private function noMore(): RedirectResponse
    {
        return redirect()->route('login')->with('said', say('http.invitation.no-more'));
    }
}
