<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\DocumentCast;
use App\Models\Kept\Keeping;
use App\Models\Kept\KeptCast;
use App\Models\Kept\Lateness;
use App\Models\Kept\Objection;
use HonestGrain\Rack\BlankForm;
use HonestGrain\Reading\Document;
use HonestGrain\Route\StepKind;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;

/**
 * A piece: its open document, and what was last derived from it.
 *
 * @property int $id
 * @property int $workshop_id
 * @property string $name
 * @property string $form
 * @property string $wood
 * @property Carbon|null $due_at
 * @property float $weight  how much an hour of its lateness weighs against one of another piece
 * @property int|null $behind_id  the piece that is taken up first wherever both could be
 * @property PieceState $state
 * @property Document $document
 * @property string $drawing
 * @property float $diameter_mm
 * @property float $height_mm
 * @property int $version
 * @property int $revision
 * @property list<Objection> $conflicts
 * @property Carbon|null $ready_at
 * @property float|null $chance  0 to 1, that it is in time; null where that was not asked
 * @property int|null $air_id  the air that its coats dry in; null where the shop's usually do
 * @property string|null $route_key  of the route that its planned steps came of
 * @property Lateness|null $late
 * @property Document|null $fault  what went wrong, until its maker has chosen what to do
 * @property Workshop $workshop
 * @property Blank|null $blank
 * @property-read Collection<int, PlannedStep> $plannedSteps
 */
class Piece extends Keeping
{
    /** How much an hour of a piece's lateness may weigh, least first. */
    public const WEIGHTS = [0.5, 1.0, 2.0, 4.0];

    private const MOST_IN_A_ROW = 200;

    protected $fillable = [
        'name', 'form', 'wood', 'due_at', 'weight', 'behind_id', 'chance', 'state', 'document', 'drawing',
        'diameter_mm',
        'height_mm', 'version', 'revision', 'conflicts', 'ready_at', 'late', 'once_key', 'route_key',
        'fault', 'air_id',
    ];

    protected function casts(): array
    {
        return [
            'due_at' => 'datetime', 'ready_at' => 'datetime', 'document' => DocumentCast::class,
            'conflicts' => KeptCast::list(Objection::class),
            'state' => PieceState::class, 'late' => KeptCast::of(Lateness::class), 'fault' => DocumentCast::class,
            'diameter_mm' => 'float', 'height_mm' => 'float', 'weight' => 'float', 'chance' => 'float',
        ];
    }

    /** From when it is ready to when it is due, hours; less than nothing where it is late, or has no date. */
    public function spareHours(): float
    {
        return $this->ready_at === null || $this->due_at === null ? -INF : $this->ready_at->diffInHours($this->due_at);
    }

    /** Whether another is taken up first, or one that that goes behind itself. */
    public function isBehind(self $other): bool
    {
        for ($at = $this->behind_id, $n = 0; $at !== null && $n < self::MOST_IN_A_ROW; $n++) {
            if ($at === $other->id) {
                return true;
            }
            $at = self::query()->where('workshop_id', $this->workshop_id)->whereKey($at)->value('behind_id');
        }

        return false;
    }

    /**
     * The blank that it is made of, where that was on the rack.
     *
     * @return HasOne<Blank, $this>
     */
    public function blank(): HasOne
    {
        return $this->hasOne(Blank::class);
    }

    /** What its wood lies on the rack as, where the weighings of its blank carry a date. */
    public function datedAs(): ?BlankForm
    {
        return $this->blank?->ready_at === null ? null : BlankForm::from($this->blank->form);
    }

    /** @return BelongsTo<Workshop, $this> */
    public function workshop(): BelongsTo
    {
        return $this->belongsTo(Workshop::class);
    }

    /** @return HasMany<PieceRevision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(PieceRevision::class);
    }

    /** @return array{undoes: ?Change, redoes: ?Change} what a step back would undo and one forward do again */
    public function changesAbout(): array
    {
        $about = $this->revisions()->toBase()->whereBetween('number', [$this->revision - 1, $this->revision + 1])
            ->pluck('what', 'number');

        return [
            'undoes' => $about->has($this->revision - 1) ? Change::tryFrom($about[$this->revision] ?? '') : null,
            'redoes' => Change::tryFrom($about[$this->revision + 1] ?? ''),
        ];
    }

    /** @return HasOne<Sale, $this> */
    public function sale(): HasOne
    {
        return $this->hasOne(Sale::class);
    }

    /** @return HasMany<PlannedStep, $this> */
    public function plannedSteps(): HasMany
    {
        return $this->hasMany(PlannedStep::class)->orderBy('position');
    }

    /** @return HasMany<LogEntry, $this> */
    public function logEntries(): HasMany
    {
        return $this->hasMany(LogEntry::class);
    }

    public function isInWork(): bool
    {
        return $this->state === PieceState::Working;
    }

    /**
     * Whether a coat is ticked off, so that its faces are no longer coated in other goes than they were.
     *
     * @param  string|null  $part  by its id; any where none is named
     */
    public function isCoated(?string $part): bool
    {
        return $this->plannedSteps->contains(fn (PlannedStep $step): bool => $step->isDone()
            && $step->kind === StepKind::Coat->value && ($part === null || $step->part === $part));
    }

    /** Whether a mark or a coat of it is done, so that no other surface can take the place of the one planned. */
    public function isSurfaced(): bool
    {
        return $this->plannedSteps->contains(fn (PlannedStep $step): bool => $step->isDone()
            && in_array($step->kind, [StepKind::Coat->value, StepKind::Mark->value], true));
    }

    /** Whether anything was done to it. */
    public function isBegun(): bool
    {
        return $this->plannedSteps->contains(fn (PlannedStep $step): bool => $step->isDone());
    }

    public function isWish(): bool
    {
        return $this->state === PieceState::Wish;
    }

    public function isPutAway(): bool
    {
        return $this->state === PieceState::PutAway;
    }

    /** @param  Builder<Piece>  $query */
    public function scopeWorking(Builder $query): void
    {
        $query->where('state', PieceState::Working);
    }
}
