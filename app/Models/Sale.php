<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\Ids;
use App\Models\Kept\Keeping;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Str;

/**
 * For whom a piece is, and what whoever gets it may see of it.
 *
 * @property int $id
 * @property int $piece_id
 * @property string|null $for_whom
 * @property float|null $price  as asked, whatever the coin
 * @property string $token  the secret of its public page
 * @property bool $is_public
 * @property list<int> $photos  entries of the log whose photographs are shown there
 * @property int $version
 * @property Piece $piece
 */
class Sale extends Keeping
{
    public const TOKEN = 32;

    protected $fillable = ['for_whom', 'price', 'is_public', 'photos', 'version'];

    protected $attributes = ['is_public' => false, 'photos' => '[]', 'version' => 1];

    protected function casts(): array
    {
        return ['price' => 'float', 'is_public' => 'boolean', 'photos' => Ids::class, 'version' => 'integer'];
    }

    protected static function booted(): void
    {
        static::creating(function (self $sale): void {
            $sale->token ??= Str::random(self::TOKEN);
        });
    }

    /** @return BelongsTo<Piece, $this> */
    public function piece(): BelongsTo
    {
        return $this->belongsTo(Piece::class);
    }
}
