<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\Keeping;
use App\Models\Kept\KeptCast;
use App\Models\Kept\SaidCast;
use App\Models\Kept\Texts;
use Carbon\CarbonInterface;
use HonestGrain\Coating\AmountUnit;
use HonestGrain\Rack\DryingState;
use HonestGrain\Route\StepKind;
use HonestGrain\Safety\Hazard;
use HonestGrain\Words\Said;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One step of a piece's route as the last plan placed it. Derived: it can be made again at any time.
 *
 * @property int $id
 * @property int $workshop_id
 * @property int $piece_id
 * @property string $step
 * @property int $position
 * @property string $kind
 * @property Said $title
 * @property float $minutes
 * @property StepState $state
 * @property bool $is_next
 * @property Carbon|null $start_at
 * @property Carbon|null $end_at
 * @property Carbon|null $waits_from
 * @property Carbon|null $opens_at
 * @property Carbon|null $closes_at
 * @property Carbon|null $was_at  when it was to start before a plan last moved the date of its piece
 * @property Carbon|null $must_at  if it is not begun by then, its piece is late or a window is missed
 * @property Carbon|null $pressing_at  the first of the three that it has
 * @property Carbon|null $given_up_at  when its window closes, where the plan does not keep it
 * @property string|null $who  numbers of the workers who do it, with commas between
 * @property string|null $batch
 * @property string|null $part
 * @property string $technique
 * @property string|null $product
 * @property list<string> $follows  the steps that it comes after
 * @property float|null $wait_from_h  hours the next step waits in this shop's air
 * @property float|null $wait_until_h
 * @property string|null $takes  what it takes off the shelf, as `PlanStore` writes it
 * @property StepDetails $details
 * @property Piece $piece
 */
class PlannedStep extends Keeping
{
    public $timestamps = false;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return [
            'title' => SaidCast::class, 'details' => KeptCast::of(StepDetails::class), 'state' => StepState::class,
            'follows' => Texts::class, 'is_next' => 'boolean',
            'minutes' => 'float',
            'wait_from_h' => 'float', 'wait_until_h' => 'float', 'start_at' => 'datetime', 'end_at' => 'datetime',
            'waits_from' => 'datetime', 'opens_at' => 'datetime', 'closes_at' => 'datetime',
            'must_at' => 'datetime', 'was_at' => 'datetime', 'given_up_at' => 'datetime',
        ];
    }

    /** A moment of it as a second (UTC), without the weight of a date: for what looks at all steps of a piece. */
    public function second(string $column): ?int
    {
        $kept = $this->attributes[$column] ?? null;

        return $kept === null ? null : (int) strtotime("$kept UTC");
    }

    public function isOpen(): bool
    {
        return $this->state === StepState::Open;
    }

    /** Whether no wait stands before it any more. */
    public function isOpenNow(): bool
    {
        return ($this->second('opens_at') ?? 0) <= now()->getTimestamp();
    }

    public function isDone(): bool
    {
        return $this->state === StepState::Done;
    }

    /** Whether a coat below is not dry by then, so that its maker has to say how it is. */
    public function isEarlyAt(CarbonInterface $at): bool
    {
        // A field of a form knows no seconds.
        return StepKind::from($this->kind) !== StepKind::WipeOff && $this->opens_at !== null
            && $this->opens_at->getTimestamp() - $at->getTimestamp() >= 60
            && self::query()->where('piece_id', $this->piece_id)->whereIn('step', $this->follows)
                // A rub between that was skipped leaves its wait to this one.
                ->whereIn('kind', [StepKind::Coat->value, StepKind::WipeOff->value, StepKind::Denib->value])->exists();
    }

    /** Whether it lays something on that is measured into a cup. */
    public function isMixed(): bool
    {
        return StepKind::from($this->kind) === StepKind::Coat
            && in_array($this->details->amount?->unit, [AmountUnit::Millilitres, AmountUnit::Drops], true);
    }

    /** Whether it is the last look, at which a piece is weighed and photographed. */
    public function asksForWeight(): bool
    {
        return StepKind::from($this->kind) === StepKind::Ready;
    }

    /** Whether it takes wood off the rack that its weights say is not dry. */
    public function isTooWet(): bool
    {
        return StepKind::from($this->kind) === StepKind::Dry && $this->piece->blank !== null
            && $this->piece->blank->drying !== DryingState::Ready;
    }

    /**
     * Whether one press says it done: nothing is to be seen to or asked first.
     *
     * @param  array<string, true>  $cautioned  hazards that were seen to in this session
     */
    public function canBeDoneAtOnce(array $cautioned): bool
    {
        return $this->unheeded($cautioned) === null && ! $this->isTooWet() && ! $this->isEarlyAt(now());
    }

    /** Its number on the route, from one. */
    public function number(): int
    {
        return $this->position + 1;
    }

    /** @return BelongsTo<Piece, $this> */
    public function piece(): BelongsTo
    {
        return $this->belongsTo(Piece::class);
    }

    /**
     * What the maker is asked to say yes to, once in a session, before the step is logged by one press.
     *
     * @param  array<string, true>  $cautioned  by hazard
     */
    public function unheeded(array $cautioned): ?Hazard
    {
        foreach ($this->details->hazards as $hazard) {
            if ($hazard->wantsDeliberatePress() && ! isset($cautioned[$hazard->value])) {
                return $hazard;
            }
        }

        return null;
    }

    /**
     * Those that somebody does, and those that nobody is named for; all where nobody is given.
     *
     * @param  Builder<PlannedStep>  $query
     */
    public function scopeOf(Builder $query, ?Worker $worker): void
    {
        if ($worker !== null) {
            $query->where(fn (Builder $q) => $q->whereNull('who')->orWhereRaw('find_in_set(?, who)', [$worker->id]));
        }
    }

    /** What tells the step that a page showed from another that has come into its place. */
    public function mark(): string
    {
        return substr(hash('sha256', "$this->piece_id $this->step ".SaidCast::written($this->title)), 0, 12);
    }

    /** @return array<string, float> cloths, gloves, cups and pads that it uses up */
    public function goods(): array
    {
        $takes = (array) json_decode((string) $this->takes, true);

        return array_map(floatval(...), (array) ($takes['goods'] ?? []));
    }

    /** @return list<string> faces and bands of its part's drawing that it is done on */
    public function zones(): array
    {
        return $this->details->on;
    }
}
