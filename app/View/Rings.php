<?php

declare(strict_types=1);

namespace App\View;

use App\Models\PlannedStep;
use App\Models\StepState;
use App\Models\Worker;
use App\Models\Workshop;
use HonestGrain\Route\StepKind;

/** What will be said aloud in the coming day, on whatever page the maker has open. */
final readonly class Rings
{
    private const HOURS = 24;

    private const MOST = 40;

    /** What has passed is told to a page that wakes so much later. */
    private const KEPT_MINUTES = 30;

    public function __construct(private Workshop $workshop, private Show $show, private ?Worker $worker)
    {
    }

    /** @return list<Ring> by their moments */
    public function coming(): array
    {
        $rings = [...$this->musts(), ...$this->clocks(), ...$this->waits()];
        $from = now()->subMinutes(self::KEPT_MINUTES)->getTimestamp();
        $until = now()->addHours(self::HOURS)->getTimestamp();
        $rings = array_filter($rings, fn (Ring $ring): bool => $ring->at > $from && $ring->at < $until);
        usort($rings, fn (Ring $a, Ring $b): int => $a->at <=> $b->at);

        return array_slice($rings, 0, self::MOST);
    }

    /** @return list<Ring> */
    private function musts(): array
    {
        $rings = [];
        foreach (Musts::of($this->workshop, $this->worker) as $must) {
            // A window that the plan has given up closes all the same: whoever is there can still keep it.
            if ($must->by !== null) {
                $rings[] = $this->ring($must->step, (int) $must->by->timestamp, RingKind::Closes);
            }
        }

        return $rings;
    }

    /** @return list<Ring> */
    private function clocks(): array
    {
        $rings = [];
        $wipes = $this->workshop->plannedSteps()->with('piece:id,workshop_id,name')->where('state', StepState::Open)
            ->where('is_next', true)->where('kind', StepKind::WipeOff->value)->whereNotNull('closes_at')
            ->of($this->worker)->orderBy('closes_at')->get();
        foreach (Clocks::of($this->workshop, $this->show, $wipes)->all as $clock) {
            if ($clock->timer !== null && $clock->until !== null && ! $clock->isStopped()) {
                $at = (int) $clock->until->timestamp;
                $rings[] = new Ring("timer-{$clock->timer->id}-$at", $at, $clock->says, RingKind::Time);
            } elseif ($clock->step !== null && $clock->from !== null) {
                $rings[] = $this->ring($clock->step, (int) $clock->from->timestamp, RingKind::Time);
            }
        }

        return $rings;
    }

    /** @return list<Ring> */
    private function waits(): array
    {
        $steps = $this->workshop->plannedSteps()->with('piece:id,workshop_id,name')->where('state', StepState::Open)
            ->where('is_next', true)->where('minutes', '>', 0)->where('kind', '!=', StepKind::WipeOff->value)
            ->whereBetween('opens_at', [now()->subMinutes(self::KEPT_MINUTES), now()->addHours(self::HOURS)])
            ->of($this->worker)->orderBy('opens_at')->limit(self::MOST)
            ->get(['id', 'workshop_id', 'piece_id', 'step', 'title', 'opens_at']);

        return array_values($steps->map(
            fn (PlannedStep $step): Ring => $this->ring($step, (int) $step->opens_at?->timestamp, RingKind::Opens),
        )->all());
    }

    private function ring(PlannedStep $step, int $at, RingKind $kind): Ring
    {
        return new Ring(
            "$kind->value-$step->piece_id-$step->step-$at", $at,
            "{$step->piece->name}: {$this->show->said($step->title)}", $kind,
        );
    }
}
