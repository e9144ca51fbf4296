<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Piece;
use App\Models\Workshop;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** All that a plan is made from, as it stood at one version of the workshop. */
final readonly class ShopState
{
    /**
     * @param  Collection<int, Piece>  $pieces  in work, by number
     * @param  array<int, History>  $histories  by piece
     * @param  int  $now  second (UTC), a whole minute
     */
    private function __construct(
        public Workshop $workshop,
        public int $version,
        public Collection $pieces,
        public array $histories,
        public int $now,
    ) {
    }

    public static function of(Workshop $workshop): self
    {
        // One transaction, so that pieces and log are of one moment.
        return DB::transaction(function () use ($workshop): self {
            $workshop->refresh()->load(['abrasives', 'tins', 'woods', 'mixes', 'airs']);
            $pieces = $workshop->pieces()
                ->with('blank:id,piece_id,form,ready_at')
                ->working()
                ->orderBy('due_at')
                ->orderBy('id')
                ->get(
                    [
                        'id', 'workshop_id', 'name', 'due_at', 'document', 'route_key', 'ready_at', 'late', 'conflicts',
                        'state', 'fault', 'air_id',
                    ],
                );

            return new self(
                $workshop, $workshop->version, $pieces->keyBy('id'), History::inWork($workshop),
                now()->startOfMinute()->getTimestamp(),
            );
        });
    }

    /** The same with a piece as it might be. */
    public function with(Piece $piece, History $history): self
    {
        return new self(
            $this->workshop, $this->version, $this->pieces->replace([$piece->id => $piece]),
            [$piece->id => $history] + $this->histories, $this->now,
        );
    }

    public function history(int $piece): History
    {
        return $this->histories[$piece] ?? History::none();
    }
}
