<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use App\People\SecondStep;
use App\People\SignIns;
use Illuminate\Console\Command;
use Illuminate\Support\Str;

/** Gives somebody who cannot sign in a new password, and ends every session of theirs. */
class ResetPassword extends Command
{
    private const PASSWORD_LETTERS = 16;

    protected $signature = 'admin:password {email} {--without-second-step : who has lost the phone and the paper}';

    protected $description = 'Gives somebody a new password and signs them out everywhere';

    public function handle(SignIns $signIns, SecondStep $step): int
    {
        $email = (string) $this->argument('email');
        $user = User::query()->where('email', $email)->first();
        if ($user === null) {
            $this->error(say('admin.nobody', ['email' => $email]));

            return self::INVALID;
        }
        $password = Str::password(self::PASSWORD_LETTERS, symbols: false);
        // The old sessions hold the old password's mark; one that was to be remembered holds the token.
        $user->forceFill(['password' => $password, 'remember_token' => Str::random(60)])->save();
        $signIns->endOthers($user);
        $this->option('without-second-step') ? $step->end($user) : null;
        $this->info(say('admin.password-new', ['name' => $user->name]));
        $this->line(say('admin.password-is', ['password' => $password]));

        return self::SUCCESS;
    }
}
