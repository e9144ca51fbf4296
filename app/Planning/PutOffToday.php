<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Kept\PutOff;
use HonestGrain\Route\Step;
use Illuminate\Support\Carbon;

/** Finds what a new plan has on a later day that an earlier one of this day had on it. */
final class PutOffToday
{
    /** @var list<PutOff> */
    private array $found = [];

    /** @var array<int, array<string, PutOff>> by piece and step: what was told before */
    private array $told = [];

    private readonly int $dayBegins;

    private readonly int $dayEnds;

    public function __construct(private readonly ShopPlan $plan)
    {
        $workshop = $plan->state->workshop;
        $now = Carbon::createFromTimestamp($plan->state->now, $workshop->time_zone);
        $this->dayBegins = $now->copy()->startOfDay()->getTimestamp();
        $this->dayEnds = $now->copy()->endOfDay()->getTimestamp();
        foreach ($workshop->plan_summary->putOff ?? [] as $one) {
            $this->told[$one->pieceId][$one->step] = $one;
        }
    }

    /** @param  array<string, mixed>|null  $stands  the row that stands */
    public function look(int $piece, Step $step, ?array $stands): void
    {
        $starts = $this->plan->placed($piece, $step->id)?->start;
        if ($starts === null || $starts <= $this->dayEnds || $step->timing->minutes <= 0) {
            return;
        }
        // Thousands are looked at: times are read only of what was for today.
        $was = (string) ($stands['start_at'] ?? '');
        $one = $was === '' || $was > StepTimes::sql($this->dayEnds) ? $this->told[$piece][$step->id] ?? null
            : new PutOff($piece, $step->id, Carbon::parse($was, 'UTC')->getTimestamp());
        if ($one !== null && $one->was >= $this->dayBegins) {
            $this->found[] = $one;
        }
    }

    /** @return list<PutOff> */
    public function all(): array
    {
        return $this->found;
    }
}
