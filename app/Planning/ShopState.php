<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Piece;
use App\Models\PlannedStep;
use App\Models\StepPin;
use App\Models\StepState;
use App\Models\Workshop;
use HonestGrain\Schedule\Pin;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** All that a plan is made from, as it stood at one version of the workshop. */
final readonly class ShopState
{
    /** More pieces in work are not planned while somebody waits for a page: it would take too long, and too much. */
    public const ON_A_PAGE = 120;

    /**
     * @param  Collection<int, Piece>  $pieces  in work, by number
     * @param  array<int, History>  $histories  by piece
     * @param  int  $now  second (UTC), a whole minute
     * @param  list<Pin>  $planned  when open steps start by the plan that stands, also before now
     * @param  list<Pin>  $pinned  what its makers have fixed, of what is still to come
     */
    private function __construct(
        public Workshop $workshop,
        public int $version,
        public Collection $pieces,
        public array $histories,
        public int $now,
        public array $planned,
        public array $pinned,
    ) {
    }

    public static function of(Workshop $workshop): self
    {
        // One transaction, so that pieces and log are of one moment.
        return DB::transaction(function () use ($workshop): self {
            $workshop->refresh()->load(['abrasives', 'tins', 'woods', 'mixes', 'airs', 'workers']);
            $pieces = $workshop->pieces()
                ->with('blank:id,piece_id,form,ready_at')
                ->working()
                ->orderBy('due_at')
                ->orderBy('id')
                ->get(
                    [
                        'id', 'workshop_id', 'name', 'due_at', 'weight', 'behind_id', 'chance', 'document', 'route_key',
                        'ready_at', 'late', 'conflicts',
                        'state', 'fault', 'air_id',
                    ],
                );

            return new self(
                $workshop, $workshop->version, $pieces->keyBy('id'), History::inWork($workshop),
                now()->startOfMinute()->getTimestamp(), self::planned($pieces->modelKeys()),
                self::pinned($workshop),
            );
        });
    }

    /**
     * @param  array<array-key, mixed>  $pieces  by number
     * @return list<Pin>
     */
    private static function planned(array $pieces): array
    {
        $rows = PlannedStep::query()->toBase()->whereIn('piece_id', $pieces)
            ->where('state', StepState::Open)->whereNotNull('start_at')
            ->orderBy('start_at')->orderBy('id')->get(['piece_id', 'step', 'start_at', 'who']);

        return array_values($rows->map(fn (object $row): Pin => new Pin(
            (string) $row->piece_id, (string) $row->step, (int) strtotime("$row->start_at UTC"),
            who: $row->who === null ? [] : explode(',', (string) $row->who),
        ))->all());
    }

    /** @return list<Pin> */
    private static function pinned(Workshop $workshop): array
    {
        return array_values($workshop->pins()->where('start_at', '>=', now()->startOfMinute())->orderBy('start_at')
            ->orderBy('id')->get()->map(fn (StepPin $pin): Pin => new Pin(
                (string) $pin->piece_id, $pin->step, (int) $pin->start_at->getTimestamp(), "pins.$pin->id",
            ))->all());
    }

    /** The same with a piece as it might be. */
    public function with(Piece $piece, History $history): self
    {
        return new self(
            $this->workshop, $this->version, $this->pieces->replace([$piece->id => $piece]),
            [$piece->id => $history] + $this->histories, $this->now, $this->planned, $this->pinned,
        );
    }

    /** The same without a piece. */
    public function withOut(int $piece): self
    {
        return new self(
            $this->workshop, $this->version, $this->pieces->except([$piece]), $this->histories, $this->now,
            $this->planned, $this->pinned,
        );
    }

    /** Whether a page would wait too long, and take too much, for a plan of all of it. */
    public function isTooMuchForAPage(): bool
    {
        return $this->pieces->count() > self::ON_A_PAGE;
    }

    /** The same shop with nothing in work. */
    public function idle(): self
    {
        return new self(
            $this->workshop, $this->version, $this->pieces->only([]), [], $this->now, planned: [], pinned: [],
        );
    }

    public function history(int $piece): History
    {
        return $this->histories[$piece] ?? History::none();
    }
}
