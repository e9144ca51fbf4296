<?php

declare(strict_types=1);

namespace App\Planning\WhatIf;

use App\Models\Piece;
use App\Models\Workshop;
use App\Planning\Airs;
use App\Planning\ShopMapper;
use App\Planning\ShopState;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Piece\Piece as CorePiece;
use Illuminate\Support\Carbon;

/** What might help a piece that will be late: what can be changed for it at all, before anybody works out what of. */
final readonly class Remedies
{
    private const WARMER_C = 5.0;

    /** Coats want no warmer than this (workshop). */
    private const WARMEST_C = 28.0;

    private const MOST_FINISHES = 2;

    private const MOST_DAYS_OPENED = 2;

    public function __construct(private ShopMapper $mapper, private Airs $airs, private Catalogue $catalogue)
    {
    }

    /** @return list<Change> cheapest to the maker first */
    public function for(Workshop $workshop, Piece $piece): array
    {
        if ($piece->due_at === null || $piece->ready_at === null) {
            return [];
        }
        $core = $this->mapper->piece($workshop, $piece->document, $piece);
        $shop = new TriedShop(
            ShopState::of(Workshop::query()->findOrFail($workshop->id)), $this->mapper, $this->airs,
        );

        return array_values(array_filter(
            [
                ...$this->warmer($workshop, $piece), new ByHand($piece->id), new FewerCoats($piece->id),
                ...$this->finishes($piece, $core),
                $piece->weight < max(Piece::WEIGHTS) ? new Weigh($piece->id, max(Piece::WEIGHTS)) : null,
                $this->behind($workshop, $piece),
                ...$this->days($workshop, $piece),
                new MoveDue($piece->id, (int) self::nextEvening($workshop, $piece->ready_at)->getTimestamp()),
            ],
            fn (?Change $change): bool => $change !== null && $this->changes($shop, $change, $core),
        ));
    }

    /** Whether the piece would be another at all. */
    private function changes(TriedShop $shop, Change $change, CorePiece $core): bool
    {
        $row = $shop->piece((int) $change->piece());
        if (! $change instanceof ByHand && ! $change instanceof FewerCoats && ! $change instanceof OtherFinish) {
            return true;
        }
        if ($row === null) {
            return false;
        }
        $was = $row->document;
        $change->to($shop);
        $then = $this->mapper->piece($shop->state()->workshop, $row->document, $row)->encoded();
        $row->document = $was;

        return $then !== $core->encoded();
    }

    /** @return list<Change> */
    private function warmer(Workshop $workshop, Piece $piece): array
    {
        $air = $this->airs->forCoats($workshop, $piece);
        $now = $air === null || $air->kind === 'outdoors' ? null : $this->airs->recorded($workshop, $air)
            ->stretchAt((int) now()->getTimestamp())->tempC;
        $until = (int) $piece->ready_at?->getTimestamp();

        return $now === null || $now + self::WARMER_C > self::WARMEST_C
            ? [] : [new WarmAir($piece->id, round($now + self::WARMER_C), $until)];
    }

    /** The piece with the most time to spare, of those that hands are with before this one is ready. */
    private function behind(Workshop $workshop, Piece $piece): ?Change
    {
        $other = $workshop->pieces()->working()->whereKeyNot($piece->id)->whereNull('behind_id')->whereNotNull('due_at')
            ->whereNotNull('ready_at')->where('due_at', '>', now())->whereExists(fn ($query) => $query
            ->from('planned_steps')->whereColumn('planned_steps.piece_id', 'pieces.id')
            ->where('planned_steps.minutes', '>', 0)->where('planned_steps.start_at', '>=', now())
            ->where('planned_steps.start_at', '<', $piece->ready_at))
            ->get(['id', 'due_at', 'ready_at'])->sortByDesc(fn (Piece $one): float => $one->spareHours())->first();

        return $other === null || $other->spareHours() <= 0 || $piece->isBehind($other)
            ? null : new GoBehind($other->id, $piece->id);
    }

    /** @return list<Change> the quickest of those that make the same of it */
    private function finishes(Piece $piece, CorePiece $core): array
    {
        $plans = [];
        foreach ($core->parts as $part) {
            array_push($plans, ...$part->coatPlans);
        }
        $now = max([0.0, ...array_map(fn (CoatPlan $plan): float => $plan->last()->fullCureDays ?? 0.0, $plans)]);
        $cures = [];
        foreach ($this->catalogue->stacks() as $stack) {
            $last = $this->catalogue->coatings()->coating($stack->layers[count($stack->layers) - 1]['product']);
            $makeOther = array_filter($plans, fn (CoatPlan $plan): bool => ! $plan->mayEndWith($last, $core->purpose));
            if ($plans !== [] && $makeOther === [] && $last->fullCureDays < $now) {
                $cures[$stack->id] = $last->fullCureDays;
            }
        }
        asort($cures);

        return array_map(
            fn (string $stack): Change => new OtherFinish($piece->id, $stack),
            array_slice(array_map(strval(...), array_keys($cures)), 0, self::MOST_FINISHES),
        );
    }

    /** @return list<Change> a helper on the next working day, and the next days on which the shop is shut */
    private function days(Workshop $workshop, Piece $piece): array
    {
        $hours = $workshop->workingHours();
        $help = null;
        $opened = [];
        $until = max((int) $piece->ready_at?->getTimestamp(), (int) $piece->due_at?->getTimestamp());
        $tomorrow = now($workshop->time_zone)->addDay()->startOfDay();
        for ($n = 0; $tomorrow->copy()->addDays($n)->getTimestamp() < $until; $n++) {
            $date = $tomorrow->copy()->addDays($n)->toDateString();
            if ($hours->stretchesOn($date) !== []) {
                $help ??= new HelpOn($date);
            } elseif (count($opened) < self::MOST_DAYS_OPENED) {
                $opened[] = new OpenDay($date);
            }
        }

        return [...$help === null ? [] : [$help], ...$opened];
    }

    private static function nextEvening(Workshop $workshop, Carbon $ready): Carbon
    {
        $day = $ready->copy()->setTimezone($workshop->time_zone);
        $evening = $day->copy()->setTime(17, 0);

        return $evening->gte($day) ? $evening : $evening->addDay();
    }
}
