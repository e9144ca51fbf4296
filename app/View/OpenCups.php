<?php

declare(strict_types=1);

namespace App\View;

use App\Models\MixedCup;
use App\Models\PlannedStep;
use App\Models\Workshop;
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
    public static function of(Workshop $workshop, NextSteps $next, Show $show): array
    {
        $cups = $workshop->cups()->open()->get();
        $coats = $next->whole($next->coatsOf(...$cups->map(fn (MixedCup $cup): string => $cup->product)->all()));

        return array_values($cups->map(fn (MixedCup $cup): self => new self(
            $cup, say($cup->left_ml < self::LEAST_ML ? 'view.open-cups.used-up' : 'view.open-cups.left', [
                'product' => $show->product($cup->product), 'left' => $show->volume($cup->left_ml),
            ]),
            self::takers($cup, $coats),
        ))->all());
    }

    /**
     * @param  Collection<int, PlannedStep>  $coats
     * @return Collection<int, PlannedStep> what opens while it is good, and takes no more than is left
     */
    private static function takers(MixedCup $cup, Collection $coats): Collection
    {
        return $coats->filter(fn (PlannedStep $step): bool => $step->product === $cup->product
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
