<?php

declare(strict_types=1);

namespace App\View;

use App\Models\MixedCup;
use App\Models\PlannedStep;
use App\Models\StepState;
use App\Models\Workshop;
use HonestGrain\Route\StepKind;
use Illuminate\Database\Eloquent\Collection;

/** Cups that are mixed, what is left in each, and what else could be coated from it while it is good. */
final readonly class OpenCups
{
    private const SHOWN = 4;

    private const LEAST_ML = 1.0;

    /** @param  Collection<int, PlannedStep>  $takers */
    private function __construct(public MixedCup $cup, public string $says, public Collection $takers)
    {
    }

    /** @return list<self> */
    public static function of(Workshop $workshop, Show $show): array
    {
        $cups = $workshop->cups()->open()->get();
        $next = $cups->isEmpty() ? null : $workshop->plannedSteps()->with('piece:id,workshop_id,name')
            ->where('state', StepState::Open)->where('is_next', true)->where('kind', StepKind::Coat->value)
            ->whereIn('product', $cups->pluck('product')->unique())->orderBy('start_at')->get();

        return array_values($cups->map(fn (MixedCup $cup): self => new self(
            $cup, say($cup->left_ml < self::LEAST_ML ? 'view.open-cups.used-up' : 'view.open-cups.left', [
                'product' => $show->product($cup->product), 'left' => $show->volume($cup->left_ml),
            ]),
            self::takers($cup, $next ?? new Collection),
        ))->all());
    }

    /**
     * @param  Collection<int, PlannedStep>  $next
     * @return Collection<int, PlannedStep> what opens while it is good, and takes no more than is left
     */
    private static function takers(MixedCup $cup, Collection $next): Collection
    {
        return $next->filter(fn (PlannedStep $step): bool => $step->product === $cup->product
            && ($cup->good_until === null || $cup->good_until->isFuture())
            && ($step->opens_at === null || $cup->good_until === null || $step->opens_at->lte($cup->good_until))
            && ($step->details->amount?->ml() ?? 0.0) <= $cup->left_ml + self::LEAST_ML)
            ->take(self::SHOWN);
    }

    public function isOver(): bool
    {
        return $this->cup->good_until?->isPast() === true;
    }
}
