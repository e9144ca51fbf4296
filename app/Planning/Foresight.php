<?php

declare(strict_types=1);

namespace App\Planning;

use App\Figures\Foreseen;
use App\Figures\ForeseenDay;
use App\Figures\PieceCost;
use App\Models\Blank;
use App\Models\Kept\Objection;
use App\Models\Piece;
use App\Models\Workshop;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Reading\Document;
use HonestGrain\Route\Step;
use HonestGrain\Words\Said;
use Illuminate\Support\Carbon;

/** Works out what a piece would come to, beside the plan that stands; writes nothing, and moves nothing else. */
final readonly class Foresight
{
    /** The number of a piece that is not there yet. */
    private const NEW = 0;

    /** @param  int  $among  with more others in work it is foreseen by itself */
    public function __construct(private PlanMaker $maker, private int $among = ShopState::ON_A_PAGE)
    {
    }

    /**
     * A piece that is not there yet.
     *
     * @param  Blank|null  $blank  that it would be made of: its weights say from when
     */
    public function of(Workshop $workshop, CorePiece $core, ?Blank $blank = null): Foreseen
    {
        $piece = (new Piece)->forceFill([
            'id' => self::NEW, 'workshop_id' => $workshop->id, 'weight' => 1.0, 'fault' => null, 'behind_id' => null,
            'air_id' => null, 'route_key' => null, 'ready_at' => null, 'chance' => null,
        ])->setRelation('blank', $blank);

        return $this->foreseen($workshop, $piece, $core, History::none());
    }

    /** A piece of the workshop that is made otherwise; what is done stays done. */
    public function otherwise(Workshop $workshop, Piece $piece, CorePiece $core): Foreseen
    {
        return $this->foreseen($workshop, $piece->replicate(['route_key'])->forceFill([
            'id' => $piece->id, 'route_key' => null,
        ]), $core, null);
    }

    private function foreseen(Workshop $workshop, Piece $piece, CorePiece $core, ?History $history): Foreseen
    {
        $own = Workshop::query()->findOrFail($workshop->id);
        $state = ShopState::of($own);
        $piece->forceFill([
            'name' => $core->name, 'due_at' => $core->due === null ? null : Carbon::instance($core->due),
            'document' => Document::decode($core->encoded()),
        ]);
        $piece->relationLoaded('blank') || $piece->setRelation('blank', $state->pieces->get($piece->id)?->blank);
        $history ??= $state->history($piece->id);
        $others = $state->pieces->except([$piece->id])->count();
        $among = $others > $this->among ? $state->idle() : $state;
        $plan = $this->maker->make($among->with($piece, $history), Haste::Glance);
        $planned = $plan->pieces[$piece->id];
        $ready = $plan->readyAt($planned);
        $left = array_values(array_filter(
            $plan->inTime($planned), fn (Step $step): bool => ! $history->settles($step->id),
        ));

        $used = ['ml' => self::finishes($left), 'discs' => self::discs($left)];
        [$cost, $isPriced] = self::cost($used, PieceCost::prices($own));

        return new Foreseen(
            piece: $core,
            minutes: array_sum(array_map(fn (Step $step): float => max(0.0, $step->timing->minutes), $left)),
            ready: $ready === null ? null : Carbon::createFromTimestamp($ready),
            trouble: $ready === null ? $planned->trouble ?? $plan->trouble ?? self::forbidden($planned) : null,
            objections: array_map(Objection::of(...), $planned->route->conflicts ?? []),
            days: self::days(
                $left, fn (Step $step): ?int => $plan->placed($piece->id, $step->id)?->start, $own->time_zone,
            ),
            ml: $used['ml'], discs: $used['discs'], cost: $cost, isPriced: $isPriced,
            leftOut: $others > $this->among ? $others : 0,
        );
    }

    private static function forbidden(PlannedPiece $planned): ?Said
    {
        foreach ($planned->route->conflicts ?? [] as $conflict) {
            if ($conflict->forbids) {
                return $conflict->message;
            }
        }

        return null;
    }

    /**
     * @param  list<Step>  $steps  in order of time
     * @param  \Closure(Step): (int|null)  $starts
     * @return list<ForeseenDay>
     */
    private static function days(array $steps, \Closure $starts, string $zone): array
    {
        $days = [];
        foreach ($steps as $step) {
            $at = $starts($step);
            if ($at === null || $step->timing->minutes <= 0) {
                continue;
            }
            $day = Carbon::createFromTimestamp($at, $zone)->startOfDay();
            $so = $days[$day->toDateString()] ?? new ForeseenDay($day, [], 0.0);
            $kind = $step->kind;
            $days[$day->toDateString()] = new ForeseenDay(
                $day, in_array($kind, $so->kinds, true) ? $so->kinds : [...$so->kinds, $kind],
                $so->minutes + $step->timing->minutes,
            );
        }

        return array_values($days);
    }

    /**
     * @param  list<Step>  $steps
     * @return array<string, float> mL by class of finish
     */
    private static function finishes(array $steps): array
    {
        $ml = [];
        foreach ($steps as $step) {
            $supplies = $step->work->supplies;
            if ($supplies->amount?->ml() !== null && $supplies->product !== null) {
                $ml[$supplies->product] = ($ml[$supplies->product] ?? 0.0) + $supplies->amount->ml();
            }
        }

        return $ml;
    }

    /**
     * @param  list<Step>  $steps
     * @return array<string, float> by grit
     */
    private static function discs(array $steps): array
    {
        $discs = [];
        foreach ($steps as $step) {
            foreach ($step->work->supplies->abrading->sheets ?? [] as $grit => $count) {
                $discs[$grit] = ($discs[$grit] ?? 0.0) + $count;
            }
        }

        return $discs;
    }

    /**
     * @param  array<string, array<string, float>>  $used
     * @param  array<string, array<string, float>>  $prices
     * @return array{float, bool} and whether all that is used has a price
     */
    private static function cost(array $used, array $prices): array
    {
        $cost = 0.0;
        $isPriced = true;
        foreach ($used as $sort => $each) {
            foreach ($each as $what => $count) {
                $cost += $count * ($prices[$sort][$what] ?? 0.0);
                $isPriced = $isPriced && isset($prices[$sort][$what]);
            }
        }

        return [$cost, $isPriced];
    }
}
