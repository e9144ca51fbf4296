<?php

declare(strict_types=1);

namespace App\People;

use App\Models\AuditKind;
use App\Models\SignIn;
use App\Models\User;
use Illuminate\Auth\Events\Login;
use Illuminate\Auth\Events\Logout;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

/** The browsers that somebody is signed in with: each can be ended from another. */
final readonly class SignIns
{
    /** In the session: which of them it is. */
    public const KEY = 'sign_in';

    private const LONGEST_AGENT = 190;

    /** How exactly it is known when one was last there. */
    private const SEEN_MINUTES = 5;

    public function __construct(private Request $request, private Audit $audit)
    {
    }

    public function begin(Login $event): void
    {
        if ($event->user instanceof User && $this->request->hasSession()) {
            $signIn = SignIn::query()->create([
                'user_id' => $event->user->id, 'is_remembered' => $event->remember,
                'agent' => mb_substr(mb_scrub((string) $this->request->userAgent()), 0, self::LONGEST_AGENT),
                'address' => (string) $this->request->ip(), 'began_at' => now(), 'seen_at' => now(),
            ]);
            $this->request->session()->put(self::KEY, $signIn->id);
            $this->audit->note($event->user, AuditKind::SignedIn);
        }
    }

    public function leave(Logout $event): void
    {
        if ($event->user instanceof User && $this->request->hasSession()) {
            SignIn::query()->whereKey($this->current())->update(['ended_at' => now()]);
            $this->audit->note($event->user, AuditKind::SignedOut);
        }
    }

    /** Its number; null for one that began before they were counted. */
    public function current(): ?int
    {
        $key = $this->request->session()->get(self::KEY);

        return is_int($key) ? $key : null;
    }

    /** Whether the browser that asks may go on. */
    public function isGoing(User $user): bool
    {
        $current = $this->current();
        if ($current === null) {
            return true;
        }
        $signIn = SignIn::query()->whereKey($current)->where('user_id', $user->id)->whereNull('ended_at')->first();
        if ($signIn?->seen_at->lt(now()->subMinutes(self::SEEN_MINUTES)) === true) {
            SignIn::query()->whereKey($current)->update(['seen_at' => now()]);
        }

        return $signIn !== null;
    }

    /** Every browser of theirs but one, since the password is another. */
    public function endOthers(User $user, ?int $but = null): void
    {
        SignIn::query()->where('user_id', $user->id)->whereKeyNot($but ?? 0)->whereNull('ended_at')
            ->update(['ended_at' => now()]);
    }

    /** @param  list<int>  $which  none of them signs in by itself again, nor does any other browser of theirs */
    public function end(User $user, array $which): int
    {
        $ended = SignIn::query()->where('user_id', $user->id)->whereKey($which)->whereNull('ended_at')
            ->update(['ended_at' => now()]);
        if ($ended > 0) {
            $user->forceFill(['remember_token' => Str::random(60)])->save();
            $this->audit->note($user, AuditKind::SignInEnded);
        }

        return $ended;
    }
}
