<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\Choices;
use App\Models\Kept\KeptCast;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Str;

/**
 * A person of one workshop.
 *
 * @property int $id
 * @property int $workshop_id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property Role $role
 * @property string $calendar_token  the secret of the address at which a calendar follows the plan
 * @property Choices $preferences
 * @property Workshop $workshop
 */
class User extends Authenticatable
{
    /** What each preference may be; the first is the usual one. */
    public const PREFERENCES = [
        'units' => ['metric', 'imperial'],
        'grits' => ['P', 'CAMI'],
        'clock' => ['24', '12'],
        'theme' => ['system', 'paper', 'dark'],
        'tone' => ['soft', 'bell', 'wood', 'none'],
    ];

    protected $fillable = ['name', 'email', 'password', 'role', 'preferences'];

    protected $hidden = ['password', 'remember_token', 'calendar_token'];

    protected function casts(): array
    {
        return ['password' => 'hashed', 'role' => Role::class, 'preferences' => KeptCast::of(Choices::class)];
    }

    protected static function booted(): void
    {
        static::creating(function (self $user): void {
            $user->preferences ??= new Choices;
            $user->calendar_token ??= Str::random(48);
        });
    }

    /** @return BelongsTo<Workshop, $this> */
    public function workshop(): BelongsTo
    {
        return $this->belongsTo(Workshop::class);
    }

    public function prefers(string $key): string
    {
        return $this->preferences->of($key) ?? self::PREFERENCES[$key][0];
    }

    /** Between which hours nothing rings: from, until; empty where it always may. */
    public function quietHours(): string
    {
        return $this->preferences->of('quiet') ?? '';
    }

    public function timeZone(): string
    {
        return $this->preferences->of('time_zone') ?? $this->workshop->time_zone;
    }

    public function isOwner(): bool
    {
        return $this->role === Role::Owner;
    }
}
