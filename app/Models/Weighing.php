<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\Keeping;
use HonestGrain\Rack\Weighing as CoreWeighing;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One weight of one blank. A mistake is struck out and stays; what is put in its place names it.
 *
 * @property int $id
 * @property int $workshop_id
 * @property int $blank_id
 * @property Carbon $at
 * @property float $mass_g
 * @property float|null $meter_percent
 * @property string $source
 * @property string|null $batch  what was brought in together
 * @property int|null $corrects_id
 * @property Carbon|null $struck_at
 * @property Carbon|null $sure_at  when the maker said that it is right, however strange it looks
 * @property Blank $blank
 */
class Weighing extends Keeping
{
    protected $fillable = [
        'blank_id', 'at', 'mass_g', 'meter_percent', 'source', 'batch', 'corrects_id', 'struck_at', 'sure_at',
        'user_id',
    ];

    protected function casts(): array
    {
        return [
            'at' => 'datetime', 'mass_g' => 'float', 'meter_percent' => 'float', 'struck_at' => 'datetime',
            'sure_at' => 'datetime',
        ];
    }

    /** @return BelongsTo<Blank, $this> */
    public function blank(): BelongsTo
    {
        return $this->belongsTo(Blank::class);
    }

    /** @param  Builder<Weighing>  $query */
    public function scopeStanding(Builder $query): void
    {
        $query->whereNull('struck_at');
    }

    /**
     * As the core reads them.
     *
     * @param  list<self>  $weighings
     * @return list<CoreWeighing>
     */
    public static function read(array $weighings): array
    {
        return array_map(
            fn (self $one): CoreWeighing => new CoreWeighing((int) $one->at->getTimestamp(), $one->mass_g), $weighings,
        );
    }
}
