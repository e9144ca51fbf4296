<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Along\Unpacker;
use App\Models\User;
use App\Planning\Refused;
use App\View\Show;
use Illuminate\Console\Command;

/** Reads a workshop from a file into the empty one of somebody. */
class BringWorkshop extends Command
{
    protected $signature = 'admin:bring {file} {email : of an owner of the empty workshop}';

    protected $description = 'Reads a whole workshop from a file into an empty one';

    public function handle(Unpacker $unpacker, Show $show): int
    {
        $user = User::query()->where('email', (string) $this->argument('email'))->first();
        if ($user === null) {
            $this->error(say('admin.nobody', ['email' => (string) $this->argument('email')]));

            return self::INVALID;
        }
        try {
            $counts = $unpacker->bring($user->workshop, (string) $this->argument('file'));
        } catch (Refused $e) {
            $this->error($show->said($e->why));

            return self::FAILURE;
        }
        foreach (array_filter($counts) as $of => $count) {
            $this->line(sprintf('%8d  %s', $count, $of));
        }

        return self::SUCCESS;
    }
}
