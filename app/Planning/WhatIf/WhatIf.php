<?php

declare(strict_types=1);

namespace App\Planning\WhatIf;

use App\Figures\Promise;
use App\Figures\Tried;
use App\Figures\TriedDate;
use App\Models\Piece;
use App\Models\User;
use App\Models\Workshop;
use App\Planning\Airs;
use App\Planning\History;
use App\Planning\PieceEditor;
use App\Planning\PlanMaker;
use App\Planning\Planner;
use App\Planning\ShopMapper;
use App\Planning\ShopPlan;
use App\Planning\ShopState;
use App\Planning\VersionConflict;
use HonestGrain\Reading\Document;
use Illuminate\Support\Carbon;

/** Tries changes without saving any, and takes them: the same changes, on copies or on the rows themselves. */
final readonly class WhatIf
{
    /** The number of a piece that is not there yet. */
    private const NEW = 0;

    private const OTHERS_FIRST = 1000.0;

    /** @param  int  $most  pieces in work among which something can be tried while somebody waits for a page */
    public function __construct(
        private PlanMaker $maker,
        private Planner $planner,
        private PieceEditor $editor,
        private ShopMapper $mapper,
        private Airs $airs,
        public int $most = ShopState::ON_A_PAGE,
    ) {
    }

    /** @param  list<Change>  $changes */
    public function try(Workshop $workshop, array $changes): Tried
    {
        // Rows of its own, so that nothing that is tried is ever saved with what else a request does.
        $own = Workshop::query()->findOrFail($workshop->id);
        $shop = new TriedShop(ShopState::of($own), $this->mapper, $this->airs);
        $stands = $shop->state()->pieces->map(fn (Piece $piece): array => [$piece->due_at, $piece->ready_at])->all();
        foreach ($changes as $change) {
            $change->to($shop);
        }

        return self::tried($this->maker->make($shop->state()), $stands, count($own->plan_summary->broken ?? []));
    }

    /** When one more piece like another could be ready, begun from nothing. */
    public function promise(Workshop $workshop, Piece $like): Promise
    {
        $own = Workshop::query()->findOrFail($workshop->id);
        $state = ShopState::of($own);
        $new = $like->replicate()->forceFill([
            'id' => self::NEW, 'due_at' => now(), 'weight' => 1.0, 'ready_at' => null, 'route_key' => null,
            'fault' => null,
            'document' => Document::decode($this->mapper->piece($own, $like->document)->another(null)->encoded()),
        ])->setRelation('blank', null);
        $stands = $state->pieces->map(fn (Piece $piece): array => [$piece->due_at, $piece->ready_at])->all();
        foreach ($state->pieces as $piece) {
            // An hour of its own is nothing against one of the others.
            $piece->weight *= self::OTHERS_FIRST;
        }
        $among = $this->maker->make($state->with($new, History::none()));
        $tried = self::tried($among, $stands, 0);
        $harmed = array_filter($tried->pieces, fn (TriedDate $one): bool => $one->id !== self::NEW && $one->isHarmed());
        $sooner = $among->readyAt($among->pieces[self::NEW]);
        $ready = $sooner === null ? null : $among->plan?->outlook->besides((string) self::NEW) ?? $sooner;
        $at = fn (?int $second): ?Carbon => $second === null ? null : Carbon::createFromTimestamp($second);
        $isWorthIt = $harmed === [] && $sooner !== null && ($ready === null || $sooner < $ready);

        return new Promise(
            $at($ready), $at($isWorthIt ? $sooner : $ready), $isWorthIt ? $tried->moved(self::NEW) : [],
            $ready === null ? $among->pieces[self::NEW]->trouble ?? $among->trouble : null,
        );
    }

    /** @param  array<int, array{Carbon|null, Carbon|null}>  $stands  due and ready, by piece */
    private static function tried(ShopPlan $plan, array $stands, int $broken): Tried
    {
        $dates = [];
        foreach ($plan->pieces as $id => $planned) {
            [$wasDue, $before] = $stands[$id] ?? [null, null];
            $ready = $plan->readyAt($planned);
            $dates[] = new TriedDate(
                $id, $planned->piece->name, $planned->piece->due_at, $before,
                $ready === null ? null : Carbon::createFromTimestamp($ready), $wasDue,
            );
        }

        return new Tried($dates, $broken, count($plan->broken), $plan->trouble);
    }

    /**
     * All of them, or none.
     *
     * @param  list<Change>  $changes
     * @return Before how to take them back
     */
    public function take(Workshop $workshop, array $changes, User $user): Before
    {
        $before = new Before;
        $this->planner->apply($workshop, function () use ($workshop, $changes, $user, $before): void {
            $shop = new TakenShop($workshop->refresh(), $user, $this->editor, $this->airs, $before);
            foreach ($changes as $change) {
                $change->to($shop);
            }
        });
        $before->version = $workshop->refresh()->version;

        return $before;
    }

    /** @throws VersionConflict where something else was changed since */
    public function takeBack(Workshop $workshop, Before $before): void
    {
        $this->planner->apply($workshop, fn () => $before->restore($workshop->refresh(), $this->editor));
    }
}
