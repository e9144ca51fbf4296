<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Role;
use App\Models\User;
use App\Planning\NewWorkshop;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\Str;

/** Opens a workshop with its owner; or makes somebody of one its owner. */
class MakeOwner extends Command
{
    private const PASSWORD_LETTERS = 16;

    protected $signature = 'admin:owner {email} {--name= : of the person} {--workshop= : its name}
        {--time-zone=UTC : of the workshop}';

    protected $description = 'Opens a workshop with its owner, or makes somebody who signs in its owner';

    public function handle(NewWorkshop $new): int
    {
        $email = (string) $this->argument('email');
        $user = User::query()->where('email', $email)->first();
        if ($user !== null) {
            $user->update(['role' => Role::Owner]);
            $this->info(say('admin.owner.now', ['name' => $user->name, 'workshop' => $user->workshop->name]));

            return self::SUCCESS;
        }
        $typed = [
            'email' => $email, 'name' => $this->option('name'), 'workshop' => $this->option('workshop'),
            'time_zone' => $this->option('time-zone'),
        ];
        $faults = Validator::make($typed, [
            'email' => ['required', 'email', 'ascii', 'max:190'], 'name' => ['required', 'string', 'max:120'],
            'workshop' => ['required', 'string', 'max:120'], 'time_zone' => ['required', 'timezone:all'],
        ])->errors()->all();
        if ($faults !== []) {
            $this->error(implode("\n", $faults));
            $this->line(say('admin.owner.takes'));

            return self::INVALID;
        }
        $password = Str::password(self::PASSWORD_LETTERS, symbols: false);
        $new->open(
            name: (string) $typed['workshop'], timeZone: (string) $typed['time_zone'], owner: (string) $typed['name'],
            email: $email, password: $password,
        );
        $this->info(say('admin.owner.made', ['workshop' => (string) $typed['workshop'], 'email' => $email]));
        $this->line(say('admin.password-is', ['password' => $password]));

        return self::SUCCESS;
    }
}
