<?php

declare(strict_types=1);

namespace App\People;

use App\Models\Invitation;
use App\Models\User;
use Carbon\CarbonInterface;
use Illuminate\Contracts\Mail\Mailer;
use Illuminate\Support\Facades\URL;

/** What people are written. */
final readonly class Letters
{
    /** For so long a link confirms an address. */
    private const CONFIRM_DAYS = 7;

    public function __construct(private Mailer $mail)
    {
    }

    public function confirm(User $user): void
    {
        $link = URL::temporarySignedRoute('confirm', now()->addDays(self::CONFIRM_DAYS), [
            'user' => $user->id, 'mark' => self::mark($user->email),
        ]);
        $this->send($user->email, 'confirm', ['name' => $user->name], $link);
    }

    /** Whose address a link is for: it ends with the address. */
    public static function mark(string $email): string
    {
        return substr(hash('sha256', mb_strtolower($email)), 0, 32);
    }

    public function reset(User $user, string $token): void
    {
        $this->send($user->email, 'reset', ['name' => $user->name], route('password.reset', [
            'token' => $token, 'email' => $user->email,
        ]));
    }

    public function invited(Invitation $invitation, string $token, User $by): void
    {
        $this->send($invitation->email, 'invited', [
            'name' => $invitation->name, 'by' => $by->name, 'workshop' => $invitation->workshop->name,
        ], route('join', $token));
    }

    /** To the address that counts no more, in case somebody else changed it. */
    public function addressChanged(User $user, string $before): void
    {
        $this->send($before, 'address-changed', ['name' => $user->name, 'email' => $user->email]);
    }

    public function passwordChanged(User $user): void
    {
        $this->send($user->email, 'password-changed', ['name' => $user->name]);
    }

    public function closes(User $user, string $by, CarbonInterface $at): void
    {
        $this->send($user->email, 'closes', [
            'name' => $user->name, 'by' => $by, 'workshop' => $user->workshop->name, 'day' => $at->toDateString(),
        ]);
    }

    /** @param  list<string>  $lines  what closes tomorrow, one after the other */
    public function evening(User $user, array $lines): void
    {
        $this->mail->to($user->email)->queue(new Letter(
            say('letters.evening.about', ['workshop' => $user->workshop->name]),
            [implode("\n", $lines), say('letters.evening.why')], route('bench'),
        ));
    }

    public function window(User $user, string $line): void
    {
        $this->mail->to($user->email)->queue(new Letter($line, [say('letters.window.why')], route('bench')));
    }

    /** @param  array<string, string>  $of */
    private function send(string $to, string $which, array $of, ?string $link = null): void
    {
        $paragraphs = array_map(
            fn (string $key): string => say("letters.$which.$key", $of), array_keys(lines("letters.$which")),
        );
        $this->mail->to($to)->queue(new Letter(array_shift($paragraphs) ?? '', $paragraphs, $link));
    }
}
