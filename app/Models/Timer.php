<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\Keeping;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A clock that somebody set at the bench: the same on every device of the shop, until it is stopped.
 *
 * @property int $id
 * @property int $workshop_id
 * @property int|null $user_id
 * @property int|null $piece_id
 * @property TimerKind $kind
 * @property string|null $name  in the maker's own words
 * @property Carbon $started_at
 * @property Carbon|null $rings_at  null: it counts up
 * @property Carbon|null $stopped_at
 * @property string|null $once_key
 * @property Piece|null $piece
 */
class Timer extends Keeping
{
    public const LONGEST_MINUTES = 7 * 24 * 60;

    /** A stopped one can be set going again for so long. */
    private const KEPT_MINUTES = 10;

    public $timestamps = false;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return [
            'kind' => TimerKind::class, 'started_at' => 'datetime', 'rings_at' => 'datetime',
            'stopped_at' => 'datetime',
        ];
    }

    /** @return BelongsTo<Piece, $this> */
    public function piece(): BelongsTo
    {
        return $this->belongsTo(Piece::class);
    }

    /** Since when one may be shown that was stopped. */
    public static function shownSince(): Carbon
    {
        return now()->subMinutes(self::KEPT_MINUTES);
    }

    public function isStopped(): bool
    {
        return $this->stopped_at !== null;
    }

    /** Rings so much later, counted from now where it has rung. */
    public function addMinutes(float $minutes): void
    {
        $from = $this->rings_at?->isFuture() === true ? $this->rings_at : now();
        $this->update(['rings_at' => $from->copy()->addSeconds((int) round(60 * $minutes)), 'stopped_at' => null]);
    }
}
