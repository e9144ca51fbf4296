<?php

declare(strict_types=1);

namespace App\People;

use App\Models\AuditEntry;
use App\Models\Invitation;
use App\Models\Role;
use App\Models\SignIn;
use App\Models\User;
use App\Models\Workshop;
use App\Pictures\Photos;
use Illuminate\Support\Carbon;

/** Accounts and workshops that end: what is asked for is done two weeks later, if nobody has thought better of it. */
final readonly class Leaving
{
    public const DAYS = 14;

    /** What was done is kept for so long, and so are browsers that are signed out. */
    private const AUDIT_DAYS = 730;

    private const SIGN_IN_DAYS = 90;

    public function __construct(private Photos $photos)
    {
    }

    public function leave(User $user): void
    {
        $user->forceFill(['leaves_at' => now()->addDays(self::DAYS)])->save();
    }

    public function stay(User $user): void
    {
        $user->forceFill(['leaves_at' => null])->save();
    }

    public function close(Workshop $workshop): Carbon
    {
        $at = now()->addDays(self::DAYS);
        $workshop->forceFill(['closes_at' => $at])->save();

        return $at;
    }

    public function keep(Workshop $workshop): void
    {
        $workshop->forceFill(['closes_at' => null])->save();
    }

    /** Whether nobody would be left who runs the workshop. */
    public function isLastOwner(User $user): bool
    {
        return $user->isOwner() && $user->workshop->users()->whereKeyNot($user->id)->where('role', Role::Owner)
            ->whereNull('leaves_at')->doesntExist();
    }

    /** @return int how many accounts and workshops have ended */
    public function sweep(): int
    {
        $closed = Workshop::query()->where('closes_at', '<=', now())->pluck('id');
        foreach ($closed as $workshop) {
            // First what lies elsewhere: where that does not answer, the row still says that it is to go.
            $this->photos->forgetAll($workshop);
            Workshop::query()->whereKey($workshop)->delete();
        }
        $left = 0;
        foreach (User::query()->with('workshop')->where('leaves_at', '<=', now())->lazyById(100) as $user) {
            // The other owners may have left meanwhile.
            $left += $this->isLastOwner($user) ? 0 : (int) $user->delete();
        }
        AuditEntry::query()->where('at', '<', now()->subDays(self::AUDIT_DAYS))->delete();
        SignIn::query()->where('seen_at', '<', now()->subDays(self::SIGN_IN_DAYS))->delete();
        Invitation::query()->where('ends_at', '<', now()->subDays(self::SIGN_IN_DAYS))->delete();

        return $closed->count() + $left;
    }
}
