<?php

declare(strict_types=1);

namespace App\People;

use App\Models\AuditEntry;
use App\Models\AuditKind;
use App\Models\User;
use Illuminate\Http\Request;

/** Writes down what is done with who may sign in, and with the workshop as a whole. */
final readonly class Audit
{
    private const LONGEST = 190;

    public function __construct(private Request $request)
    {
    }

    /** @param  string|null  $about  whom or what it was done to */
    public function note(User $user, AuditKind $what, ?string $about = null): void
    {
        AuditEntry::query()->create([
            'workshop_id' => $user->workshop_id, 'user_id' => $user->id, 'who' => $user->name, 'what' => $what,
            'about' => $about === null ? null : mb_substr($about, 0, self::LONGEST),
            'address' => $this->request->ip(), 'at' => now(),
        ]);
    }
}
