<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\Keeping;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/**
 * A link with which somebody joins a workshop. Only its fingerprint is kept: who reads the table cannot join by it.
 *
 * @property int $id
 * @property int $workshop_id
 * @property int|null $invited_by
 * @property string $name
 * @property string $email
 * @property Role $role
 * @property string $token  its fingerprint (SHA-256)
 * @property Carbon $ends_at
 * @property Carbon $created_at
 * @property Workshop $workshop
 */
class Invitation extends Keeping
{
    public const DAYS = 7;

    public const TOKEN_LETTERS = 40;

    public const UPDATED_AT = null;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['role' => Role::class, 'ends_at' => 'datetime', 'created_at' => 'datetime'];
    }

    /** @return BelongsTo<Workshop, $this> */
    public function workshop(): BelongsTo
    {
        return $this->belongsTo(Workshop::class);
    }

    public static function newToken(): string
    {
        return Str::random(self::TOKEN_LETTERS);
    }

    public static function fingerprint(string $token): string
    {
        return hash('sha256', $token);
    }

    /** The one of a link that still counts. */
    public static function of(string $token): ?self
    {
        return self::query()->with('workshop')->where('token', self::fingerprint($token))
            ->where('ends_at', '>', now())->first();
    }

    public function hasEnded(): bool
    {
        return $this->ends_at->isPast();
    }
}
