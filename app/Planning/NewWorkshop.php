<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Kept\Choices;
use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;
use HonestGrain\Route\Bench;
use Illuminate\Support\Facades\DB;

/** Opens a workshop with its usual hours and abrasives, and its first owner. */
final readonly class NewWorkshop
{
    private const DISCS = 10;

    public function open(string $name, string $timeZone, string $owner, string $email, string $password): User
    {
        return DB::transaction(function () use ($name, $timeZone, $owner, $email, $password): User {
            $workshop = Workshop::create(['name' => $name, 'time_zone' => $timeZone]);
            $workshop->abrasives()->createMany(array_map(
                fn (string $grit): array => ['grit' => $grit, 'discs' => self::DISCS], Bench::USUAL_GRITS,
            ));

            return $workshop->users()->create([
                'name' => $owner, 'email' => $email, 'password' => $password, 'role' => Role::Owner,
                'preferences' => new Choices(['visit' => '1']),
            ]);
        });
    }
}
