<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\DocumentCast;
use App\Models\Kept\Keeping;
use HonestGrain\Rack\Blank as CoreBlank;
use HonestGrain\Rack\BlankForm;
use HonestGrain\Rack\DryingState;
use HonestGrain\Reading\Document;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * One blank on the rack. What it is stands in the document, read by the core; what the list is sorted by follows from
 * that and from its weighings (`Planning\Rack`), and can be worked out again.
 *
 * @property int $id
 * @property int $workshop_id
 * @property int $number  as written on the wood
 * @property Document $document
 * @property Document|null $solid  what it was before it was roughed out
 * @property string $wood
 * @property string $form
 * @property string $place
 * @property string $drawing
 * @property string|null $photo
 * @property int $version
 * @property DryingState $drying
 * @property float|null $moisture_percent
 * @property float|null $lost_percent
 * @property float|null $week_percent
 * @property Carbon|null $ready_at
 * @property Carbon|null $ready_from
 * @property Carbon|null $ready_until
 * @property float|null $last_mass_g
 * @property Carbon|null $last_weighed_at
 * @property bool $may_crack
 * @property Carbon|null $gone_at
 * @property int|null $piece_id
 * @property Carbon|null $created_at
 * @property int|null $air_id
 * @property Piece|null $piece
 * @property Air|null $air
 * @property Workshop $workshop
 */
class Blank extends Keeping
{
    protected $fillable = [
        'number', 'document', 'solid', 'wood', 'form', 'place', 'drawing', 'photo', 'version', 'drying',
        'moisture_percent',
        'lost_percent', 'week_percent', 'ready_at', 'ready_from', 'ready_until', 'last_mass_g', 'last_weighed_at',
        'may_crack', 'gone_at', 'piece_id', 'air_id',
    ];

    protected function casts(): array
    {
        return [
            'document' => DocumentCast::class, 'solid' => DocumentCast::class,
            'drying' => DryingState::class, 'moisture_percent' => 'float',
            'lost_percent' => 'float', 'week_percent' => 'float', 'ready_at' => 'datetime', 'ready_from' => 'datetime',
            'ready_until' => 'datetime', 'last_mass_g' => 'float', 'last_weighed_at' => 'datetime',
            'may_crack' => 'boolean', 'gone_at' => 'datetime',
        ];
    }

    public function core(): CoreBlank
    {
        return CoreBlank::read($this->document);
    }

    public function isRough(): bool
    {
        return BlankForm::from($this->form)->isRough();
    }

    /** @return HasMany<Weighing, $this> */
    public function weighings(): HasMany
    {
        return $this->hasMany(Weighing::class)->orderBy('at')->orderBy('id');
    }

    /** @return BelongsTo<Workshop, $this> */
    public function workshop(): BelongsTo
    {
        return $this->belongsTo(Workshop::class);
    }

    /** @return BelongsTo<Air, $this> */
    public function air(): BelongsTo
    {
        return $this->belongsTo(Air::class);
    }

    /** @return BelongsTo<Piece, $this> */
    public function piece(): BelongsTo
    {
        return $this->belongsTo(Piece::class);
    }

    /** @param  Builder<Blank>  $query */
    public function scopeOnRack(Builder $query): void
    {
        $query->whereNull('gone_at');
    }
}
