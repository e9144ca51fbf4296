<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\Choices;
use App\Models\Kept\KeptCast;
use App\Models\Kept\Texts;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Carbon;
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
 * @property Carbon|null $email_verified_at  when a letter to the address was answered
 * @property string|null $second_secret  what the codes of the app follow from (base 32)
 * @property Carbon|null $second_since  null where there is no second step, or it is not confirmed yet
 * @property int|null $second_counter  the step of time of the last code that was used
 * @property list<string> $recovery_codes  fingerprints of the codes on paper
 * @property Carbon|null $leaves_at  when the account is deleted
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
        'letters' => ['none', 'evening', 'windows'],
    ];

    protected $fillable = ['name', 'email', 'password', 'role', 'preferences'];

    protected $attributes = [
        'recovery_codes' => '[]', 'email_verified_at' => null, 'second_secret' => null, 'second_since' => null,
        'second_counter' => null, 'leaves_at' => null,
    ];

    protected $hidden = ['password', 'remember_token', 'calendar_token', 'second_secret', 'recovery_codes'];

    protected function casts(): array
    {
        return [
            'password' => 'hashed', 'role' => Role::class, 'preferences' => KeptCast::of(Choices::class),
            'email_verified_at' => 'datetime', 'second_secret' => 'encrypted', 'second_since' => 'datetime',
            'recovery_codes' => Texts::class, 'leaves_at' => 'datetime',
        ];
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

    /** @return HasMany<SignIn, $this> that still count, the last seen first */
    public function signIns(): HasMany
    {
        return $this->hasMany(SignIn::class)->whereNull('ended_at')->latest('seen_at')->latest('id');
    }

    public function hasSecondStep(): bool
    {
        return $this->second_since !== null;
    }

    public function isReader(): bool
    {
        return $this->role === Role::Reader;
    }

    public function isOwner(): bool
    {
        return $this->role === Role::Owner;
    }
}
