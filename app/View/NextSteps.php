<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Piece;
use App\Models\PlannedStep;
use App\Models\StepState;
use App\Models\Worker;
use App\Models\Workshop;
use HonestGrain\Route\StepKind;
use Illuminate\Database\Eloquent\Collection;

/**
 * The next step of every piece in work, read once for a page that asks a dozen things of them; what only a step that
 * is shown needs is read for those alone, by `whole`.
 */
final readonly class NextSteps
{
    private const COLUMNS = [
        'id', 'workshop_id', 'piece_id', 'step', 'position', 'kind', 'title', 'minutes', 'state', 'start_at',
        'waits_from', 'opens_at', 'closes_at', 'given_up_at', 'must_at', 'who', 'batch', 'product', 'follows',
    ];

    /**
     * @param  Collection<int, Piece>  $pieces  in work, by number, in the order of their names
     * @param  Collection<int, PlannedStep>  $steps  in the plan's order, those without a date last
     */
    private function __construct(public Collection $pieces, public Collection $steps)
    {
    }

    public static function of(Workshop $workshop): self
    {
        $pieces = $workshop->pieces()->working()->orderBy('name')
            ->get(['id', 'workshop_id', 'name', 'wood', 'fault', 'late', 'due_at'])->keyBy('id');
        $steps = $workshop->plannedSteps()->where('state', StepState::Open)->where('is_next', true)
            ->orderByRaw('start_at is null')->orderBy('start_at')->orderBy('id')->get(self::COLUMNS)
            ->filter(fn (PlannedStep $step): bool => $pieces->has($step->piece_id));

        return new self($pieces, self::withPieces($steps, $pieces)->values());
    }

    /** Those that somebody does, and those that nobody is named for; all where nobody is given. */
    public function by(?Worker $worker): self
    {
        return $worker === null ? $this : new self($this->pieces, $this->steps->filter(
            fn (PlannedStep $step): bool => $step->who === null
                || in_array((string) $worker->id, explode(',', $step->who), true),
        )->values());
    }

    /** @return Collection<int, Piece> that something is wrong with, by number */
    public function held(): Collection
    {
        return $this->pieces->filter(fn (Piece $piece): bool => $piece->fault !== null)->sortBy('id')->values();
    }

    /** @return Collection<int, PlannedStep> that hands can begin with now, of pieces that nothing is wrong with */
    public function ready(): Collection
    {
        return $this->sound(fn (PlannedStep $step): bool => $step->minutes > 0
            // Wood that nobody knows the date of is no work for now.
            && ($step->kind !== StepKind::Dry->value || $step->opens_at !== null) && $step->isOpenNow());
    }

    /** @return Collection<int, PlannedStep> that something is waited for, those that open first before the rest */
    public function waiting(): Collection
    {
        return $this->sound(fn (PlannedStep $step): bool => ! $step->isOpenNow())
            ->sortBy(fn (PlannedStep $step): int => (int) $step->second('opens_at'))->values();
    }

    /** @return Collection<int, PlannedStep> what has to be wiped off, those first whose window closes first */
    public function wipes(): Collection
    {
        return $this->steps->filter(fn (PlannedStep $step): bool => $step->kind === StepKind::WipeOff->value
            && $step->closes_at !== null)
            ->sortBy(fn (PlannedStep $step): int => (int) $step->second('closes_at'))->values();
    }

    /** @return Collection<int, PlannedStep> coats of some products */
    public function coatsOf(string ...$products): Collection
    {
        return $this->steps->filter(fn (PlannedStep $step): bool => $step->kind === StepKind::Coat->value
            && in_array($step->product, $products, true))->values();
    }

    /** @return Collection<int, PlannedStep> what could be done with a step: no wait and no window stands against it */
    public function togetherWith(PlannedStep $now): Collection
    {
        return $now->batch === null ? new Collection : $this->sound(
            fn (PlannedStep $step): bool => $step->batch === $now->batch && $step->piece_id !== $now->piece_id
                && $step->given_up_at === null && $step->isOpenNow(),
        )->unique('piece_id')->values();
    }

    /**
     * The same steps with all that is kept of them.
     *
     * @param  Collection<int, PlannedStep>  $steps
     * @return Collection<int, PlannedStep> in the same order
     */
    public function whole(Collection $steps): Collection
    {
        $ids = $steps->modelKeys();
        $rows = $ids === [] ? new Collection
            : PlannedStep::query()->whereKey($ids)->get();

        return self::withPieces(
            $rows->sortBy(fn (PlannedStep $step): int => (int) array_search($step->id, $ids, true))->values(),
            $this->pieces,
        );
    }

    /**
     * @param  \Closure(PlannedStep): bool  $is
     * @return Collection<int, PlannedStep>
     */
    private function sound(\Closure $is): Collection
    {
        return $this->steps->filter(
            fn (PlannedStep $step): bool => $step->piece->fault === null && $is($step),
        )->values();
    }

    /**
     * @param  Collection<int, PlannedStep>  $steps
     * @param  Collection<int, Piece>  $pieces
     * @return Collection<int, PlannedStep>
     */
    private static function withPieces(Collection $steps, Collection $pieces): Collection
    {
        foreach ($steps as $step) {
            $step->setRelation('piece', $pieces->get($step->piece_id));
        }

        return $steps;
    }
}
