<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\Facts;
use App\Models\Kept\Keeping;
use App\Models\Kept\KeptCast;
use App\Models\Kept\SaidCast;
use HonestGrain\Words\Said;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Something that happened, written down once and never changed; a mistake is undone by a further entry.
 *
 * @property int $id
 * @property int $workshop_id
 * @property int|null $piece_id
 * @property int|null $user_id
 * @property EntryKind $kind
 * @property string|null $step
 * @property Said|null $title
 * @property Carbon $happened_at
 * @property float|null $minutes
 * @property string|null $body
 * @property Facts $facts
 * @property int|null $undoes_id
 * @property string|null $once_key
 * @property string|null $press  the press of a device that it is of
 * @property int|null $revision  the change of its piece that opened its step, or closed it again
 * @property Piece|null $piece
 * @property User|null $user
 */
class LogEntry extends Keeping
{
    public const UPDATED_AT = null;

    protected $fillable = [
        'piece_id', 'user_id', 'kind', 'step', 'title', 'happened_at', 'minutes', 'body', 'facts', 'undoes_id',
        'once_key', 'press', 'revision',
    ];

    protected function casts(): array
    {
        return [
            'kind' => EntryKind::class, 'title' => SaidCast::class, 'happened_at' => 'datetime', 'minutes' => 'float',
            'facts' => KeptCast::of(Facts::class),
        ];
    }

    protected static function booted(): void
    {
        static::creating(function (self $entry): void {
            $entry->facts ??= new Facts;
        });
        static::updating(fn () => throw new \LogicException('Log entries are append-only.'));
        static::deleting(fn () => throw new \LogicException('Log entries are append-only.'));
    }

    /** @return BelongsTo<Piece, $this> */
    public function piece(): BelongsTo
    {
        return $this->belongsTo(Piece::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
